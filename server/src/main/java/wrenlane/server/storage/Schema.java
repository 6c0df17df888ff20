package wrenlane.server.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;

/** The tables of a data file, and how older ones become today's. */
final class Schema {
    private Schema() {}

    /** Newest version this build knows. */
    static int latest() {
        return Arrays.stream(Flyway.configure()
                        .dataSource("jdbc:sqlite::memory:", null, null)
                        .load()
                        .info()
                        .all())
                .map(MigrationInfo::getVersion)
                .map(MigrationVersion::getMajorAsString)
                .mapToInt(Integer::parseInt)
                .max()
                .orElse(0);
    }

    /** Version of a file's tables; 0 where it has none yet, -1 where its tables are not ours. */
    static int versionOf(Connection file) throws SQLException {
        if (count(file, "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'") == 0) {
            return 0;
        }
        if (count(file, "SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'") == 0) {
            return -1;
        }
        return count(
                file, "SELECT coalesce(max(CAST(version AS INTEGER)), 0) FROM flyway_schema_history WHERE success = 1");
    }

    static int count(Connection file, String sql) throws SQLException {
        try (Statement statement = file.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            return rows.next() ? rows.getInt(1) : 0;
        }
    }

    /**
     * Makes the tables today's. Foreign keys are off, so that tables can be made anew, and looked at afterwards.
     *
     * @throws StartException where that fails; the file is as it was before the step that failed
     */
    static void migrate(Path file) {
        try {
            Flyway.configure()
                    .dataSource(DataFile.url(file, false), null, null)
                    .load()
                    .migrate();
            try (Connection connection = DriverManager.getConnection(DataFile.url(file, true))) {
                if (count(connection, "SELECT count(*) FROM pragma_foreign_key_check") > 0) {
                    throw new StartException("The data in " + file + " contradicts itself: restore a copy of it.");
                }
            }
        } catch (FlywayException | SQLException e) {
            throw new StartException(
                    "The data in " + file + " could not be brought to this version: use the version of Wren Lane that"
                            + " wrote it, or restore a copy.",
                    e);
        }
    }
}
