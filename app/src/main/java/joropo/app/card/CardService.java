package joropo.app.card;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import joropo.app.job.Addendum;
import joropo.app.job.Job;
import joropo.app.job.Review;
import joropo.app.job.Signature;
import joropo.app.job.Snapshot;
import joropo.app.print.Printing;
import joropo.app.ui.Show;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Prints a bench card from its snapshot. */
@Service
public class CardService {
    private final Printing printing;
    private final Show show;

    CardService(Printing printing, Show show) {
        this.printing = printing;
        this.show = show;
    }

    /** The card as PDF. @param job absent: none, @param signature absent while it is open, @param unit of the reader */
    public byte[] pdf(
            @Nullable Job job,
            Snapshot card,
            @Nullable Signature signature,
            List<Addendum> addenda,
            List<Review> reviews,
            LengthUnit unit) {
        Map<String, Object> values = new HashMap<>(Map.of("card", card, "show", show, "addenda", addenda));
        values.put("job", job);
        values.put("signature", signature);
        values.put("reviews", reviews);
        return printing.pdf("card/card", values, unit);
    }
}
