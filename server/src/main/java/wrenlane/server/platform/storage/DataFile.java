package wrenlane.server.platform.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteOpenMode;

/**
 * The data file in its folder.
 *
 * @param folder where it lies, with its journal beside it and its copies in {@code copies}
 */
public record DataFile(Path folder) {
    /** The file itself. */
    public Path path() {
        return folder.resolve("wren-lane.db");
    }

    /** What was written last and is not yet in the file. */
    Path journal() {
        return folder.resolve("wren-lane.db-wal");
    }

    /** Where copies go. */
    public Path copies() {
        return folder.resolve("copies");
    }

    /**
     * How a connection to a file is opened. FULL: what a person logs survives a power cut. Transactions are begun and
     * ended in words by {@link Storage} alone: the driver's own way marks a connection as in a transaction even where
     * beginning it failed.
     *
     * @param foreignKeys off only while tables are made anew
     */
    static String url(Path file, boolean foreignKeys) {
        return "jdbc:sqlite:" + file + "?foreign_keys=" + foreignKeys
                + "&journal_mode=WAL&synchronous=FULL&busy_timeout=" + BUSY_MILLISECONDS;
    }

    /** How long SQLite itself tries while another program holds the file. */
    static final int BUSY_MILLISECONDS = 4000;

    /** A connection to the file that is there; none is made where it is missing. */
    Connection open() throws SQLException {
        return DriverManager.getConnection(existingUrl(true));
    }

    /** As {@link #url}, for a file that is there. */
    String existingUrl(boolean foreignKeys) {
        return url(path(), foreignKeys) + "&open_mode=" + SQLiteOpenMode.READWRITE.flag;
    }

    /**
     * What the file is to the operating system: another where one was put in its place. Missing where there is none, and on
     * systems that have no such keys; those do not let an open file be moved either.
     */
    @Nullable
    Object key() {
        return key(path());
    }

    /** The same of its journal. */
    @Nullable
    Object journalKey() {
        return key(journal());
    }

    private static @Nullable Object key(Path file) {
        try {
            return Files.readAttributes(file, BasicFileAttributes.class).fileKey();
        } catch (IOException e) {
            return null;
        }
    }
}
