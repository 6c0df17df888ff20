package wrenlane.server.platform.storage;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.sqlite.SQLiteConnection;

/**
 * The one connection that writes. Whoever wants it waits in turn; a wait too long, for others here or for another program
 * that holds the file, is an {@link UnavailableException}. A connection on which beginning or ending a transaction failed
 * is thrown away, since nobody can know what state it is in.
 */
final class Writer implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Writer.class);

    /** Longest wait in all; chosen by us: longer than any of our own transactions, shorter than a person's patience. */
    private static final long MOST_WAIT_MILLISECONDS = 4500;

    private static final String BUSY =
            "The data is being written to by another program or a long job. Nothing was stored; try again in a moment.";

    private final DataFile data;
    private final FileGuard guard;
    private final ReentrantLock turn = new ReentrantLock(true);
    private @Nullable Connection open;

    Writer(DataFile data, FileGuard guard) {
        this.data = data;
        this.guard = guard;
    }

    /** Waits for the turn and begins a transaction; whoever gets it must {@link #giveBack()}. */
    Connection begin() throws SQLException {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(MOST_WAIT_MILLISECONDS);
        takeTurn();
        try {
            Connection connection = connection();
            long left = TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime());
            connection.unwrap(SQLiteConnection.class).setBusyTimeout((int) Math.max(1, left));
            run(connection, "BEGIN IMMEDIATE");
            guard.openedJournal();
            return connection;
        } catch (SQLException e) {
            discard();
            giveBack();
            if (SqliteTrouble.isBusy(e)) {
                throw new UnavailableException(BUSY, e);
            }
            throw e;
        } catch (UnavailableException e) {
            giveBack();
            throw e;
        }
    }

    private void takeTurn() {
        try {
            if (!turn.tryLock(MOST_WAIT_MILLISECONDS, TimeUnit.MILLISECONDS)) {
                throw new UnavailableException(BUSY);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new UnavailableException(BUSY, e);
        }
    }

    /** The connection there is, kept open while the file is away, so that its journal is not lost; or a new one. */
    private Connection connection() throws SQLException {
        guard.check();
        Connection there = open;
        if (there == null) {
            there = data.open();
            open = there;
            guard.check();
        }
        return there;
    }

    /** Ends the transaction and keeps what it did, on the disk, in the file that is still there. */
    void commit(Connection connection) throws SQLException {
        try {
            run(connection, "COMMIT");
        } catch (SQLException e) {
            rollBackOrDiscard(connection);
            throw e;
        }
        guard.check();
    }

    /** Ends the transaction and takes back what it did. */
    void rollBackOrDiscard(Connection connection) {
        try {
            run(connection, "ROLLBACK");
        } catch (SQLException e) {
            // SQLite takes a transaction back by itself on some errors; the connection is not trusted again either way.
            LOG.debug("Rolling back", e);
            discard();
        }
    }

    void giveBack() {
        turn.unlock();
    }

    private void discard() {
        Connection broken = open;
        open = null;
        if (broken != null) {
            try {
                broken.close();
            } catch (SQLException e) {
                LOG.debug("Closing a connection thrown away", e);
            }
        }
    }

    private static void run(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    /** Waits for whoever is writing, then closes. */
    @Override
    public void close() {
        turn.lock();
        try {
            discard();
        } finally {
            turn.unlock();
        }
    }
}
