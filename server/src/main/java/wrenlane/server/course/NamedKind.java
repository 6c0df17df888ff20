package wrenlane.server.course;

import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.finding.TypedText;
import wrenlane.server.platform.problem.RefusedException;

/** A kind of course as a request names it. */
public final class NamedKind {
    private NamedKind() {}

    /**
     * The kind of that name.
     *
     * @throws RefusedException where there is none
     */
    public static CourseKind of(String id) {
        return CourseKinds.find(id)
                .orElseThrow(() -> RefusedException.of(
                        "no-such-kind", "kind", "There is no kind of course called " + TypedText.quoted(id) + "."));
    }
}
