package wrenlane.server.exchange.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.MarkerCount;
import wrenlane.drawing.Drawing;
import wrenlane.setup.ChalkedMark;
import wrenlane.setup.RingSheet;
import wrenlane.setup.SetupSheet;
import wrenlane.setup.SetupStep;
import wrenlane.setup.TwoTapes;
import wrenlane.setup.WalkingOrder;
import wrenlane.units.Figures;
import wrenlane.verdict.RidingMark;

/**
 * A setup sheet in words, as a template takes it.
 *
 * @param from what the tape is laid along
 * @param marks where P and Q are chalked
 * @param riding marks to ride by, each with where it is chalked and what is done there
 * @param rings how each ring is set out from its centre
 * @param walk how far it is past all cones, and how long that takes
 */
record PaperSheet(
        String name,
        String kind,
        String from,
        PaperDrawing drawing,
        List<Row> rows,
        String marks,
        List<String> riding,
        List<String> rings,
        Accuracy accuracy,
        String bring,
        String walk) {
    /**
     * How exact it is.
     *
     * @param checks distances to tape once all cones stand
     * @param slack what a diagonal that is out does; empty where there is none to tape
     * @param rounding by how much rounded lengths move a cone at most
     */
    record Accuracy(List<String> checks, String slack, String rounding) {
        private static Accuracy of(SetupSheet sheet, DoubleFunction<String> said) {
            return new Accuracy(
                    sheet.checks().stream()
                            .map(c -> c.from() + " to " + c.to() + ": " + said.apply(c.metres()))
                            .toList(),
                    sheet.slack()
                            .map(s -> "One diagonal out by " + said.apply(SetupSheet.DIAGONAL_SLACK_METRES)
                                    + " pushes the far line " + said.apply(s.shiftMetres()) + " sideways.")
                            .orElse(""),
                    String.format(Locale.ROOT, "%.0f mm", 1000 * sheet.roundingMetres()));
        }
    }

    /** One cone, with its number in the order of least walking. */
    record Row(
            String cone,
            String what,
            String along,
            String across,
            String fromP,
            String fromQ,
            String error,
            int number) {}

    static PaperSheet of(
            String name,
            String kind,
            SetupSheet sheet,
            CoursePlan plan,
            List<RidingMark> marks,
            Map<String, String> also,
            Figures figures,
            Paper paper) {
        DoubleFunction<String> said = figures::length;
        TwoTapes tapes = TwoTapes.of(sheet);
        WalkingOrder walk = sheet.walk();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < sheet.steps().size(); i++) {
            SetupStep step = sheet.steps().get(i);
            String what = Stream.of(
                            step.cone().marker().name(), also.get(step.cone().label()))
                    .filter(Objects::nonNull)
                    .collect(Collectors.joining(", also "));
            rows.add(row(step, what, tapes.steps().get(i), 1 + walk.order().indexOf(i), said));
        }
        return new PaperSheet(
                name,
                kind,
                sheet.baseline().name(),
                PaperDrawing.of(Drawing.of(plan, List.of(), marks), paper),
                rows,
                "P at " + said.apply(tapes.first().x()) + " along, "
                        + said.apply(tapes.first().y()) + " across; Q at "
                        + said.apply(tapes.second().x()) + " along, "
                        + said.apply(tapes.second().y()) + " across; "
                        + said.apply(tapes.apartMetres()) + " from P to Q",
                sheet.chalked(marks).stream().map(m -> riding(m, said)).toList(),
                RingSheet.of(sheet).rings().stream().map(r -> ring(r, said)).toList(),
                Accuracy.of(sheet, said),
                bring(sheet),
                said.apply(walk.walkedMetres()) + ", " + Math.max(1, Math.round(walk.minutes())) + " min");
    }

    private static String bring(SetupSheet sheet) {
        return sheet.markers().stream().map(MarkerCount::text).collect(Collectors.joining(", "));
    }

    private static Row row(SetupStep s, String what, TwoTapes.Crossing t, int number, DoubleFunction<String> said) {
        return new Row(
                s.cone().label(),
                what,
                said.apply(s.alongMetres()),
                said.apply(s.acrossMetres()),
                said.apply(t.firstMetres()),
                said.apply(t.secondMetres()) + (t.flat() ? " flat!" : ""),
                said.apply(s.errorMetres()),
                number);
    }

    private static String riding(ChalkedMark m, DoubleFunction<String> said) {
        return m.mark().label() + " at " + said.apply(m.alongMetres()) + " along, " + said.apply(m.acrossMetres())
                + " across: " + m.mark().what();
    }

    private static String ring(RingSheet.Ring ring, DoubleFunction<String> said) {
        RingSheet.RingStep last = ring.steps().get(ring.steps().size() - 1);
        return "Centre at " + said.apply(ring.centre().x()) + " along, "
                + said.apply(ring.centre().y()) + " across. From "
                + ring.first().cone().label() + " on, each cone " + said.apply(ring.radiusMetres())
                + " from the centre and " + said.apply(ring.closingChordMetres())
                + " from the one before, going " + (last.leftward() ? "right" : "left") + " round, to "
                + last.label() + "; the same closes it, within ± " + said.apply(ring.closingErrorMetres()) + ".";
    }
}
