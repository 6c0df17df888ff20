package wrenlane.server.platform.storage;

import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Watches that the data file stays the one that was opened. Nothing is opened, read or written while another file, or
 * none, lies in its place: SQLite would make a new file there and delete the journal of the old one.
 */
final class FileGuard {
    private static final String GONE =
            "The data file was moved or deleted while Wren Lane was running. Nothing was stored: put the file back, and"
                    + " Wren Lane goes on; or close it, restore a copy, and start it again.";

    private final DataFile data;
    private final @Nullable Object file;
    private volatile @Nullable Object journal;

    /** Of the file as it is now. */
    FileGuard(DataFile data) {
        this.data = data;
        this.file = data.key();
    }

    /** Remembers the journal that a connection has open. */
    void openedJournal() {
        if (journal == null) {
            journal = data.journalKey();
        }
    }

    /**
     * Looks at the file alone: enough to read.
     *
     * @throws UnavailableException where it is another, or none
     */
    void checkFile() {
        if (!Objects.equals(file, data.key())) {
            throw new UnavailableException(GONE);
        }
    }

    /**
     * Looks at the file and at its journal, once one is known.
     *
     * @throws UnavailableException where one of them is another, or none
     */
    void check() {
        checkFile();
        Object known = journal;
        if (known != null && !known.equals(data.journalKey())) {
            throw new UnavailableException(GONE);
        }
    }
}
