package joropo.core.removal;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What has to come out and how it can be reached; what is absent nobody has looked at.
 *
 * @param edgeReachable whether its edge shows, @param spaceInLineMm room in line with the shaft
 * @param behindMm free depth behind it, to a bearing or a face, @param besideBrittleFace whether a brittle face or the
 *     running surface lies beside it
 * @param otherSideAccess whether it can be reached from behind, @param pressureAllowed whether the maker's instruction
 *     allows pressure, @param otherEndClosed whether shaft or plug closes the other end, @param allElseClosed whether
 *     everything else is closed, @param oilAndClear whether oil is used and people stand clear
 * @param tightRing which ring of a bearing is tight
 * @param elastomersStay whether elastomers near by stay in, @param flammable whether anything flammable, or a
 *     refrigerant, is near
 * @param rimProud whether a rim or flange stands proud, @param toolLengthMm of the slide hammer, @param lipOpeningMm
 *     free opening inside the lip
 */
@RecordBuilder
public record RemovalInput(
        What what,
        Boolean edgeReachable,
        @Nullable Double spaceInLineMm,
        @Nullable Double behindMm,
        @Nullable Boolean besideBrittleFace,
        @Nullable Boolean otherSideAccess,
        @Nullable Boolean pressureAllowed,
        @Nullable Boolean otherEndClosed,
        @Nullable Boolean allElseClosed,
        @Nullable Boolean oilAndClear,
        @Nullable TightRing tightRing,
        @Nullable Boolean elastomersStay,
        @Nullable Boolean flammable,
        @Nullable Boolean rimProud,
        @Nullable Double toolLengthMm,
        @Nullable Double lipOpeningMm) {
    /** What comes out. */
    public enum What {
        LIP_SEAL("lip seal"),
        SEAT("seat of a mechanical seal"),
        RING("ring in a groove"),
        BEARING("bearing"),
        PACKING("packing");

        private final String words;

        What(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The ring of a bearing that sits tight: force goes through it. */
    public enum TightRing {
        INNER("inner ring"),
        OUTER("outer ring");

        private final String words;

        TightRing(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public RemovalInput {
        new Needs()
                .given("what", what)
                .given("edgeReachable", edgeReachable)
                .optionalNotNegative("spaceInLineMm", spaceInLineMm)
                .optionalNotNegative("behindMm", behindMm)
                .optionalSize("toolLengthMm", toolLengthMm)
                .optionalNotNegative("lipOpeningMm", lipOpeningMm)
                .done();
    }
}
