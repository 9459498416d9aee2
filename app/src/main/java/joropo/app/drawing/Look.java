package joropo.app.drawing;

import org.jspecify.annotations.Nullable;

/**
 * How a section is laid on its paper.
 *
 * @param handles whether parts can be taken hold of on a page, @param chosen the part that stands out, absent: none
 */
public record Look(
        Paper paper, View view, boolean handles, @Nullable Integer chosen) {
    /** As a sheet or a file shows it. */
    public static final Look SHEET = new Look(Paper.SHEET, View.OUTSIDE_LEFT, false, null);

    /**
     * What there is room for; widths and heights in units of the picture, as many as pixels where it is shown at 1:1.
     */
    public enum Paper {
        /** Beside the cards of a sheet, and in print. */
        SHEET(780, 176, 100, 378, 155, 330, 70, 4, 244),
        /** The whole width of a bench. */
        WIDE(1240, 128, 100, 284, 250, 720, 150, 9, 400),
        /** A narrow screen: parts and tags, no chains of sizes. */
        NARROW(420, 132, 100, 300, 80, 262, 56, 5, 14);

        final double width;
        final double shaftY;
        final double roomR;
        final double bottomY;
        final double datumX;
        final double roomX;
        final double roomProud;
        final int tags;
        final double tagsFrom;

        Paper(
                double width,
                double shaftY,
                double roomR,
                double bottomY,
                double datumX,
                double roomX,
                double roomProud,
                int tags,
                double tagsFrom) {
            this.width = width;
            this.shaftY = shaftY;
            this.roomR = roomR;
            this.bottomY = bottomY;
            this.datumX = datumX;
            this.roomX = roomX;
            this.roomProud = roomProud;
            this.tags = tags;
            this.tagsFrom = tagsFrom;
        }

        boolean hasChains() {
            return this != NARROW;
        }

        double height() {
            return bottomY + (hasChains() ? this == WIDE ? 128 : 142 : 34);
        }
    }

    /** Which way outside lies. The parts are drawn the same; the paper is turned. */
    public enum View {
        OUTSIDE_LEFT("outside left", 1, 0),
        OUTSIDE_RIGHT("outside right", -1, 0),
        OUTSIDE_UP("outside up", 0, 1),
        OUTSIDE_DOWN("outside down", 0, -1);

        private final String words;
        final int inwardX;
        final int inwardY;

        View(String words, int inwardX, int inwardY) {
            this.words = words;
            this.inwardX = inwardX;
            this.inwardY = inwardY;
        }

        public String words() {
            return words;
        }

        /** The one that comes after it when the paper is turned on. */
        public View next() {
            return values()[(ordinal() + 1) % values().length];
        }

        public boolean isUpright() {
            return inwardX == 0;
        }

        /** Whether the paper is turned over, left for right, before it is turned up. */
        boolean mirrors() {
            return this == OUTSIDE_RIGHT || this == OUTSIDE_UP;
        }
    }
}
