package wrenlane.server.storage;

import java.util.Objects;
import java.util.function.Supplier;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Hands out the data file. There is one writer, taken in turn; nothing is reckoned while it is held, so that nobody waits
 * for longer than it takes to store something. Any number read beside it, each seeing one state of the file.
 */
public final class Storage {
    private final TransactionTemplate writing;
    private final TransactionTemplate reading;

    Storage(PlatformTransactionManager transactions) {
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
}
