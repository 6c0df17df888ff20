package wrenlane.drawing;

import java.util.Locale;
import java.util.stream.Collectors;
import wrenlane.plane.Point;

/**
 * A drawing as SVG 1.1: user units are metres, one group a layer, named by its id. y runs down in SVG, so that a point
 * (x, y) of the drawing stands at (x, −y).
 */
public final class Svg {
    /** Room left free round the drawing, in metres. */
    public static final double MARGIN_METRES = 1;

    private Svg() {}

    /** The whole document. */
    public static String of(Drawing drawing) {
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + element(drawing, "");
    }

    /**
     * The element alone, to stand in a page.
     *
     * @param attributes more of them, such as its size on the page
     */
    public static String element(Drawing drawing, String attributes) {
        Drawing.Bounds b = drawing.bounds();
        double width = b.widthMetres() + 2 * MARGIN_METRES;
        double height = b.heightMetres() + 2 * MARGIN_METRES;
        StringBuilder svg = new StringBuilder();
        svg.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" viewBox=\"%s %s %s %s\" %s>%n",
                metres(b.minX() - MARGIN_METRES),
                metres(-b.maxY() - MARGIN_METRES),
                metres(width),
                metres(height),
                attributes));
        svg.append("<desc>User units are metres.</desc>\n");
        for (Layer layer : Layer.values()) {
            String shapes = drawing.shapes().stream()
                    .filter(s -> s.layer() == layer)
                    .map(Svg::shape)
                    .collect(Collectors.joining("\n"));
            if (!shapes.isEmpty()) {
                svg.append("<g id=\"")
                        .append(layer.id())
                        .append("\" ")
                        .append(style(layer))
                        .append(">\n");
                svg.append("<title>")
                        .append(layer.id())
                        .append("</title>\n")
                        .append(shapes)
                        .append("\n</g>\n");
            }
        }
        return svg.append("</svg>\n").toString();
    }

    private static String style(Layer layer) {
        return switch (layer) {
            case YARD -> "fill=\"none\" stroke=\"#000000\" stroke-width=\"0.1\"";
            case OBSTACLES -> "fill=\"#808080\" stroke=\"#000000\" stroke-width=\"0.03\"";
            case AREAS -> "fill=\"none\" stroke=\"#808080\" stroke-width=\"0.03\" stroke-dasharray=\"0.3 0.2\"";
            case LINES -> "fill=\"none\" stroke=\"#000000\" stroke-width=\"0.05\"";
            case RIDE_LINE -> "fill=\"none\" stroke=\"#2f5f93\" stroke-width=\"0.06\"";
            case CONES -> "fill=\"none\" stroke=\"#c43f15\" stroke-width=\"0.05\"";
            case CHALK -> "fill=\"none\" stroke=\"#000000\" stroke-width=\"0.06\"";
            case LABELS -> "fill=\"#000000\" stroke=\"none\" text-anchor=\"middle\" font-family=\"sans-serif\"";
        };
    }

    private static String shape(Shape shape) {
        if (shape instanceof Shape.Ring r) {
            return "<circle cx=\"" + metres(r.centre().x()) + "\" cy=\""
                    + metres(-r.centre().y()) + "\" r=\"" + metres(r.radiusMetres()) + "\"/>";
        }
        if (shape instanceof Shape.Path p) {
            String points = p.points().stream().map(Svg::place).collect(Collectors.joining(" "));
            return "<" + (p.closed() ? "polygon" : "polyline") + " points=\"" + points + "\"/>";
        }
        Shape.Label l = (Shape.Label) shape;
        return "<text x=\"" + metres(l.at().x()) + "\" y=\"" + metres(-l.at().y()) + "\" font-size=\""
                + metres(l.heightMetres()) + "\">" + escaped(l.text()) + "</text>";
    }

    private static String place(Point p) {
        return metres(p.x()) + "," + metres(-p.y());
    }

    /** To a tenth of a millimetre. */
    private static String metres(double m) {
        return String.format(Locale.ROOT, "%.4f", m + 0.0);
    }

    /** Text safe between tags; characters XML does not allow are left out. */
    static String escaped(String text) {
        return text.replaceAll("[^\\x09\\x0A\\x0D\\x20-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]", "")
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;");
    }
}
