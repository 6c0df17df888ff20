package wrenlane.server.ground.yard;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Checks;
import wrenlane.plane.Point;
import wrenlane.server.platform.http.ReaderUnits;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.Figures;
import wrenlane.units.LengthSystem;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.MeasuredOutline;
import wrenlane.yard.OutlineSketch;

/**
 * An outline as it is drawn.
 *
 * @param places its corners, either way round
 * @param before the outline it is drawn over; missing for a first drawing
 */
record SketchJson(
        @NotNull @Size(max = 100) List<@NotNull @Valid SketchedCorner> places,
        @Valid @Nullable OutlineJson before) {
    /**
     * A corner of a drawing, in its axes.
     *
     * @param x to the right, in metres
     * @param y up, in metres
     * @param was its number in the outline before, 0 for A; missing where it is new or was moved
     */
    record SketchedCorner(
            @Schema(minimum = "-1000", maximum = "1000") @NotNull
            Double x,

            @Schema(minimum = "-1000", maximum = "1000") @NotNull
            Double y,

            @Schema(minimum = "0", maximum = "15") @Nullable Integer was) {
        private Checks checked(String where, int corners) {
            Checks checks = new Checks()
                    .add(Checks.range(
                            where + ".x",
                            "Along",
                            x,
                            -CoursePlacement.FARTHEST_METRES,
                            CoursePlacement.FARTHEST_METRES,
                            "m"))
                    .add(Checks.range(
                            where + ".y",
                            "Across",
                            y,
                            -CoursePlacement.FARTHEST_METRES,
                            CoursePlacement.FARTHEST_METRES,
                            "m"));
            return was == null
                    ? checks
                    : checks.add(Checks.range(where + ".was", "The corner it was", was, 0, corners - 1, ""));
        }

        private OutlineSketch.Place place() {
            return new OutlineSketch.Place(new Point(x, y), was);
        }
    }

    /**
     * What a drawing comes to.
     *
     * @param outline its lengths drawn where they were not measured before
     * @param axes of the outline in those of the drawing: corner A, and the way of side AB, in metres and radians
     */
    record SketchOutline(OutlineJson outline, CoursePlacement axes) {}

    /**
     * What it comes to, its drawn lengths in words as they are read.
     *
     * @throws RefusedException where it is no outline
     */
    SketchOutline drawn(LengthSystem system) {
        Figures figures = ReaderUnits.figures(system);
        MeasuredOutline over =
                Optional.ofNullable(before).map(OutlineJson::measured).orElse(null);
        int corners = over == null ? 0 : over.sides().size();
        Checks checks = new Checks();
        for (int i = 0; i < places.size(); i++) {
            checks.addAll(places.get(i).checked("places." + i, corners).findings());
        }
        RefusedException.unlessNone(checks);
        OutlineSketch sketch =
                new OutlineSketch(places.stream().map(SketchedCorner::place).toList());
        RefusedException.unlessNone(new Checks().addAll(sketch.check()));
        OutlineSketch.SketchResult drawn = sketch.drawn(over);
        Map<MeasuredLength, LengthJson> known = over == null || before == null ? Map.of() : words(over, before);
        return new SketchOutline(
                OutlineJson.of(
                        drawn.outline(), l -> known.getOrDefault(l, LengthJson.of(l, figures.length(l.metres())))),
                drawn.axes());
    }

    /** What was typed for each length that may have stayed. */
    private static Map<MeasuredLength, LengthJson> words(MeasuredOutline outline, OutlineJson typed) {
        Map<MeasuredLength, LengthJson> words = new HashMap<>();
        for (int i = 0; i < outline.sides().size(); i++) {
            words.put(outline.sides().get(i), typed.sides().get(i));
        }
        for (int i = 0; i < outline.diagonals().size(); i++) {
            words.put(
                    outline.diagonals().get(i).length(),
                    typed.diagonals().get(i).length());
        }
        return words;
    }
}
