package wrenlane.server.platform.storage;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;

/**
 * Which state the data file is in: another number after every change, by this program or another. Asked of a connection
 * that never writes, since SQLite's {@code PRAGMA data_version} counts, for each connection, what others have stored.
 */
final class FileState implements AutoCloseable {
    private final Connection connection;
    private final PreparedStatement version;

    private FileState(Connection connection, PreparedStatement version) {
        this.connection = connection;
        this.version = version;
    }

    static FileState of(DataFile data) throws SQLException {
        Connection connection = data.open();
        try {
            return new FileState(connection, connection.prepareStatement("PRAGMA data_version"));
        } catch (SQLException e) {
            connection.close();
            throw e;
        }
    }

    /** The state now; whatever is read after this is of this state, or of a later one. */
    synchronized long now() throws SQLException {
        try (ResultSet row = version.executeQuery()) {
            if (!row.next()) {
                throw new SQLException("no data version");
            }
            return row.getLong(1);
        }
    }

    @Override
    public synchronized void close() throws SQLException {
        connection.close();
    }
}
