package wrenlane.server.course.evaluation;

import org.jspecify.annotations.Nullable;
import wrenlane.rideline.CheckedLine;
import wrenlane.riding.RidingPoint;
import wrenlane.verdict.Clearance;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.FitAnswer;
import wrenlane.verdict.RecommendedSpeed;

/**
 * Whether one machine and rider can ride a course as it is set.
 *
 * @param spare room at the tightest place of the roomiest line, negative where it lacks; its uncertainty is zero while
 *     something is dragged
 * @param spareCapped whether there is more room than was looked for
 * @param binding what leaves that room
 * @param bindingPart what of the machine comes nearest there
 * @param steeringShare share of the turn the easiest line takes; above 1 where it takes more than there is; missing where no
 *     line was found
 * @param recommended the speeds to ride it at; missing where it does not fit, where a speed was given, and while something is
 *     dragged
 * @param speedMetresPerSecond of the lines; missing from a stop
 * @param leanRadians there, along the line drawn where it leans furthest
 * @param slowest room at the slowest speed the rider holds; missing where that is the speed judged at, or a speed was given
 */
record FitJson(
        FitAnswer answer,
        Clearance spare,
        boolean spareCapped,
        String binding,
        CheckedLine.Part bindingPart,
        @Nullable Double steeringShare,
        RidingPoint left,
        RidingPoint right,
        @Nullable RecommendedSpeed recommended,
        @Nullable Double speedMetresPerSecond,
        double leanRadians,
        CourseFit.@Nullable SpareAtSpeed slowest) {
    static FitJson of(CourseFit fit) {
        return new FitJson(
                fit.answer(),
                fit.spare(),
                fit.spareCapped(),
                fit.roomiest().binding().keep().name(),
                fit.roomiest().binding().part(),
                fit.steeringShare().orElse(null),
                fit.left().finite(),
                fit.right().finite(),
                fit.recommended().orElse(null),
                fit.left().rollingSpeed().orElse(null),
                fit.leanRadians(),
                fit.slowest().orElse(null));
    }
}
