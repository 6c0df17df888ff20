package wrenlane.server.platform.storage;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What is in a copy, so that a person can tell which one they want.
 *
 * @param newestDay missing where there is no day
 */
public record CopyContent(
        int riders, int days, int runs, @Nullable LocalDate newestDay) {
    /**
     * Counted in a file.
     *
     * @throws StartException where it is not a whole copy
     */
    static CopyContent of(Path file) {
        try (Connection connection = CopyCheck.open(file)) {
            if (Schema.versionOf(connection) <= 0) {
                throw new NotACopyException(file + " is not a copy of Wren Lane's data.");
            }
            return counted(connection);
        } catch (SQLException e) {
            throw new NotACopyException(file + " is not a copy of Wren Lane's data.", e);
        }
    }

    private static CopyContent counted(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "SELECT (SELECT count(*) FROM rider), (SELECT count(*) FROM day),"
                                + " (SELECT count(*) FROM run WHERE withdrawn_at IS NULL), (SELECT max(date) FROM day)")) {
            row.next();
            String newest = row.getString(4);
            return new CopyContent(
                    row.getInt(1), row.getInt(2), row.getInt(3), newest == null ? null : LocalDate.parse(newest));
        }
    }
}
