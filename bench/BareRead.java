import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.Locale;

/**
 * What a rider's runs cost to read at least: all their rows, every stored column, nothing made of them. Prints a time in milliseconds
 * a line. Arguments: folder of the data, then ids of riders.
 */
public class BareRead {
    public static void main(String[] args) throws Exception {
        String url = "jdbc:sqlite:" + Path.of(args[0]).resolve("wren-lane.db") + "?open_mode=1";
        String sql = "SELECT id, day_id, rider_id, machine_id, drill_id, course_id, logged_at_ms, replaces, withdrawn_at, withdrawn_on,"
                + " document FROM run WHERE rider_id = ? AND withdrawn_at IS NULL ORDER BY logged_at_ms, rowid";
        try (Connection connection = DriverManager.getConnection(url);
                PreparedStatement select = connection.prepareStatement(sql)) {
            for (int i = 1; i < args.length; i++) {
                long from = System.nanoTime();
                select.setLong(1, Long.parseLong(args[i]));
                try (ResultSet rows = select.executeQuery()) {
                    int columns = rows.getMetaData().getColumnCount();
                    while (rows.next()) {
                        for (int c = 1; c <= columns; c++) {
                            rows.getObject(c);
                        }
                    }
                }
                System.out.printf(Locale.ROOT, "%.3f%n", (System.nanoTime() - from) / 1e6);
            }
        }
    }
}
