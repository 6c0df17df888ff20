package wrenlane.server.exchange.paper;

/** A size of paper, upright. */
enum Paper {
    A4("A4", 180, 86),
    LETTER("letter", 186, 68);

    private final String css;
    private final double drawingWidthMillimetres;
    private final double drawingHeightMillimetres;

    Paper(String css, double drawingWidthMillimetres, double drawingHeightMillimetres) {
        this.css = css;
        this.drawingWidthMillimetres = drawingWidthMillimetres;
        this.drawingHeightMillimetres = drawingHeightMillimetres;
    }

    String css() {
        return css;
    }

    /** Between margins of 15 mm. */
    double drawingWidthMillimetres() {
        return drawingWidthMillimetres;
    }

    /** So that the first figures stand on the same page. */
    double drawingHeightMillimetres() {
        return drawingHeightMillimetres;
    }
}
