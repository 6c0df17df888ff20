package wrenlane.server.platform.storage;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteException;

/** What went wrong in SQLite, as a person can be told. */
public enum SqliteTrouble {
    /** Another program holds the file. */
    BUSY("The data is being written to by another program. Nothing was stored; try again in a moment."),
    /** Something refers to what is not there. */
    REFERENCE("This is still used elsewhere, or refers to something that is not there."),
    FULL("The disk is full. Nothing was stored: free some space, then try again."),
    READ_ONLY("The data file cannot be written to. Nothing was stored: see to the folder's permissions."),
    UNREADABLE("The disk or the data file has a fault. Nothing was stored: save what you can, and restore a copy.");

    private static final int PRIMARY_CODE = 0xff;

    private final String sentence;

    SqliteTrouble(String sentence) {
        this.sentence = sentence;
    }

    public String sentence() {
        return sentence;
    }

    static boolean isBusy(Throwable thrown) {
        return of(thrown).filter(t -> t == BUSY).isPresent();
    }

    /** What is known of something thrown, by SQLite's own code or the operating system's, somewhere in its causes. */
    public static Optional<SqliteTrouble> of(@Nullable Throwable thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof SQLiteException e) {
                return byCode(e);
            }
            if (t instanceof IOException e) {
                return Optional.of(ofFile(e));
            }
        }
        return Optional.empty();
    }

    /** Of a file beside the data. The operating system tells of a full disk in words alone. */
    private static SqliteTrouble ofFile(IOException e) {
        if (String.valueOf(e.getMessage()).contains("No space left")) {
            return FULL;
        }
        return e instanceof AccessDeniedException ? READ_ONLY : UNREADABLE;
    }

    private static Optional<SqliteTrouble> byCode(SQLiteException e) {
        return switch (e.getResultCode()) {
            case SQLITE_CONSTRAINT_FOREIGNKEY -> Optional.of(REFERENCE);
            case SQLITE_BUSY, SQLITE_LOCKED -> Optional.of(BUSY);
            default -> byPrimaryCode(e.getErrorCode() & PRIMARY_CODE);
        };
    }

    /** Numbers as in SQLite's list of primary result codes. */
    private static Optional<SqliteTrouble> byPrimaryCode(int code) {
        return switch (code) {
            case 5, 6 -> Optional.of(BUSY);
            case 8 -> Optional.of(READ_ONLY);
            case 10, 11, 14, 26 -> Optional.of(UNREADABLE);
            case 13 -> Optional.of(FULL);
            default -> Optional.empty();
        };
    }
}
