package joropo.app.database;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What was read from the database and is asked for again and again. It is forgotten when any of it was changed, once
 * the change is on the disk.
 *
 * @param <K> what it is asked by, @param <V> what is remembered
 */
public final class Remembered<K, V> {
    private final TransactionTemplate reading;
    private final Map<K, V> known = new ConcurrentHashMap<>();
    private final AtomicLong changes = new AtomicLong();

    public Remembered(PlatformTransactionManager transactions) {
        reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
    }

    /** @param read reads it anew; within somebody's transaction nothing new is remembered, since it may be undone */
    public V get(K key, Function<K, V> read) {
        V there = known.get(key);
        if (there != null) {
            return there;
        }
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return read.apply(key);
        }
        long before = changes.get();
        V fresh = reading.execute(status -> read.apply(key));
        remember(key, fresh, before);
        return fresh;
    }

    private synchronized void remember(K key, V value, long before) {
        if (changes.get() == before) {
            known.put(key, value);
        }
    }

    /** To be said within the transaction that changes it. */
    public void forget() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                clear();
            }
        });
    }

    private synchronized void clear() {
        changes.incrementAndGet();
        known.clear();
    }
}
