package wrenlane.server.platform.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import org.sqlite.ProgressHandler;

/**
 * Looks at a copy before anything of it is used, as at a file from a stranger: first the list of its tables, then their
 * content, all within a time limit. The file is opened as one that nobody changes, so that no journal is left beside it.
 */
final class CopyCheck {
    /** Longest that all queries on one connection may take; chosen by us: a million runs are read in a tenth of it. */
    private static final Duration LIMIT = Duration.ofSeconds(20);

    /** SQLite asks whether to go on after so many steps of its machine, some milliseconds. */
    private static final int STEPS = 100_000;

    private CopyCheck() {}

    /** Opens a copy to read; every query on the connection ends within the limit. */
    static Connection open(Path copy) throws SQLException {
        Connection connection = DriverManager.getConnection(
                "jdbc:sqlite:file:" + copy.toAbsolutePath().toUri().getRawPath() + "?immutable=1");
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA trusted_schema = OFF");
        }
        long end = System.nanoTime() + LIMIT.toNanos();
        ProgressHandler.setHandler(connection, STEPS, new ProgressHandler() {
            @Override
            protected int progress() {
                return System.nanoTime() - end > 0 ? 1 : 0;
            }
        });
        return connection;
    }

    /**
     * The version of a copy's tables, where they are exactly those of that version and nothing in them is damaged.
     *
     * @throws NotACopyException where they are not
     */
    static int requireWhole(Path copy) {
        try (Connection connection = open(copy)) {
            int version = Schema.versionOf(connection);
            if (version > Schema.latest()) {
                throw new NotACopyException("This copy was written by a newer version of Wren Lane (tables " + version
                        + ", this one knows " + Schema.latest() + ").");
            }
            if (version <= 0) {
                throw new NotACopyException("This file is not a data file of Wren Lane: choose a copy of its data.");
            }
            if (!Schema.describe(connection).equals(Schema.describe(version))) {
                throw new NotACopyException(
                        "The tables of this file are not those of Wren Lane's data of its version: it is"
                                + " no copy, or somebody changed it.");
            }
            if (!DataFileOpener.whole(connection)) {
                throw new NotACopyException("This copy is damaged: choose another.");
            }
            return version;
        } catch (SQLException e) {
            throw new NotACopyException(
                    "This file is not a data file of Wren Lane, or it is damaged: choose another copy.", e);
        }
    }
}
