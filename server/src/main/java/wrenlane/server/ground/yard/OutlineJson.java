package wrenlane.server.ground.yard;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;
import wrenlane.finding.Checks;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.Corner;
import wrenlane.yard.MeasuredOutline;

/**
 * An outline side by side, walked with the yard at the left hand.
 *
 * @param sides from A to B, from B to C and so on, back to A
 * @param corners at A, B and so on
 * @param diagonals taped besides
 */
public record OutlineJson(
        @NotNull @Size(min = 3, max = MeasuredOutline.MOST_SIDES)
        List<@NotNull @Valid LengthJson> sides,

        @NotNull @Size(min = 3, max = MeasuredOutline.MOST_SIDES)
        List<@NotNull Corner> corners,

        @NotNull @Size(max = 60) List<@NotNull @Valid DiagonalJson> diagonals) {
    /**
     * A length from corner to corner.
     *
     * @param from 0 for A
     * @param to 0 for A
     */
    public record DiagonalJson(
            @NotNull Integer from,
            @NotNull Integer to,
            @NotNull @Valid LengthJson length) {}

    /** Four square corners. */
    public static OutlineJson rectangle(LengthJson length, LengthJson width) {
        return new OutlineJson(List.of(length, width, length, width), Collections.nCopies(4, Corner.SQUARE), List.of());
    }

    /** From the core, with the words of each length. */
    static OutlineJson of(MeasuredOutline outline, Function<MeasuredLength, LengthJson> words) {
        return new OutlineJson(
                outline.sides().stream().map(words).toList(),
                outline.corners(),
                outline.diagonals().stream()
                        .map(d -> new DiagonalJson(d.from(), d.to(), words.apply(d.length())))
                        .toList());
    }

    /** To the core, or refused with what is wrong. */
    MeasuredOutline measured() {
        List<MeasuredLength> lengths = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            lengths.add(sides.get(i).measured("ground.outline.sides." + i));
        }
        MeasuredOutline outline = new MeasuredOutline(
                lengths,
                corners,
                diagonals.stream()
                        .map(d -> new MeasuredOutline.Diagonal(
                                d.from(), d.to(), d.length().measured("ground.outline.diagonals")))
                        .toList());
        RefusedException.unlessNone(new Checks().addAll(outline.check()));
        return outline;
    }
}
