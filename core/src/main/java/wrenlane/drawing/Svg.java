package wrenlane.drawing;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import wrenlane.plane.Point;

/**
 * A drawing as SVG 1.1: user units are metres, one group a layer, named by its id. y runs down in SVG, so that a point
 * (x, y) of the drawing stands at (x, −y).
 */
public final class Svg implements DrawingFormat {
    /** Room left free round the drawing, in metres. */
    public static final double MARGIN_METRES = 1;

    @Override
    public String id() {
        return "svg";
    }

    @Override
    public String label() {
        return "SVG";
    }

    @Override
    public String mediaType() {
        return "image/svg+xml;charset=UTF-8";
    }

    @Override
    public String write(Drawing drawing) {
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + element(drawing, "");
    }

    /**
     * The element alone, to stand in a page.
     *
     * @param css how large it stands on the page; empty where it may be any size
     */
    public static String element(Drawing drawing, String css) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            writeElement(xml, drawing, css);
            xml.flush();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory failed", e);
        }
        return text.append("\n").toString();
    }

    private static void writeElement(XMLStreamWriter xml, Drawing drawing, String css) throws XMLStreamException {
        Drawing.Bounds b = drawing.bounds();
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("version", "1.1");
        xml.writeAttribute(
                "viewBox",
                String.join(
                        " ",
                        metres(b.minX() - MARGIN_METRES),
                        metres(-b.maxY() - MARGIN_METRES),
                        metres(b.widthMetres() + 2 * MARGIN_METRES),
                        metres(b.heightMetres() + 2 * MARGIN_METRES)));
        if (!css.isEmpty()) {
            xml.writeAttribute("style", css);
        }
        text(xml, "desc", "User units are metres.");
        for (Layer layer : Layer.values()) {
            List<Shape> shapes =
                    drawing.shapes().stream().filter(s -> s.layer() == layer).toList();
            if (!shapes.isEmpty()) {
                xml.writeStartElement("g");
                xml.writeAttribute("id", layer.id());
                style(xml, layer);
                text(xml, "title", layer.id());
                for (Shape shape : shapes) {
                    xml.writeCharacters("\n");
                    write(xml, shape);
                }
                xml.writeEndElement();
            }
        }
        xml.writeEndElement();
    }

    private static void text(XMLStreamWriter xml, String element, String text) throws XMLStreamException {
        xml.writeCharacters("\n");
        xml.writeStartElement(element);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }

    private static void style(XMLStreamWriter xml, Layer layer) throws XMLStreamException {
        switch (layer) {
            case YARD -> stroke(xml, "none", "#000000", "0.1");
            case OBSTACLES -> stroke(xml, "#808080", "#000000", "0.03");
            case AREAS -> {
                stroke(xml, "none", "#808080", "0.03");
                xml.writeAttribute("stroke-dasharray", "0.3 0.2");
            }
            case LINES -> stroke(xml, "none", "#000000", "0.05");
            case RIDE_LINE -> stroke(xml, "none", "#2f5f93", "0.06");
            case CONES -> stroke(xml, "none", "#c43f15", "0.05");
            case CHALK -> stroke(xml, "none", "#000000", "0.06");
            case LABELS -> {
                xml.writeAttribute("fill", "#000000");
                xml.writeAttribute("stroke", "none");
                xml.writeAttribute("text-anchor", "middle");
                xml.writeAttribute("font-family", "sans-serif");
            }
        }
    }

    private static void stroke(XMLStreamWriter xml, String fill, String colour, String widthMetres)
            throws XMLStreamException {
        xml.writeAttribute("fill", fill);
        xml.writeAttribute("stroke", colour);
        xml.writeAttribute("stroke-width", widthMetres);
    }

    private static void write(XMLStreamWriter xml, Shape shape) throws XMLStreamException {
        if (shape instanceof Shape.Ring r) {
            xml.writeEmptyElement("circle");
            xml.writeAttribute("cx", metres(r.centre().x()));
            xml.writeAttribute("cy", metres(-r.centre().y()));
            xml.writeAttribute("r", metres(r.radiusMetres()));
        } else if (shape instanceof Shape.Path p) {
            xml.writeEmptyElement(p.closed() ? "polygon" : "polyline");
            xml.writeAttribute("points", p.points().stream().map(Svg::place).collect(Collectors.joining(" ")));
        } else if (shape instanceof Shape.Label l) {
            xml.writeStartElement("text");
            xml.writeAttribute("x", metres(l.at().x()));
            xml.writeAttribute("y", metres(-l.at().y()));
            xml.writeAttribute("font-size", metres(l.heightMetres()));
            xml.writeCharacters(allowed(l.text()));
            xml.writeEndElement();
        }
    }

    private static String place(Point p) {
        return metres(p.x()) + "," + metres(-p.y());
    }

    /** To a tenth of a millimetre. */
    private static String metres(double m) {
        return String.format(Locale.ROOT, "%.4f", m + 0.0);
    }

    /** Text without the characters that XML does not allow. */
    private static String allowed(String text) {
        return text.replaceAll("[^\\x09\\x0A\\x0D\\x20-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]", "");
    }
}
