package wrenlane.server.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Copies are whole, are kept as long as was said, and put the data back as it was, on an empty machine too. */
class CopiesTest {
    private static final Instant NOW = Instant.parse("2026-05-14T18:00:00Z");

    @TempDir
    Path folder;

    private DataFile data;

    private static Clock at(Instant instant) {
        return Clock.fixed(instant, ZoneOffset.UTC);
    }

    @BeforeEach
    void data() throws SQLException {
        data = DataFileOpener.open(folder.resolve("data"), at(NOW));
        sql(data, "INSERT INTO day (date, title) VALUES ('2026-05-14', 'A day')");
        sql(data, "INSERT INTO rider (name, level, school, notes) VALUES ('Ada', 'NOVICE', 'DRAG', 'two\nlines')");
    }

    private static void sql(DataFile file, String statement) throws SQLException {
        try (Connection connection = file.open();
                Statement s = connection.createStatement()) {
            s.execute(statement);
        }
    }

    private static int count(DataFile file, String sql) throws SQLException {
        try (Connection connection = file.open()) {
            return Schema.count(connection, sql);
        }
    }

    @Test
    void aCopySaysWhatIsInIt() {
        Copies copies = new Copies(data, at(NOW));
        String name = copies.keep("kept");
        assertThat(copies.all()).singleElement().satisfies(c -> {
            assertThat(c.name()).isEqualTo(name).isEqualTo("kept-2026-05-14-180000.db");
            assertThat(c.content().riders()).isEqualTo(1);
            assertThat(c.content().newestDay()).hasToString("2026-05-14");
        });
        assertThat(copies.file(name)).exists();
        assertThatThrownBy(() -> copies.file("../wren-lane.db")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void restoredOnAnEmptyMachineItIsTheSame() throws SQLException {
        Path copy = folder.resolve("elsewhere.db");
        new Copies(data, at(NOW)).save(copy);
        DataFile other = new DataFile(folder.resolve("another machine"));
        assertThat(new Copies(other, at(NOW)).restore(copy)).isEmpty();
        DataFileOpener.open(other.folder(), at(NOW));
        assertThat(count(other, "SELECT count(*) FROM rider WHERE notes = 'two\nlines'"))
                .isEqualTo(1);
        assertThat(count(other, "SELECT count(*) FROM day")).isEqualTo(1);
    }

    @Test
    void whatWasThereBeforeIsKeptAndItsNumbersAreNotGivenAgain() throws SQLException {
        Copies copies = new Copies(data, at(NOW));
        Path copy = copies.file(copies.keep("kept"));
        sql(data, "INSERT INTO rider (name, level, school, notes) VALUES ('Bea', 'NOVICE', 'DRAG', '')");
        sql(data, "UPDATE rider SET version = 8");
        String before = copies.restore(copy);
        assertThat(count(data, "SELECT count(*) FROM rider")).isEqualTo(1);
        assertThat(count(data, "SELECT version FROM rider")).isGreaterThan(8);
        sql(data, "INSERT INTO rider (name, level, school, notes) VALUES ('Cleo', 'NOVICE', 'DRAG', '')");
        assertThat(count(data, "SELECT max(id) FROM rider")).isEqualTo(3);
        copies.restore(copies.file(before));
        assertThat(count(data, "SELECT count(*) FROM rider WHERE name = 'Bea'")).isEqualTo(1);
    }

    @Test
    void whatIsNoCopyLeavesTheDataAsItWas() throws IOException, SQLException {
        Copies copies = new Copies(data, at(NOW));
        Path text = Files.writeString(folder.resolve("text.db"), "not a copy, but a text that is long enough");
        Path empty = Files.createFile(folder.resolve("empty.db"));
        for (Path wrong : new Path[] {text, empty, folder.resolve("missing.db")}) {
            assertThatThrownBy(() -> copies.restore(wrong)).isInstanceOf(StartException.class);
            assertThat(count(data, "SELECT count(*) FROM rider")).isEqualTo(1);
        }
    }

    @Test
    void aDamagedFileIsPutAsideForACopy() throws IOException, SQLException {
        Copies copies = new Copies(data, at(NOW));
        Path copy = folder.resolve("good.db");
        copies.save(copy);
        Files.writeString(data.path(), "this was a data file once, before the disk had its way with it");
        assertThat(copies.restore(copy)).isEmpty();
        assertThat(count(data, "SELECT count(*) FROM rider")).isEqualTo(1);
        assertThat(data.copies().toFile().list()).singleElement().asString().startsWith("damaged-");
    }

    @Test
    void ofTheNightsSevenAreKept() throws IOException {
        for (int night = 0; night < 10; night++) {
            Copies copies = new Copies(data, at(NOW.plus(night, ChronoUnit.DAYS)));
            copies.keepTonights();
            copies.keepTonights();
        }
        new Copies(data, at(NOW)).keep("by-hand");
        try (var files = Files.list(data.copies())) {
            assertThat(files.map(f -> f.getFileName().toString()).sorted())
                    .hasSize(8)
                    .startsWith("by-hand-2026-05-14-180000.db", "night-2026-05-17.db")
                    .endsWith("night-2026-05-23.db");
        }
    }

    @Test
    void aCopyThatCannotBeWrittenIsSaidAndLeavesNothing() {
        assertThatThrownBy(() -> new Copies(data, at(NOW)).save(Path.of("/proc/nowhere/copy.db")))
                .isInstanceOf(StartException.class)
                .hasMessageContaining("No copy could be written");
    }
}
