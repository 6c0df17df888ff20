package wrenlane.server.platform.storage;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Transactions of the data file: writing ones on the one {@link Writer}, reading ones on a connection of their own, which
 * sees one state of the file throughout (SQLite's snapshot isolation in WAL mode) and never waits for the writer. Begins
 * and ends them in words rather than through the driver, which begins the next transaction by itself after each commit, so
 * that a commit that succeeded could be told as failed.
 */
final class SqliteTransactions extends AbstractPlatformTransactionManager {
    private static final long serialVersionUID = 1;

    private final transient HikariDataSource readers;
    private final transient Writer writer;
    private final transient FileGuard guard;

    SqliteTransactions(HikariDataSource readers, Writer writer, FileGuard guard) {
        this.readers = readers;
        this.writer = writer;
        this.guard = guard;
        // Writing inside of a reading transaction is a programmer's mistake, and told as one.
        setValidateExistingTransaction(true);
    }

    private static final class CurrentTransaction {
        private @Nullable ConnectionHolder holder;
        private boolean writing;

        private ConnectionHolder held() {
            ConnectionHolder h = holder;
            if (h == null) {
                throw new IllegalStateException("no transaction was begun");
            }
            return h;
        }
    }

    @Override
    protected Object doGetTransaction() {
        CurrentTransaction current = new CurrentTransaction();
        current.holder = (ConnectionHolder) TransactionSynchronizationManager.getResource(readers);
        return current;
    }

    @Override
    protected boolean isExistingTransaction(Object transaction) {
        return ((CurrentTransaction) transaction).holder != null;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        CurrentTransaction current = (CurrentTransaction) transaction;
        current.writing = !definition.isReadOnly();
        try {
            Connection connection = current.writing ? writer.begin() : reading();
            ConnectionHolder holder = new ConnectionHolder(connection);
            holder.setSynchronizedWithTransaction(true);
            current.holder = holder;
            TransactionSynchronizationManager.bindResource(readers, holder);
        } catch (SQLException e) {
            throw new CannotCreateTransactionException("beginning", e);
        }
    }

    private Connection reading() throws SQLException {
        guard.checkFile();
        Connection connection = readers.getConnection();
        try (Statement statement = connection.createStatement()) {
            statement.execute("BEGIN");
            return connection;
        } catch (SQLException e) {
            readers.evictConnection(connection);
            throw e;
        }
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        CurrentTransaction current = (CurrentTransaction) status.getTransaction();
        Connection connection = current.held().getConnection();
        try {
            if (current.writing) {
                writer.commit(connection);
            } else {
                endReading(connection);
            }
        } catch (SQLException e) {
            throw new TransactionSystemException("ending", e);
        }
    }

    @Override
    protected void doRollback(DefaultTransactionStatus status) {
        CurrentTransaction current = (CurrentTransaction) status.getTransaction();
        Connection connection = current.held().getConnection();
        if (current.writing) {
            writer.rollBackOrDiscard(connection);
        } else {
            try {
                endReading(connection);
            } catch (SQLException e) {
                throw new TransactionSystemException("ending", e);
            }
        }
    }

    /** There is nothing to keep or to take back: the state that was looked at is let go. */
    private void endReading(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("ROLLBACK");
        } catch (SQLException e) {
            readers.evictConnection(connection);
            throw e;
        }
    }

    @Override
    protected void doSetRollbackOnly(DefaultTransactionStatus status) {
        ((CurrentTransaction) status.getTransaction()).held().setRollbackOnly();
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        CurrentTransaction current = (CurrentTransaction) transaction;
        TransactionSynchronizationManager.unbindResource(readers);
        ConnectionHolder holder = current.held();
        Connection connection = holder.getConnection();
        holder.clear();
        if (current.writing) {
            writer.giveBack();
        } else {
            try {
                connection.close();
            } catch (SQLException e) {
                logger.debug("Giving a connection back", e);
            }
        }
    }
}
