package wrenlane.server.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;

/** Numbers and versions that were given out, kept from being given out again by data that is older than they are. */
final class Numbering {
    private static final List<String> VERSIONED = List.of("yard", "machine", "rider", "course", "day", "kit_state");

    private Numbering() {}

    /** Raises the numbers and versions of some data above those of the data it will take the place of. */
    static void carryOver(Path given, Path next) throws SQLException {
        try (Connection connection = DriverManager.getConnection(DataFile.url(next, true));
                Statement statement = connection.createStatement()) {
            statement.execute("ATTACH DATABASE '" + given.toString().replace("'", "''") + "' AS given");
            statement.execute("BEGIN IMMEDIATE");
            statement.execute("UPDATE sqlite_sequence SET seq = max(seq, coalesce("
                    + "(SELECT g.seq FROM given.sqlite_sequence g WHERE g.name = sqlite_sequence.name), 0))");
            statement.execute("INSERT INTO sqlite_sequence (name, seq) SELECT name, seq FROM given.sqlite_sequence g"
                    + " WHERE NOT EXISTS (SELECT 1 FROM sqlite_sequence s WHERE s.name = g.name)");
            for (String table : VERSIONED) {
                statement.execute("UPDATE main." + table + " SET version = version + (SELECT coalesce(max(version), 0)"
                        + " FROM given." + table + ")");
            }
            statement.execute("COMMIT");
        }
    }
}
