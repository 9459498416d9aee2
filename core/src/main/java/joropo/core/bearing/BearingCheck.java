package joropo.core.bearing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterResult;
import joropo.core.readings.Gauge;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Ranges;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.FindingBuilder;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A bearing on the way to a seal: force, seat, home, look, marking, grease, feed, and whether it is used again (guide).
 */
public final class BearingCheck {
    /** A bearing is home within this of its shoulder (mm, guide). */
    private static final double HOME_MM = 0.05;
    /** Grams of one shot for each square millimetre of outside times width (guide). */
    private static final double SHOT_G_PER_MM2 = 0.005;

    private static final String GUIDE = "bearings on the way";

    private record Line(Ring ring, double overMm, double toMm, double belowUm) {
        Line(CsvTable.Row row) {
            this(Ring.valueOf(row.text("ring")), row.number("over_mm"), row.number("to_mm"), row.number("below_um"));
        }
    }

    private static final Ranges<Line> BORES = tolerances(Ring.INNER);
    private static final Ranges<Line> OUTSIDES = tolerances(Ring.OUTER);

    private final BearingInput in;
    private final Ring tight;
    private final List<Finding> findings = new ArrayList<>();

    private BearingCheck(BearingInput in) {
        this.in = in;
        tight = in.tightRing();
    }

    private static Ranges<Line> tolerances(Ring ring) {
        return new Ranges<>(
                "bearing-tolerances, " + ring,
                CsvTable.rows("bearing-tolerances", Line::new).stream()
                        .filter(l -> l.ring == ring)
                        .toList(),
                Line::overMm,
                Line::toMm);
    }

    /** @throws joropo.core.units.RefusedInput when a seat is of no class that is known */
    public static BearingResult check(BearingInput in) {
        return new BearingCheck(in).result();
    }

    /**
     * What is said of one that came off while something that every check of it needs is not known. @param wanted that
     */
    public static Finding unread(List<String> wanted) {
        return Finding.missing(
                "look",
                "bearing as inspected",
                "It came off, and is not known yet: " + String.join(", ", wanted) + ".",
                "Look at it, washed and turned dry, before it goes back.");
    }

    private BearingResult result() {
        DiameterInput fit = tight == Ring.INNER ? in.shaftFit() : in.boreFit();
        Limits interference = fit == null ? null : interference(DiameterCheck.check(fit));
        findings.add(force());
        findings.add(seat(interference));
        findings.add(home());
        findings.add(look());
        findings.add(marking());
        findings.add(grease());
        findings.add(feed());
        findings.add(reuse());
        return new BearingResult(
                tight,
                interference == null ? null : interference.lower(),
                interference == null ? null : interference.upper(),
                Length.snap(SHOT_G_PER_MM2 * in.outsideMm() * in.widthMm()),
                findings);
    }

    /**
     * From the least to the most that the tight seat as read holds this ring, by the ring's own tolerance (ISO 492).
     */
    private Limits interference(DiameterResult seat) {
        double nominal = tight == Ring.INNER ? in.boreMm() : in.outsideMm();
        double least = nominal - (tight == Ring.INNER ? BORES : OUTSIDES).atOrLast(nominal).belowUm / 1000;
        return tight == Ring.INNER
                ? new Limits(Length.snap(seat.minMm() - nominal), Length.snap(seat.maxMm() - least))
                : new Limits(Length.snap(least - seat.maxMm()), Length.snap(nominal - seat.minMm()));
    }

    private Finding force() {
        String subject = "ring that takes the force";
        String assumed =
                in.tightIsAssumed() ? " The load is assumed to stand still: the ring that turns is tight." : "";
        if (in.forceOn() == null) {
            return Finding.missing(
                    "force",
                    subject,
                    "What the tool bears on is not known; the " + tight.words() + " is tight." + assumed,
                    "Say which ring the force goes through.");
        }
        return in.forceOn().reaches(tight)
                ? guide(
                        "force",
                        Status.PASS,
                        subject,
                        "The force goes through " + in.forceOn().words() + ": the " + tight.words() + " is tight."
                                + assumed,
                        "")
                : guide(
                        "force",
                        Status.FAIL,
                        subject,
                        "The force goes through the balls: the " + tight.words() + " is tight." + assumed,
                        "Press on the " + tight.words() + ", or with a plate on both.");
    }

    private Finding seat(@Nullable Limits interference) {
        String subject = "seats of the bearing";
        DiameterInput own = tight == Ring.INNER ? in.shaftFit() : in.boreFit();
        DiameterInput other = tight == Ring.INNER ? in.boreFit() : in.shaftFit();
        if (own == null) {
            return Finding.missing(
                    "seat",
                    subject,
                    "The seat of the " + tight.words() + ", which is tight, has not been read.",
                    tight == Ring.INNER
                            ? "Read the shaft there, " + Length.show(in.boreMm(), 1) + " mm."
                            : "Read the bore there, " + Length.show(in.outsideMm(), 1) + " mm.");
        }
        List<Finding> all = new ArrayList<>(List.of(held(subject, interference)));
        all.addAll(read(own));
        if (other != null) {
            all.addAll(read(other));
        }
        Finding worst = all.stream().min(Comparator.comparing(Finding::status)).orElseThrow();
        boolean missing = other == null && in.noRing() == null && worst.status() == Status.PASS;
        return FindingBuilder.builder(worst)
                .id("seat")
                .subject(subject)
                .message(worst.message()
                        + (missing ? " The seat of the " + tight.other().words() + " is assumed to its size." : ""))
                .build();
    }

    /** Whether the tight seat holds its ring. */
    private Finding held(String subject, Limits interference) {
        String range = "Interference of the " + tight.words() + " from " + Length.show(interference.lower(), 3) + " to "
                + Length.show(interference.upper(), 3) + " mm.";
        if (interference.upper() <= 0) {
            return guide(
                    "seat",
                    Status.FAIL,
                    subject,
                    range + " It creeps on its seat.",
                    "Bring the seat back to size; glue only where the maker of the machine says so.");
        }
        return interference.lower() < 0
                ? guide("seat", Status.CAUTION, subject, range + " It may creep.", "Measure this bearing itself.")
                : guide("seat", Status.PASS, subject, range, "");
    }

    private static List<Finding> read(DiameterInput seat) {
        return DiameterCheck.check(seat).findings();
    }

    private Finding home() {
        String subject = "bearing on its shoulder";
        if (in.homeDepthMm() == null || in.measuredDepthMm() == null) {
            return Finding.missing(
                    "home",
                    subject,
                    in.homeDepthMm() == null
                            ? "How deep it stands when it is home is not known."
                            : "How deep it stands has not been read.",
                    "Read the depth of the shoulder before, and of its face after; try a feeler.");
        }
        double uncertainty = in.uncertaintyMm() == null
                ? Gauge.CALIPER_DEPTH.uncertaintyMm(Math.max(1, Math.abs(in.measuredDepthMm())))
                : in.uncertaintyMm();
        Limits limits = new Limits(Length.snap(in.homeDepthMm() - HOME_MM), Length.snap(in.homeDepthMm() + HOME_MM));
        Status read = limits.judge(in.measuredDepthMm(), uncertainty);
        boolean deeper = in.measuredDepthMm() > in.homeDepthMm();
        Status status = read == Status.FAIL && deeper
                ? Status.REMEASURE
                : read == Status.PASS && in.uncertaintyMm() == null ? Status.CAUTION : read;
        String message =
                switch (status) {
                    case PASS -> "It lies on its shoulder.";
                    case CAUTION ->
                        "It lies on its shoulder as far as a caliper's depth rod tells: the gauge is not " + "named.";
                    case FAIL ->
                        "It is not home: there is dirt under it, or it stopped short. It settles under load "
                                + "and opens the play.";
                    default ->
                        read == Status.FAIL
                                ? "It reads deeper than its shoulder: one of the two is misread."
                                : "The gauge cannot tell whether it is home.";
                };
        return guide(
                        "home",
                        status,
                        subject,
                        message,
                        switch (status) {
                            case PASS -> "";
                            case CAUTION -> "Name the gauge.";
                            case FAIL -> "Out, clean both faces, in again; listen for the sound, try a feeler.";
                            default -> "Read both depths again with a depth micrometer.";
                        })
                .withValue(in.measuredDepthMm(), "mm")
                .withLimits(limits, uncertainty);
    }

    private Finding look() {
        String subject = "bearing as inspected";
        if (in.signs() == null) {
            return Finding.missing(
                    "look",
                    subject,
                    "It has not been looked at.",
                    "Wash it, turn it dry by hand, look at tracks, rollers, cage and edges.");
        }
        BearingSign worst = in.signs().stream()
                .min(Comparator.comparing((BearingSign s) -> s.allows(in.duty())))
                .orElse(null);
        if (worst == null) {
            return guide("look", Status.PASS, subject, "Nothing is seen on it.", "");
        }
        Status status = worst.allows(in.duty());
        return guide(
                "look",
                status,
                subject,
                worst.message() + (status == Status.CAUTION ? " Good for slow duty only." : ""),
                switch (status) {
                    case PASS -> "";
                    case CAUTION -> "Write down the inspection, or take a new one.";
                    case FAIL -> "Take a new one.";
                    default -> "Wash it and try it again; if it stays, take a new one.";
                });
    }

    private Finding marking() {
        String subject = "marking of the bearing";
        if (in.markingOld() == null) {
            return Finding.missing(
                    "marking",
                    subject,
                    "The marking of the old one has not been read.",
                    "Read number, clearance mark and whether it is sealed or open.");
        }
        if (in.markingNew() == null) {
            return guide(
                    "marking",
                    Status.PASS,
                    subject,
                    "It reads " + in.markingOld() + ". No new one is named: this one is assumed to go back.",
                    "");
        }
        boolean same = plain(in.markingOld()).equals(plain(in.markingNew()));
        return guide(
                "marking",
                same ? Status.PASS : Status.CAUTION,
                subject,
                same
                        ? "Old and new read the same."
                        : "Another one goes in: " + in.markingOld() + " came out, " + in.markingNew() + " goes in.",
                same ? "" : "Compare size, clearance and seals with the maker's table; write the substitution down.");
    }

    private static String plain(String marking) {
        return marking.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
    }

    private Finding grease() {
        String subject = "grease in the bearing";
        if (Boolean.TRUE.equals(in.sealed()) && in.greaseNew() == null) {
            return guide("grease", Status.PASS, subject, "It is filled for life: nothing is worked in.", "");
        }
        if (in.greaseOld() == null || in.greaseNew() == null) {
            return Finding.missing(
                    "grease",
                    subject,
                    (in.greaseOld() == null ? "What grease is in it" : "What grease goes in") + " is not known.",
                    "Name the soap of both, or wash the old one out.");
        }
        return in.greaseOld().mixesWith(in.greaseNew())
                ? guide(
                        "grease",
                        Status.PASS,
                        subject,
                        "Both are of one family. Work it in until it shows on the other side.",
                        "")
                : guide(
                        "grease",
                        Status.CAUTION,
                        subject,
                        in.greaseOld().words() + " and " + in.greaseNew().words() + " grease do not mix: they run out.",
                        "Wash the old grease out, with nothing that attacks the seals.");
    }

    private Finding feed() {
        String subject = "feed of the bearing";
        if (in.sealed() == null) {
            return Finding.missing("feed", subject, "Whether it is sealed or open is not known.", "Look at its sides.");
        }
        return guide(
                "feed",
                Status.PASS,
                subject,
                in.sealed()
                        ? "It is sealed and needs no port: one that leads to it is closed and tagged."
                        : "It is open and is fed by what the seal keeps.",
                "");
    }

    private Finding reuse() {
        Finding worst =
                findings.stream().min(Comparator.comparing(Finding::status)).orElseThrow();
        return guide(
                "reuse",
                worst.status(),
                "the bearing used again",
                switch (worst.status()) {
                    case PASS -> "It may go back.";
                    case CAUTION -> "It may go back, with the caution about the " + worst.subject() + ".";
                    case MISSING -> "Not yet: the " + worst.subject() + " is not known.";
                    case REMEASURE -> "Not yet: the " + worst.subject() + " is looked at again.";
                    default -> "It does not go back as it is: " + worst.subject() + ".";
                },
                worst.remedy());
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }
}
