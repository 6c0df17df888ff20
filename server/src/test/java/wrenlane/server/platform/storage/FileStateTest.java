package wrenlane.server.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** The state of the data is another one after whatever was stored, and the same as long as nothing is. */
class FileStateTest {
    private static final String INSERTED =
            "INSERT INTO marker (name, sort, base_m, height_m, colour) VALUES (?, 'FLAT', 0.2, 0.05, 'white')";

    @TempDir
    Path folder;

    private DataFile data;
    private HikariDataSource readers;
    private Writer writer;
    private FileState state;
    private Storage storage;
    private JdbcTemplate sql;

    @BeforeEach
    void open() throws SQLException {
        StorageConfig config = new StorageConfig();
        data = DataFileOpener.open(folder, Clock.systemUTC());
        FileGuard guard = config.fileGuard(data);
        readers = config.readers(data, guard);
        writer = config.writer(data, guard);
        state = config.fileState(data);
        storage = config.storage(config.transactions(readers, writer, guard), state, () -> 0);
        sql = new JdbcTemplate(readers);
    }

    @AfterEach
    void close() throws SQLException {
        state.close();
        writer.close();
        readers.close();
    }

    private void store(String name) {
        storage.change(() -> sql.update(INSERTED, name));
    }

    @Test
    void isAnotherAfterEveryChange() {
        Set<Long> states = new HashSet<>(Set.of(storage.state()));
        for (int i = 0; i < 20; i++) {
            store("marker " + i);
            assertThat(states.add(storage.state()))
                    .as("a new state after change %d", i)
                    .isTrue();
        }
    }

    @Test
    void staysTheSameWhereNothingIsStored() {
        store("first");
        long before = storage.state();
        assertThat(storage.read(
                        () -> sql.queryForList("SELECT name FROM marker").size()))
                .isPositive();
        assertThatThrownBy(() -> storage.change(() -> {
                    sql.update(INSERTED, "taken back");
                    throw new IllegalArgumentException("so that nothing is kept");
                }))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(storage.state()).isEqualTo(before);
    }

    @Test
    void isAnotherWhereAnotherProgramStored() throws SQLException {
        long before = storage.state();
        try (Connection other = DriverManager.getConnection(DataFile.url(data.path(), true));
                Statement statement = other.createStatement()) {
            statement.execute(INSERTED.replace("?", "'by another'"));
        }
        assertThat(storage.state()).isNotEqualTo(before);
    }

    @Test
    void isAnotherWhereACopyWasPutInItsPlace() {
        store("in the copy");
        Copies copies = new Copies(data, Clock.systemUTC());
        Path copy = data.copies().resolve(copies.keep("by-hand"));
        store("after the copy");
        long before = storage.state();
        copies.restore(copy);
        assertThat(storage.state()).isNotEqualTo(before);
        assertThat(storage.read(() -> sql.queryForList("SELECT name FROM marker", String.class)))
                .containsExactly("in the copy");
    }

    @Test
    void isNotAskedInATransactionWhichMaySeeAnEarlierOne() {
        assertThatThrownBy(() -> storage.read(storage::state)).isInstanceOf(IllegalStateException.class);
        assertThatThrownBy(() -> storage.write(storage::state)).isInstanceOf(IllegalStateException.class);
    }
}
