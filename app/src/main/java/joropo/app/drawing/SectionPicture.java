package joropo.app.drawing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.SectionResult.Band;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What is to be drawn.
 *
 * @param stopMm where the stop is drawn, @param stopRead whether it was read, or only fills the picture
 * @param tracks band of each lip, none while way round or width are only assumed
 * @param shaftLabel, @param boreLabel how the diameters are written, such as "45 h11"; absent while not known
 * @param notes what in the picture is assumed
 */
@RecordBuilder
public record SectionPicture(
        Section section,
        double stopMm,
        boolean stopRead,
        boolean depthRead,
        List<Band> tracks,
        @Nullable String shaftLabel,
        @Nullable String boreLabel,
        List<String> notes,
        List<Pin> pins,
        DrawingStyle look) {
    /** Room left behind the last part where no stop is known (mm). */
    private static final double NO_STOP_MM = 2.5;

    /**
     * A whole section as it was given, nothing assumed. @throws joropo.core.units.RefusedInput when shaft or bore are
     * not known
     */
    public static SectionPicture of(Section section) {
        return of(
                section,
                LipSealRules.section(section).lipTracks().stream()
                        .map(t -> new Band(t.fromMm(), t.toMm()))
                        .toList());
    }

    /** @param tracks as the rules found them */
    public static SectionPicture of(Section section, List<Band> tracks) {
        new Needs()
                .size("shaftDiameterMm", section.shaftDiameterMm())
                .size("boreDiameterMm", section.boreDiameterMm())
                .done();
        double deepest = section.boreItems().stream()
                .filter(BoreItem.Stacked.class::isInstance)
                .mapToDouble(BoreItem::toMm)
                .max()
                .orElse(0);
        // the stop is the shoulder behind the stack; one before it is a collar in the bore
        var shoulder = section.boreItems().stream()
                .filter(i -> i instanceof BoreItem.Shoulder && i.fromMm() >= deepest - 1)
                .findFirst();
        return SectionPictureBuilder.builder()
                .section(section)
                .stopMm(shoulder.map(BoreItem::fromMm).orElse(deepest + NO_STOP_MM))
                .stopRead(shoulder.isPresent())
                .depthRead(true)
                .tracks(tracks)
                .shaftLabel("Ø " + Mm.show(section.shaftDiameterMm(), 2))
                .boreLabel("Ø " + Mm.show(section.boreDiameterMm(), 2))
                .notes(List.of())
                .pins(List.of())
                .look(DrawingStyle.SHEET)
                .build();
    }

    public SectionPicture with(List<Pin> newPins) {
        return SectionPictureBuilder.builder(this).pins(newPins).build();
    }

    public SectionPicture with(DrawingStyle newLook) {
        return SectionPictureBuilder.builder(this).look(newLook).build();
    }
}
