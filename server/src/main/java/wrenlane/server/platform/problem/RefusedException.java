package wrenlane.server.platform.problem;

import java.util.List;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;

/** A request that is well formed but can't be carried out, with everything that is wrong: status 422. */
public class RefusedException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<Finding> findings;

    public RefusedException(List<Finding> findings) {
        super(findings.get(0).message().toString());
        this.findings = List.copyOf(findings);
    }

    /** One finding. */
    public static RefusedException of(String code, String where, String message) {
        return new RefusedException(List.of(new Finding(code, where, message)));
    }

    /** For one thing that is wrong, with figures in it. */
    public static RefusedException of(String code, String where, Sentence message) {
        return new RefusedException(List.of(new Finding(code, where, message)));
    }

    /** Throws where anything was found. */
    public static void unlessNone(Checks checks) {
        if (!checks.findings().isEmpty()) {
            throw new RefusedException(checks.findings());
        }
    }

    public List<Finding> findings() {
        return findings;
    }
}
