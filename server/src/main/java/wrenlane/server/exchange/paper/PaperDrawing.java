package wrenlane.server.exchange.paper;

import java.util.List;
import java.util.Locale;
import wrenlane.drawing.Drawing;
import wrenlane.drawing.Layer;
import wrenlane.drawing.Shape;
import wrenlane.drawing.Svg;

/**
 * A drawing as it stands on a page. Its words are words of the page, set over the drawing, so that they can be searched
 * and copied.
 *
 * @param svg the drawing without its words
 * @param widthMillimetres on the page
 * @param heightMillimetres on the page
 * @param scale as 1 : so many
 */
record PaperDrawing(String svg, String widthMillimetres, String heightMillimetres, long scale, List<Word> words) {
    private static final double MILLIMETRES = 1000;

    /** A word and the box it is set in, from the drawing's upper left corner. */
    record Word(String text, String leftMillimetres, String topMillimetres) {
        /** With the middle of its foot at a place in millimetres. */
        static Word at(String text, double x, double y) {
            return new Word(text, millimetres(x - HALF_BOX), millimetres(y - FOOT));
        }
    }

    /** Half the width and the height of the box a word is set in, in millimetres. */
    private static final double HALF_BOX = 20;

    private static final double FOOT = 4;

    static PaperDrawing of(Drawing drawing, Paper paper) {
        return of(drawing, paper, 1);
    }

    /** The same on a share of the room a page has for one. */
    static PaperDrawing of(Drawing drawing, Paper paper, double share) {
        Drawing shapes = drawing.without(Layer.LABELS);
        Drawing.Bounds b = shapes.bounds();
        double width = b.widthMetres() + 2 * Svg.MARGIN_METRES;
        double height = b.heightMetres() + 2 * Svg.MARGIN_METRES;
        double scale =
                share * Math.min(paper.drawingWidthMillimetres() / width, paper.drawingHeightMillimetres() / height);
        String w = millimetres(width * scale);
        String h = millimetres(height * scale);
        List<Word> words = drawing.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(Shape.Label.class::cast)
                .map(l -> Word.at(
                        l.text(),
                        (l.at().x() - b.minX() + Svg.MARGIN_METRES) * scale,
                        (b.maxY() - l.at().y() + Svg.MARGIN_METRES) * scale))
                .toList();
        return new PaperDrawing(
                Svg.element(shapes, "width:" + w + "mm;height:" + h + "mm"),
                w,
                h,
                Math.round(MILLIMETRES / scale),
                words);
    }

    /** As they stand in a style or a drawing. */
    static String millimetres(double mm) {
        return String.format(Locale.ROOT, "%.2f", mm);
    }
}
