package wrenlane.server.platform.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Puts other data in the place of the data, in one transaction: whoever writes waits, also another program, and whoever
 * reads sees the one or the other. Numbers that were given out are not given out again, and versions lie above all that
 * were ({@code numbering}).
 */
final class Replacement {
    /**
     * How far versions are raised. Chosen by us: nothing is changed a million times between two restorations.
     */
    private static final long RAISE = 1_000_000;

    private final Connection data;

    private Replacement(Connection data) {
        this.data = data;
    }

    /**
     * Does it.
     *
     * @param file the data, of today's tables
     * @param next what takes its place, of today's tables and whole
     * @param before runs while nobody can write, before anything is replaced; where it fails nothing is
     * @return what that gave
     */
    static <T> T replace(DataFile file, Path next, Supplier<T> before) throws SQLException {
        try (Connection connection = DriverManager.getConnection(file.existingUrl(false))) {
            Replacement replacement = new Replacement(connection);
            replacement.attach(next);
            replacement.run("BEGIN IMMEDIATE");
            T result = before.get();
            replacement.replaceAll();
            replacement.run("COMMIT");
            return result;
        }
    }

    private void attach(Path next) throws SQLException {
        try (PreparedStatement attach = data.prepareStatement("ATTACH DATABASE ? AS next")) {
            attach.setString(1, next.toString());
            attach.execute();
        }
    }

    private void replaceAll() throws SQLException {
        long given = number("SELECT least_version FROM main.numbering");
        long copied = number("SELECT least_version FROM next.numbering");
        long raised = Math.max(given, copied) + RAISE;
        List<String> triggers = texts("SELECT sql FROM main.sqlite_master WHERE type = 'trigger'");
        for (String name : texts("SELECT name FROM main.sqlite_master WHERE type = 'trigger'")) {
            run("DROP TRIGGER main." + quoted(name));
        }
        for (String table : texts("SELECT name FROM main.sqlite_master WHERE type = 'table'"
                + " AND name NOT LIKE 'sqlite_%' AND name <> 'flyway_schema_history'")) {
            List<String> columns = texts("SELECT name FROM pragma_table_info('" + table + "')");
            String all =
                    String.join(", ", columns.stream().map(Replacement::quoted).toList());
            run("DELETE FROM main." + quoted(table));
            run("INSERT INTO main." + quoted(table) + " (" + all + ") SELECT " + all + " FROM next." + quoted(table));
            if (columns.contains("version")) {
                run("UPDATE main." + quoted(table) + " SET version = version + " + (raised - copied));
            }
        }
        run("UPDATE main.numbering SET least_version = " + raised);
        // Marks are of what is stored under them, versions too.
        run("UPDATE main.stamp SET stamp = hex(randomblob(8))");
        run("UPDATE main.sqlite_sequence SET seq = max(seq, coalesce("
                + "(SELECT n.seq FROM next.sqlite_sequence n WHERE n.name = sqlite_sequence.name), 0))");
        run("INSERT INTO main.sqlite_sequence (name, seq) SELECT name, seq FROM next.sqlite_sequence n"
                + " WHERE NOT EXISTS (SELECT 1 FROM main.sqlite_sequence s WHERE s.name = n.name)");
        for (String trigger : triggers) {
            run(trigger);
        }
    }

    private static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }

    private void run(String sql) throws SQLException {
        try (Statement statement = data.createStatement()) {
            statement.execute(sql);
        }
    }

    private long number(String sql) throws SQLException {
        try (Statement statement = data.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            return row.next() ? row.getLong(1) : 0;
        }
    }

    private List<String> texts(String sql) throws SQLException {
        List<String> texts = new ArrayList<>();
        try (Statement statement = data.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                texts.add(rows.getString(1));
            }
        }
        return texts;
    }
}
