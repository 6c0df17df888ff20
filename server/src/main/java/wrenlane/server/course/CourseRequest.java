package wrenlane.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import wrenlane.course.CourseStart;
import wrenlane.course.UTurnBox;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;
import wrenlane.rideline.UTurnBoxFit.BoxUncertainty;
import wrenlane.server.http.RefusedException;
import wrenlane.server.length.LengthJson;

/**
 * A U-turn box as a person describes it.
 *
 * @param width clear between the side lines
 * @param depth from the mouth to the far line
 * @param edgeSpacing largest gap between marks
 * @param entrySide the line entered along
 */
public record CourseRequest(
        @NotBlank @Size(max = 80) String name,
        @NotNull @Valid LengthJson width,
        @NotNull @Valid LengthJson depth,
        @NotNull @Valid LengthJson edgeSpacing,
        @NotNull Side entrySide,
        @NotNull CourseStart start) {

    /** To the core, or refused with everything that is wrong. */
    public UTurnBox box() {
        List<Finding> findings = UTurnBox.check(width.metres(), depth.metres(), edgeSpacing.metres());
        if (!findings.isEmpty()) {
            throw new RefusedException(findings);
        }
        width.measured("width");
        depth.measured("depth");
        edgeSpacing.measured("edgeSpacing");
        return new UTurnBox(width.metres(), depth.metres(), entrySide, edgeSpacing.metres(), start);
    }

    /** How far out the box may be. */
    BoxUncertainty uncertainty() {
        return new BoxUncertainty(Math.min(width.uncertaintyMetres(), MOST), Math.min(depth.uncertaintyMetres(), MOST));
    }

    /** Beyond this an uncertainty says nothing about a box any more, in metres. */
    private static final double MOST = 50;
}
