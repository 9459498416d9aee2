package joropo.app.card;

import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import joropo.app.job.SnapshotBuilder;
import joropo.core.units.LengthUnit;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Prints one empty card in the background after the first start of this process, since the first one takes seconds. */
@Component
class CardWarmUp {
    private static final AtomicBoolean WARM = new AtomicBoolean();

    private final CardService cards;

    CardWarmUp(CardService cards) {
        this.cards = cards;
    }

    @EventListener(ApplicationReadyEvent.class)
    void warmUp() {
        if (WARM.getAndSet(true)) {
            return;
        }
        var thread = new Thread(
                () -> cards.pdf(
                        null,
                        SnapshotBuilder.builder()
                                .number("")
                                .machine("")
                                .place("")
                                .position("")
                                .openedAt(Instant.EPOCH)
                                .openedBy("")
                                .sheets(List.of())
                                .findings(List.of())
                                .drawing("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 1 1\"></svg>")
                                .steps(List.of())
                                .cautions(List.of())
                                .build(),
                        null,
                        List.of(),
                        List.of(),
                        LengthUnit.MM),
                "card-warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }
}
