package joropo.app.exchange;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import joropo.app.database.Failures;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/** What takes longer than a page waits: one at a time, told how far it is, stopped on demand. */
@Component
class LongWork implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(LongWork.class);
    private static final int WHOLE = 100;

    private final Clock clock;
    private final ExecutorService one = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "long-work");
        thread.setDaemon(true);
        return thread;
    });
    private volatile @Nullable Running running;

    LongWork(Clock clock) {
        this.clock = clock;
    }

    /** How far a work is. Asked for by whoever counts. */
    public interface Tell {
        /** There is so much to do. */
        void outOf(long all);

        /** One more is done. @throws CancellationException when it is to stop */
        void one();

        /** For works that nobody watches. */
        static Tell nobody() {
            return new Tell() {
                @Override
                public void outOf(long all) {}

                @Override
                public void one() {}
            };
        }
    }

    /** What is to be done. */
    interface Work {
        Outcome run(Tell tell) throws Exception;
    }

    /** How it ended. @param lines what there is to read, @param link to what it made, absent: nothing */
    record Outcome(
            boolean well,
            String words,
            List<String> lines,
            @Nullable String link) {}

    /** @param percent done, @param ended absent: it runs */
    record Progress(
            String what,
            String by,
            Instant since,
            int percent,
            @Nullable Outcome ended) {}

    private static final class Running implements Tell {
        private final String what;
        private final String by;
        private final Instant since;
        private final AtomicLong done = new AtomicLong();
        private volatile long all = 1;
        private volatile boolean stopped;
        private volatile @Nullable Outcome ended;

        Running(String what, String by, Instant since) {
            this.what = what;
            this.by = by;
            this.since = since;
        }

        @Override
        public void outOf(long newAll) {
            all = Math.max(1, newAll);
            done.set(0);
        }

        @Override
        public void one() {
            done.incrementAndGet();
            if (stopped) {
                throw new CancellationException();
            }
        }
    }

    /** @return whether it was begun: not while another runs */
    synchronized boolean begin(String what, String by, Work work) {
        if (running != null && running.ended == null) {
            return false;
        }
        var mine = new Running(what, by, clock.instant());
        running = mine;
        one.submit(() -> {
            try {
                mine.ended = work.run(mine);
            } catch (CancellationException e) {
                mine.ended = new Outcome(false, "Stopped. Nothing was changed.", List.of(), null);
            } catch (Exception e) {
                LOG.warn("{} failed", what, e);
                mine.ended = new Outcome(false, Failures.words(e), List.of(), null);
            } finally {
                if (mine.ended == null) { // out of memory, say: the next work is not kept waiting for this one
                    mine.ended = new Outcome(false, "It broke off. See the log.", List.of(), null);
                }
            }
        });
        return true;
    }

    synchronized void stop() {
        if (running != null) {
            running.stopped = true;
        }
    }

    Optional<Progress> progress() {
        Running now = running;
        return now == null
                ? Optional.empty()
                : Optional.of(new Progress(
                        now.what,
                        now.by,
                        now.since,
                        (int) Math.min(WHOLE, WHOLE * now.done.get() / now.all),
                        now.ended));
    }

    @Override
    public void destroy() {
        stop();
        one.shutdown();
    }
}
