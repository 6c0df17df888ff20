package wrenlane.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.CoursePlan;
import wrenlane.plane.Point;
import wrenlane.units.MeasuredLength;
import wrenlane.verdict.RidingMark;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.Fall;
import wrenlane.yard.Surface;
import wrenlane.yard.Yard;

/** Files read back by the JDK's XML reader, and by pairs of lines. */
class DrawingTest {
    /** Figures are written to a tenth of a millimetre. */
    private static final double HALF_A_TENTH = 0.00005 + 1e-12;

    private static Document read(String svg) {
        try {
            return DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        } catch (Exception e) {
            throw new AssertionError(svg, e);
        }
    }

    private static Map<String, Element> groups(Document svg) {
        Map<String, Element> groups = new HashMap<>();
        NodeList all = svg.getElementsByTagName("g");
        for (int i = 0; i < all.getLength(); i++) {
            Element g = (Element) all.item(i);
            groups.put(g.getAttribute("id"), g);
        }
        return groups;
    }

    private static Element group(Map<String, Element> groups, String id) {
        return Optional.ofNullable(groups.get(id)).orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everyConeOfEveryKindIsFoundInTheSvg(CourseKind kind) {
        CoursePlan plan = Course.standard(kind).plan();
        Map<String, Element> groups = groups(read(new Svg().write(Drawing.of(plan, List.of(), List.of()))));
        assertThat(groups).containsKeys("cones", "ride-line", "labels");
        NodeList circles = group(groups, "cones").getElementsByTagName("circle");
        List<Point> centres = new ArrayList<>();
        for (int i = 0; i < circles.getLength(); i++) {
            Element c = (Element) circles.item(i);
            centres.add(new Point(Double.parseDouble(c.getAttribute("cx")), -Double.parseDouble(c.getAttribute("cy"))));
        }
        for (Cone cone : plan.cones()) {
            assertThat(centres)
                    .anySatisfy(c -> assertThat(c.distanceTo(cone.centre())).isLessThan(2 * HALF_A_TENTH));
        }
        assertThat(group(groups, "labels").getElementsByTagName("text").getLength())
                .isEqualTo(plan.cones().size());
    }

    /** A mark is two strokes that cross where it is chalked, and its letter; in both formats. */
    @Test
    void marksToRideByAreChalkedCrosses() {
        CoursePlan plan = Course.standard(CourseKinds.uTurnBox()).plan();
        RidingMark mark = new RidingMark(RidingMark.Use.TURN_IN, "T", new Point(4, 1), "the turn begins");
        Drawing drawing = Drawing.of(plan, List.of(), List.of(mark));
        NodeList strokes =
                group(groups(read(new Svg().write(drawing))), "chalk").getElementsByTagName("polyline");
        assertThat(strokes.getLength()).isEqualTo(2);
        for (int i = 0; i < 2; i++) {
            String[] ends = ((Element) strokes.item(i)).getAttribute("points").split("[ ,]");
            assertThat(Double.parseDouble(ends[0]) + Double.parseDouble(ends[2]))
                    .isCloseTo(8, within(1e-3));
            assertThat(Double.parseDouble(ends[1]) + Double.parseDouble(ends[3]))
                    .isCloseTo(-2, within(1e-3));
        }
        assertThat(pairs(new Dxf().write(drawing)))
                .anySatisfy(p -> assertThat(p).containsExactly("8", "chalk"))
                .anySatisfy(p -> assertThat(p).containsExactly("1", "T"));
    }

    @Test
    void wordsAreSafeInXml() {
        CoursePlan plan = Course.standard(CourseKinds.uTurnBox()).plan();
        Yard yard = Yard.rectangle(MeasuredLength.taped(40), MeasuredLength.taped(20), Surface.ASPHALT, Fall.NONE);
        Drawing drawing = Drawing.of(
                yard,
                List.of(new Drawing.CourseDrawing("<b>& \"Kerb\" \u0007Ł", plan, new CoursePlacement(10, 5, 0.3))));
        Element label = group(groups(read(new Svg().write(drawing))), "labels");
        assertThat(label.getTextContent()).contains("<b>& \"Kerb\" Ł");
        assertThat(new Dxf().write(drawing)).contains("\\U+0141").doesNotContain("\u0007");
    }

    /** Group codes and values, a line each, as a reader takes them. */
    private static List<String[]> pairs(String dxf) {
        String[] lines = dxf.split("\r\n");
        assertThat(lines.length % 2).isZero();
        List<String[]> pairs = new ArrayList<>();
        for (int i = 0; i < lines.length; i += 2) {
            pairs.add(new String[] {String.valueOf(Integer.parseInt(lines[i].strip())), lines[i + 1]});
        }
        return pairs;
    }

    @ParameterizedTest
    @MethodSource("wrenlane.course.kind.CourseKinds#all")
    void everyConeOfEveryKindIsFoundInTheDxf(CourseKind kind) {
        CoursePlan plan = Course.standard(kind).plan();
        List<String[]> pairs = pairs(new Dxf().write(Drawing.of(plan, List.of(), List.of())));
        assertThat(pairs.get(pairs.size() - 1)[1]).isEqualTo("EOF");
        List<Point> centres = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            if (pairs.get(i)[0].equals("0") && pairs.get(i)[1].equals("CIRCLE")) {
                assertThat(pairs.get(i + 1)).containsExactly("8", "cones");
                centres.add(
                        new Point(Double.parseDouble(pairs.get(i + 2)[1]), Double.parseDouble(pairs.get(i + 3)[1])));
            }
        }
        for (Cone cone : plan.cones()) {
            assertThat(centres)
                    .anySatisfy(c -> assertThat(c.distanceTo(cone.centre())).isLessThan(2 * HALF_A_TENTH));
        }
    }

    @Test
    void aStandingCourseIsDrawnWhereItStands() {
        CoursePlan plan = Course.standard(CourseKinds.uTurnBox()).plan();
        Yard yard = Yard.rectangle(MeasuredLength.taped(40), MeasuredLength.taped(20), Surface.ASPHALT, Fall.NONE);
        CoursePlacement stand = new CoursePlacement(12, 4, 0.5);
        Drawing drawing = Drawing.of(yard, List.of(new Drawing.CourseDrawing("Box", plan, stand)));
        List<Point> cones = drawing.shapes().stream()
                .filter(s -> s instanceof Shape.Ring)
                .map(s -> ((Shape.Ring) s).centre())
                .toList();
        assertThat(cones).contains(stand.toYard(plan.cones().get(0).centre()));
        Drawing.Bounds b = drawing.bounds();
        assertThat(b.minX()).isCloseTo(0, within(1e-9));
        assertThat(b.maxX()).isCloseTo(40, within(1e-3));
    }
}
