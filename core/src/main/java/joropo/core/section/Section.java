package joropo.core.section;

import java.util.List;
import java.util.Optional;
import joropo.core.lipseal.Rotation;
import joropo.core.lipseal.Side;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Half a lengthwise cut through one shaft entry. x runs along the axis in mm from the datum face of the housing, positive into
 * the machine; lists run from outside to inside. Today it holds one seal between two spaces.
 * @param rotation as seen from outside; absent: not known
 * @param spaces outside first, one more than there are seals
 * @param axialPlayMm whole play of the shaft, absent: 0, @param growthMm growth when hot, signed, + is inward, absent: 0
 * @param boreFromMm mouth of the bore, absent: 0
 * @param cylindricalDepthMm, @param totalDepthMm, @param cornerRadiusMm of the seat, where read
 * @param depthUncertaintyMm of depths along the axis, absent: 0
 */
public record Section(String name, @Nullable Rotation rotation, Double shaftDiameterMm, Double boreDiameterMm,
                      @Nullable Side shaftEntersFrom, List<Space> spaces, List<BoreItem> boreItems, List<ShaftItem> shaftItems,
                      @Nullable Double axialPlayMm, @Nullable Double growthMm, @Nullable Double boreFromMm,
                      @Nullable Double cylindricalDepthMm, @Nullable Double totalDepthMm, @Nullable Double cornerRadiusMm,
                      @Nullable Double depthUncertaintyMm) {
    public Section {
        new Needs().given("name", name).size("shaftDiameterMm", shaftDiameterMm).size("boreDiameterMm", boreDiameterMm)
                .that("boreDiameterMm", shaftDiameterMm == null || boreDiameterMm == null || boreDiameterMm > shaftDiameterMm,
                        "must be above the shaft, got " + boreDiameterMm)
                .that("spaces", spaces != null && spaces.size() == 2, "needs outside and inside")
                .that("boreItems", boreItems != null && boreItems.stream().filter(BoreItem.Seal.class::isInstance).count() == 1, "needs one seal")
                .given("shaftItems", shaftItems).optionalNotNegative("axialPlayMm", axialPlayMm).optionalPlace("growthMm", growthMm)
                .optionalPlace("boreFromMm", boreFromMm).optionalSize("cylindricalDepthMm", cylindricalDepthMm)
                .optionalSize("totalDepthMm", totalDepthMm).optionalNotNegative("cornerRadiusMm", cornerRadiusMm)
                .optionalNotNegative("depthUncertaintyMm", depthUncertaintyMm).done();
        spaces = List.copyOf(spaces);
        boreItems = List.copyOf(boreItems);
        shaftItems = List.copyOf(shaftItems);
        axialPlayMm = axialPlayMm == null ? 0 : axialPlayMm;
        growthMm = growthMm == null ? 0 : growthMm;
        boreFromMm = boreFromMm == null ? 0 : boreFromMm;
        depthUncertaintyMm = depthUncertaintyMm == null ? 0 : depthUncertaintyMm;
    }

    /** The same section with its seal at another place, read with this uncertainty (mm). */
    public Section withSealAt(double fromMm, double u) {
        return with(boreItems.stream().map(i -> i instanceof BoreItem.Seal s ? s.at(fromMm) : i).toList(), shaftItems, u);
    }

    /** The same section with the old track worked off or covered. */
    public Section withoutGroove() {
        return with(boreItems, shaftItems.stream().filter(i -> !(i instanceof ShaftItem.WearGroove)).toList(), depthUncertaintyMm);
    }

    private Section with(List<BoreItem> newBoreItems, List<ShaftItem> newShaftItems, double u) {
        return new Section(name, rotation, shaftDiameterMm, boreDiameterMm, shaftEntersFrom, spaces, newBoreItems, newShaftItems, axialPlayMm, growthMm, boreFromMm,
                cylindricalDepthMm, totalDepthMm, cornerRadiusMm, u);
    }

    public BoreItem.Seal seal() {
        return boreItem(BoreItem.Seal.class).orElseThrow();
    }

    public <T extends BoreItem> Optional<T> boreItem(Class<T> kind) {
        return boreItems.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    public <T extends ShaftItem> Optional<T> shaftItem(Class<T> kind) {
        return shaftItems.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    public Space outside() {
        return spaces.get(0);
    }

    public Space inside() {
        return spaces.get(1);
    }

    Space space(Side side) {
        return side == Side.OUT ? outside() : inside();
    }

    /** Half the play and the whole growth, either way: how far a turning part may come nearer (mm, computed). */
    double wanderMm() {
        return axialPlayMm / 2 + Math.abs(growthMm);
    }
}
