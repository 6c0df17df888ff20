package wrenlane.server.platform.http;

import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wrenlane.server.platform.problem.ChangedException;
import wrenlane.server.platform.problem.RefusedException;

/**
 * The version a person saw before changing or deleting something, as their page says in {@code If-Match} (RFC 9110,
 * section 13.1.1). What was changed by somebody else since is not overwritten.
 */
public final class ExpectedVersion {
    private static final Pattern TAG = Pattern.compile("\"(\\d{1,18})\"");

    /** Any version there is. */
    private static final long ANY = -1;

    private final long version;

    private ExpectedVersion(long version) {
        this.version = version;
    }

    /**
     * From the header.
     *
     * @throws RefusedException where it is not one version or {@code *}
     */
    public static ExpectedVersion of(String ifMatch) {
        Matcher tag = TAG.matcher(ifMatch.strip());
        if (tag.matches()) {
            return new ExpectedVersion(Long.parseLong(tag.group(1)));
        }
        if (ifMatch.strip().equals("*")) {
            return new ExpectedVersion(ANY);
        }
        throw RefusedException.of(
                "if-match", "If-Match", "If-Match must be the version that was read, such as \"3\", or *.");
    }

    /**
     * Compares with what is stored; called while the writer is held, so that nothing comes between.
     *
     * @param current the thing as it is stored, for the answer
     * @param wanted what was sent; nothing where it was to be deleted
     * @throws ChangedException where it is another version by now
     */
    public void check(long stored, Supplier<Object> current, Object... wanted) {
        if (version != ANY && version != stored) {
            throw new ChangedException(current.get(), wanted);
        }
    }
}
