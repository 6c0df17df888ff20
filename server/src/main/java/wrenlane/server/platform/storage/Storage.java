package wrenlane.server.platform.storage;

import java.sql.SQLException;
import java.util.Objects;
import java.util.function.Supplier;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Hands out the data file. There is one writer, taken in turn; nothing is computed while it is held, so that nobody waits
 * for longer than it takes to store something. Any number read beside it, each seeing one state of the file.
 */
public final class Storage {
    private final TransactionTemplate writing;
    private final TransactionTemplate reading;
    private final FileState state;
    private final NumberingMapper numbering;

    Storage(PlatformTransactionManager transactions, FileState state, NumberingMapper numbering) {
        this.state = state;
        this.numbering = numbering;
        this.writing = new TransactionTemplate(transactions);
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /**
     * Does some work that stores: all of it is kept, or nothing. Joins the transaction it is called in.
     *
     * @throws UnavailableException where the writer is not to be had in time; nothing was stored
     */
    public <T> T write(Supplier<T> work) {
        return Objects.requireNonNull(writing.execute(status -> work.get()));
    }

    /** The same for work without a result. */
    public void change(Runnable work) {
        writing.executeWithoutResult(status -> work.run());
    }

    /** Reads several things of one state of the data. Inside of {@link #write}, of the state being written. */
    public <T> T read(Supplier<T> work) {
        return Objects.requireNonNull(reading.execute(status -> work.get()));
    }

    /**
     * The version of what is not stored: 0, and after a restored copy more than any version given out before. Its first
     * stored version is one more.
     */
    public long leastVersion() {
        return numbering.leastVersion();
    }

    /**
     * A number that stays the same as long as nothing is stored, by whomever. What is read after this is of this state, or
     * of a later one; so it is asked outside of transactions, which may see an earlier one.
     *
     * @throws IllegalStateException inside of a transaction
     */
    public long state() {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException("the state of the data is asked inside of a transaction");
        }
        try {
            return state.now();
        } catch (SQLException e) {
            throw new DataAccessResourceFailureException("asking for the state of the data", e);
        }
    }
}
