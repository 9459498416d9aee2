package joropo.core.section;

import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.Side;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/** A part or a feature of the bore; x in mm from the datum face, positive into the machine. */
public sealed interface BoreItem {
    /**
     * A lip seal pressed into the bore.
     * @param fromMm x of its outer face, @param mainLip side to which its open side faces, @param dustLip side to which the dust lip
     *     faces, absent: none, @param lipOffsetMm from its open side to the lip, absent: 0.4 of the width
     * @param secondLip side to which the spring lip of a second seal right before it faces, absent: there is none
     */
    record Seal(String id, Double fromMm, Double widthMm, Double outsideDiameterMm, @Nullable CaseType caseType, Side mainLip,
                @Nullable Side dustLip, boolean spring, @Nullable Double lipOffsetMm, @Nullable Side secondLip) implements BoreItem {
        /** Where the lip stands when its maker does not say (guide). */
        private static final double USUAL_OFFSET = 0.4;

        /** A seal on its own. */
        public Seal(String id, Double fromMm, Double widthMm, Double outsideDiameterMm, @Nullable CaseType caseType, Side mainLip,
                    @Nullable Side dustLip, boolean spring, @Nullable Double lipOffsetMm) {
            this(id, fromMm, widthMm, outsideDiameterMm, caseType, mainLip, dustLip, spring, lipOffsetMm, null);
        }

        public Seal {
            new Needs().given("id", id).place("fromMm", fromMm).size("widthMm", widthMm).size("outsideDiameterMm", outsideDiameterMm)
                    .given("mainLip", mainLip).optionalNotNegative("lipOffsetMm", lipOffsetMm)
                    .that("lipOffsetMm", lipOffsetMm == null || widthMm == null || lipOffsetMm < widthMm, "must be below the width").done();
            lipOffsetMm = lipOffsetMm == null ? USUAL_OFFSET * widthMm : lipOffsetMm;
        }

        public double toMm() {
            return fromMm + widthMm;
        }

        /** The same seal at another place. */
        public Seal at(double newFromMm) {
            return new Seal(id, newFromMm, widthMm, outsideDiameterMm, caseType, mainLip, dustLip, spring, lipOffsetMm, secondLip);
        }

        /** x of the lip. */
        public double lipMm() {
            return mainLip == Side.IN ? toMm() - lipOffsetMm : fromMm + lipOffsetMm;
        }
    }

    /** A step of the housing that stops the seal. */
    record Shoulder(String id, Double fromMm, @Nullable Double insideDiameterMm) implements BoreItem {
        public Shoulder {
            new Needs().given("id", id).place("fromMm", fromMm).optionalSize("insideDiameterMm", insideDiameterMm).done();
        }
    }

    /**
     * A bearing behind the seal.
     * @param fromMm x of its outer ring's face, @param ringInsideDiameterMm inside of that face
     * @param turningFromMm x of the foremost part that turns: cage, balls or inner ring
     */
    record Bearing(String id, Double fromMm, @Nullable Double ringInsideDiameterMm, @Nullable Double turningFromMm) implements BoreItem {
        public Bearing {
            new Needs().given("id", id).place("fromMm", fromMm).optionalSize("ringInsideDiameterMm", ringInsideDiameterMm)
                    .optionalPlace("turningFromMm", turningFromMm).done();
        }
    }

    /** The chamfer at the mouth of the bore; length along the axis. */
    record LeadIn(Double lengthMm, @Nullable Double angleDeg) implements BoreItem {
        public LeadIn {
            new Needs().size("lengthMm", lengthMm).optionalBetween("angleDeg", angleDeg, 1, 89).done();
        }
    }
}
