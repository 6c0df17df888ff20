import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.Statement;
import java.util.Locale;

/**
 * What a run costs at least: one row, one transaction, flushed to the disk, nothing round it. Prints a time in milliseconds a
 * line. Arguments: folder, how many, how many a second.
 */
public class BareInsert {
    public static void main(String[] args) throws Exception {
        Path file = Path.of(args[0]).resolve("bare.db");
        int count = Integer.parseInt(args[1]);
        long every = 1_000_000_000L / Integer.parseInt(args[2]);
        String url = "jdbc:sqlite:" + file + "?journal_mode=WAL&synchronous=FULL&busy_timeout=4000&foreign_keys=true";
        try (Connection connection = DriverManager.getConnection(url);
                Statement sql = connection.createStatement()) {
            sql.execute("CREATE TABLE run (id TEXT PRIMARY KEY, day_id INTEGER, rider_id INTEGER, kind TEXT, side TEXT,"
                    + " setting_m REAL, settings TEXT, faults TEXT, logged_at_ms INTEGER)");
            sql.execute("CREATE INDEX run_by_rider ON run (rider_id, kind, side, logged_at_ms)");
            sql.execute("CREATE INDEX run_by_day ON run (day_id, rider_id, logged_at_ms)");
            try (PreparedStatement insert = connection.prepareStatement("INSERT INTO run VALUES (?,?,?,?,?,?,?,?,?)")) {
                long next = System.nanoTime();
                for (int i = 0; i < count; i++) {
                    while (System.nanoTime() < next) {
                        Thread.sleep(0, 200_000);
                    }
                    next += every;
                    long from = System.nanoTime();
                    sql.execute("BEGIN IMMEDIATE");
                    insert.setString(1, "bare-" + i);
                    insert.setInt(2, 5);
                    insert.setInt(3, i % 20);
                    insert.setString(4, "u-turn-box");
                    insert.setString(5, i % 2 == 0 ? "LEFT" : "RIGHT");
                    insert.setDouble(6, 7.2);
                    insert.setString(7, "depthMetres=7.5\nedgeSpacingMetres=2.5\nstart=ROLLING");
                    insert.setString(8, "");
                    insert.setLong(9, from);
                    insert.executeUpdate();
                    sql.execute("COMMIT");
                    System.out.printf(Locale.ROOT, "%.3f%n", (System.nanoTime() - from) / 1e6);
                }
            }
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
