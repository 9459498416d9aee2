package joropo.app.store;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import joropo.app.access.Person;
import joropo.app.ui.NotFound;
import joropo.core.units.RefusedInput;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Service;

/**
 * Many lots from a file, received in small steps one after the other, so that everybody else goes on working between
 * them. It can be stopped: what is received by then stays.
 */
@Service
public class StoreImports implements DisposableBean {
    private static final int STEP = 25;
    private static final int MOST_KNOWN = 20;

    private final StoreService store;
    private final ExecutorService one = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "store-import");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<Long, Progress> known = new LinkedHashMap<>();
    private long last;

    StoreImports(StoreService store) {
        this.store = store;
    }

    /** How an import goes. */
    public enum State {
        RUNNING,
        STOPPED,
        REFUSED,
        DONE
    }

    /** @param received of all, @param message why it was refused, empty: it was not */
    public record Progress(long id, int total, int received, State state, String message) {
        public boolean isRunning() {
            return state == State.RUNNING;
        }

        private Progress to(int newReceived, State newState, String newMessage) {
            return new Progress(id, total, newReceived, newState, newMessage);
        }
    }

    /** @return its number */
    synchronized long start(List<NewLot> lots, Person person) {
        long id = ++last;
        known.put(id, new Progress(id, lots.size(), 0, State.RUNNING, ""));
        List<Long> old = new ArrayList<>(known.keySet());
        old.subList(0, Math.max(0, old.size() - MOST_KNOWN)).forEach(known::remove);
        one.submit(() -> receive(id, List.copyOf(lots), person));
        return id;
    }

    /** @throws NotFound when nothing is known of it any more */
    synchronized Progress progress(long id) {
        Progress there = known.get(id);
        if (there == null) {
            throw new NotFound("import " + id);
        }
        return there;
    }

    /** Nothing more is received; one that has ended stays as it ended. */
    synchronized void stop(long id) {
        Progress there = progress(id);
        if (there.isRunning()) {
            known.put(id, there.to(there.received(), State.STOPPED, ""));
        }
    }

    private void receive(long id, List<NewLot> lots, Person person) {
        for (int from = 0; from < lots.size() && isRunning(id); from += STEP) {
            List<NewLot> step = lots.subList(from, Math.min(lots.size(), from + STEP));
            try {
                store.receive(step, person);
                received(id, from + step.size());
            } catch (RefusedInput e) {
                end(id, State.REFUSED, LotReader.sentence(e));
            } catch (RuntimeException e) {
                end(id, State.REFUSED, "The store could not be written: " + e.getMessage());
            }
        }
    }

    private synchronized boolean isRunning(long id) {
        return known.containsKey(id) && known.get(id).isRunning();
    }

    private synchronized void received(long id, int count) {
        Progress there = known.get(id);
        if (there != null) {
            known.put(id, there.to(count, count == there.total() ? State.DONE : there.state(), ""));
        }
    }

    private synchronized void end(long id, State state, String message) {
        Progress there = known.get(id);
        if (there != null) {
            known.put(id, there.to(there.received(), state, message));
        }
    }

    @Override
    public void destroy() {
        one.shutdown();
    }
}
