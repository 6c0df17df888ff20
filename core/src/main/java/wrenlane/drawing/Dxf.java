package wrenlane.drawing;

import java.util.Locale;
import wrenlane.plane.Point;

/**
 * A drawing as DXF, release 12 (AC1009): the oldest that every reader knows. One unit is a metre. Pairs of a group code
 * and a value, a line each: a header, the layers, then the entities (POLYLINE with its VERTEX and SEQEND, CIRCLE, TEXT).
 */
public final class Dxf implements DrawingFormat {
    /** Numbers of the colours in every DXF reader: black or white, red, blue, grey. */
    private static final int PLAIN = 7;

    private static final int RED = 1;
    private static final int BLUE = 5;
    private static final int GREY = 8;

    @Override
    public String id() {
        return "dxf";
    }

    @Override
    public String label() {
        return "DXF";
    }

    /** Without a character set: nothing but ASCII stands in a file of this release. */
    @Override
    public String mediaType() {
        return "image/vnd.dxf";
    }

    @Override
    public String write(Drawing drawing) {
        StringBuilder dxf = new StringBuilder();
        Drawing.Bounds b = drawing.bounds();
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "HEADER");
        pair(dxf, 9, "$ACADVER");
        pair(dxf, 1, "AC1009");
        pair(dxf, 9, "$INSUNITS");
        pair(dxf, 70, "6");
        pair(dxf, 9, "$EXTMIN");
        place(dxf, 10, new Point(b.minX(), b.minY()));
        pair(dxf, 9, "$EXTMAX");
        place(dxf, 10, new Point(b.maxX(), b.maxY()));
        pair(dxf, 0, "ENDSEC");
        layers(dxf);
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "ENTITIES");
        drawing.shapes().forEach(s -> entity(dxf, s));
        pair(dxf, 0, "ENDSEC");
        pair(dxf, 0, "EOF");
        return dxf.toString();
    }

    private static void layers(StringBuilder dxf) {
        pair(dxf, 0, "SECTION");
        pair(dxf, 2, "TABLES");
        pair(dxf, 0, "TABLE");
        pair(dxf, 2, "LAYER");
        pair(dxf, 70, String.valueOf(Layer.values().length));
        for (Layer layer : Layer.values()) {
            pair(dxf, 0, "LAYER");
            pair(dxf, 2, layer.id());
            pair(dxf, 70, "0");
            pair(dxf, 62, String.valueOf(colour(layer)));
            pair(dxf, 6, "CONTINUOUS");
        }
        pair(dxf, 0, "ENDTAB");
        pair(dxf, 0, "ENDSEC");
    }

    private static int colour(Layer layer) {
        return switch (layer) {
            case CONES -> RED;
            case RIDE_LINE -> BLUE;
            case AREAS, OBSTACLES -> GREY;
            case YARD, LINES, CHALK, LABELS -> PLAIN;
        };
    }

    private static void entity(StringBuilder dxf, Shape shape) {
        if (shape instanceof Shape.Ring r) {
            begin(dxf, "CIRCLE", shape);
            place(dxf, 10, r.centre());
            pair(dxf, 40, number(r.radiusMetres()));
        } else if (shape instanceof Shape.Path p) {
            begin(dxf, "POLYLINE", shape);
            pair(dxf, 66, "1");
            place(dxf, 10, new Point(0, 0));
            pair(dxf, 70, p.closed() ? "1" : "0");
            for (Point point : p.points()) {
                begin(dxf, "VERTEX", shape);
                place(dxf, 10, point);
            }
            begin(dxf, "SEQEND", shape);
        } else if (shape instanceof Shape.Label l) {
            begin(dxf, "TEXT", shape);
            place(dxf, 10, l.at());
            pair(dxf, 40, number(l.heightMetres()));
            pair(dxf, 1, oneLine(l.text()));
        }
    }

    private static void begin(StringBuilder dxf, String type, Shape shape) {
        pair(dxf, 0, type);
        pair(dxf, 8, shape.layer().id());
    }

    /** x, y and a height of zero, at a code and those ten and twenty above it. */
    private static void place(StringBuilder dxf, int code, Point p) {
        pair(dxf, code, number(p.x()));
        pair(dxf, code + 10, number(p.y()));
        pair(dxf, code + 20, "0.0");
    }

    private static String number(double metres) {
        return String.format(Locale.ROOT, "%.4f", metres + 0.0);
    }

    /** A value is one line of plain characters; others are written by their number, as DXF has it. */
    private static String oneLine(String text) {
        StringBuilder plain = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (c >= 0x20 && c < 0x7F) {
                plain.appendCodePoint(c);
            } else if (c >= 0xA0 && c <= 0xFFFF) {
                plain.append(String.format(Locale.ROOT, "\\U+%04X", c));
            } else {
                plain.append(' ');
            }
        });
        return plain.toString();
    }

    private static void pair(StringBuilder dxf, int code, String value) {
        dxf.append(String.format(Locale.ROOT, "%3d\r\n%s\r\n", code, value));
    }
}
