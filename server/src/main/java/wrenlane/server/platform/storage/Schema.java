package wrenlane.server.platform.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
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
        if (count(file, "SELECT count(*) FROM sqlite_master WHERE name NOT LIKE 'sqlite_%'") == 0) {
            return 0;
        }
        if (count(file, NOT_PLAIN) > 0
                || count(file, "SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'") == 0) {
            return -1;
        }
        return count(
                file, "SELECT coalesce(max(CAST(version AS INTEGER)), 0) FROM flyway_schema_history WHERE success = 1");
    }

    /**
     * What none of our files has: views, virtual tables, and entries that are not what they say. Reading one of them may
     * run for ever, so they are looked for in the list of tables before anything else is read.
     */
    private static final String NOT_PLAIN = """
            SELECT count(*) FROM sqlite_master WHERE NOT (
                type = 'table' AND sql LIKE 'CREATE TABLE%'
                OR type = 'index' AND (sql IS NULL OR sql LIKE 'CREATE INDEX%' OR sql LIKE 'CREATE UNIQUE INDEX%')
                OR type = 'trigger' AND sql LIKE 'CREATE TRIGGER%')
            """;

    /**
     * Every table, index and trigger of some version, as SQLite describes them: spaces, quotes and cases left out, and
     * without the list of versions, which the library keeps as it likes.
     */
    static Set<String> describe(Connection file) throws SQLException {
        Set<String> parts = new TreeSet<>();
        try (Statement statement = file.createStatement();
                ResultSet rows = statement.executeQuery("SELECT type, name, coalesce(sql, '') FROM sqlite_master"
                        + " WHERE name NOT LIKE 'sqlite_%' AND tbl_name <> 'flyway_schema_history'")) {
            while (rows.next()) {
                String sql = rows.getString(3).replaceAll("--[^\n]*", "").replaceAll("[\\s\"`\\[\\]]", "");
                parts.add(rows.getString(1) + " " + rows.getString(2) + " " + sql.toLowerCase(Locale.ROOT));
            }
        }
        return parts;
    }

    /** The same of an empty file of a version, made for it once. */
    static Set<String> describe(int version) throws SQLException {
        Set<String> known = DESCRIBED.get(version);
        if (known == null) {
            known = Set.copyOf(described(version));
            DESCRIBED.put(version, known);
        }
        return known;
    }

    private static final Map<Integer, Set<String>> DESCRIBED = new ConcurrentHashMap<>();

    private static Set<String> described(int version) throws SQLException {
        String url = "jdbc:sqlite:file:schema-" + UUID.randomUUID() + "?mode=memory&cache=shared";
        try (Connection held = DriverManager.getConnection(url)) {
            Flyway.configure()
                    .dataSource(url, null, null)
                    .target(String.valueOf(version))
                    .load()
                    .migrate();
            return describe(held);
        }
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
