package joropo.app.drawing;

/** What there is room for; widths and heights in units of the picture, as many as pixels where it is shown at 1:1. */
public enum Paper {
    /** Beside the cards of a sheet, and in print: the seals and their neighbours, what lies further is broken off. */
    SHEET(780, 154, 184, 408, 130, 520, 90, 5, 244),
    /** The same with the whole entry. */
    WHOLE(780, 154, 184, 408, 130, 520, 90, 5, 244),
    /** The whole width of a bench. */
    WIDE(1240, 128, 100, 284, 250, 720, 150, 9, 400),
    /** A narrow screen: parts and tags, no chains of sizes. */
    NARROW(420, 120, 116, 300, 70, 290, 56, 5, 14);

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

    boolean isOfASheet() {
        return this == SHEET || this == WHOLE;
    }

    /** Whether it shows the seals and their neighbours alone. */
    boolean isCutOff() {
        return this == SHEET || this == NARROW;
    }

    boolean hasChains() {
        return this != NARROW;
    }

    double height() {
        return bottomY + (hasChains() ? this == WIDE ? 128 : 142 : 34);
    }
}
