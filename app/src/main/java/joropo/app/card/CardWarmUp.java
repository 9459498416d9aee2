package joropo.app.card;

import java.time.Instant;
import java.util.List;
import joropo.app.job.Snapshot;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Prints one empty card in the background after the start, since the first one takes seconds. */
@Component
class CardWarmUp {
    private final CardService cards;

    CardWarmUp(CardService cards) {
        this.cards = cards;
    }

    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        var thread = new Thread(
                () -> cards.pdf(
                        new Snapshot(
                                "",
                                "",
                                "",
                                "",
                                Instant.EPOCH,
                                "",
                                null,
                                null,
                                null,
                                null,
                                null,
                                List.of(),
                                List.of(),
                                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 1 1\"></svg>",
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of(),
                                List.of(),
                                null,
                                null,
                                null),
                        null,
                        List.of()),
                "card-warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }
}
