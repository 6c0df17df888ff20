package wrenlane.server.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever stands where the data should be: opened if it is ours and whole, else one sentence that says what to do. */
class DataFileOpenerTest {
    private static final Clock CLOCK = Clock.systemUTC();

    /** Of the page that holds how far a file may be written by which versions of SQLite. */
    private static final int WRITE_VERSION_AT = 18;

    @TempDir
    Path folder;

    private Path file() {
        return folder.resolve("wren-lane.db");
    }

    private static void sql(Path file, String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        }
    }

    private void refuses(String... words) {
        assertThatThrownBy(() -> DataFileOpener.open(folder, CLOCK))
                .isInstanceOf(StartException.class)
                .hasMessageContainingAll(words)
                .hasMessageNotContaining("Exception");
    }

    @Test
    void makesAFolderAndAFileWhereThereAreNone() {
        Path deep = folder.resolve("a/b");
        assertThat(DataFileOpener.open(deep, CLOCK).path()).exists();
        // Opened again it is as it was.
        assertThat(DataFileOpener.open(deep, CLOCK).copies()).doesNotExist();
    }

    /** Nobody else on a shared machine reads what is stored about riders. */
    @Test
    void keepsFolderAndFilesToTheirOwner() throws IOException {
        DataFile data = DataFileOpener.open(folder.resolve("own"), CLOCK);
        String copy = new Copies(data, CLOCK).keep("kept");
        assertThat(Files.getPosixFilePermissions(data.folder()))
                .isEqualTo(PosixFilePermissions.fromString("rwx------"));
        assertThat(Files.getPosixFilePermissions(data.copies()))
                .isEqualTo(PosixFilePermissions.fromString("rwx------"));
        for (Path file : List.of(data.path(), data.copies().resolve(copy))) {
            assertThat(Files.getPosixFilePermissions(file)).isEqualTo(PosixFilePermissions.fromString("rw-------"));
        }
    }

    /** A new file would be made in its place, and the journal of the old one deleted. */
    @Test
    void refusesToMakeAFileBesideTheJournalOfAnother() throws IOException {
        Files.writeString(new DataFile(folder).journal(), "what was stored last");
        refuses("wren-lane.db", "missing", "journal");
        assertThat(new DataFile(folder).journal()).hasContent("what was stored last");
    }

    @Test
    void refusesAFileOfANewerVersion() throws SQLException {
        DataFileOpener.open(folder, CLOCK);
        sql(file(), "UPDATE flyway_schema_history SET version = '99' WHERE version = '4'");
        refuses("newer version", "tables 99");
    }

    @Test
    void refusesAnotherProgramsDatabase() throws SQLException {
        sql(file(), "CREATE TABLE songs (title TEXT)");
        refuses("another program");
    }

    @Test
    void refusesWhatIsNoDatabase() throws IOException {
        Files.writeString(file(), "not a database, however long this text may be, and it is long enough");
        refuses("not a data file");
    }

    @Test
    void refusesAFolderInPlaceOfTheFile() throws IOException {
        Files.createDirectory(file());
        refuses("is a folder");
    }

    @Test
    void refusesAFileInPlaceOfTheFolder() throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("file"), "x");
        assertThatThrownBy(() -> DataFileOpener.open(inTheWay, CLOCK)).hasMessageContaining("not a folder");
    }

    @Test
    void refusesAFolderThatCannotBeMade() {
        assertThatThrownBy(() -> DataFileOpener.open(Path.of("/proc/wren-lane"), CLOCK))
                .isInstanceOf(StartException.class)
                .hasMessageContaining("permissions");
    }

    @Test
    void refusesAFileThatIsCutOff() throws IOException {
        DataFileOpener.open(folder, CLOCK);
        try (RandomAccessFile f = new RandomAccessFile(file().toFile(), "rw")) {
            f.setLength(f.length() / 2);
        }
        refuses("damaged", "restore a copy");
    }

    @Test
    void refusesAFileThatIsDamagedInside() throws IOException {
        DataFileOpener.open(folder, CLOCK);
        try (RandomAccessFile f = new RandomAccessFile(file().toFile(), "rw")) {
            f.seek(4096);
            f.write("nonsense".repeat(900).getBytes(StandardCharsets.UTF_8));
        }
        refuses("damaged");
    }

    /** SQLite takes a file for read-only whose header says that only a later version may write it. */
    @Test
    void refusesAFileThatCannotBeWrittenTo() throws IOException {
        DataFileOpener.open(folder, CLOCK);
        try (RandomAccessFile f = new RandomAccessFile(file().toFile(), "rw")) {
            f.seek(WRITE_VERSION_AT);
            f.write(3);
        }
        refuses("cannot be written to");
    }

    /** Data of the version before, with everything that was stored then. */
    private void olderData() throws SQLException {
        Flyway.configure()
                .dataSource(DataFile.url(file(), true), null, null)
                .target("3")
                .load()
                .migrate();
        sql(
                file(),
                "INSERT INTO machine (id, name, class_id, transmission) VALUES (3, 'Twin', 'twin-300', 'HAND_CLUTCH')",
                "INSERT INTO machine_figure VALUES (3, 'WHEELBASE', 1.4, 'MEASURED')",
                "INSERT INTO rider VALUES (5, 'Ada', 'NOVICE', 'DRAG', 3, '')",
                "INSERT INTO course (id, name, kind, first_turn) VALUES (7, 'Box', 'u-turn-box', 'LEFT')",
                "INSERT INTO course_dimension VALUES (7, 'widthMetres', 7.2, 0.02, 'TAPE', '7.2 m')",
                "INSERT INTO day (id, date, title) VALUES (9, '2026-05-14', 'A day')",
                "INSERT INTO day_course (day_id, course_id, position) VALUES (9, 7, 0)",
                "INSERT INTO day_rider VALUES (9, 5, 3, 1)",
                run("first", "2026-05-14T12:00:00Z"),
                run("second", "2026-05-14T12:00:00.500Z"),
                run("third", "2026-05-14T12:00:01.250123Z"),
                "INSERT INTO kept_field VALUES ('rider', 5, '{}'), ('rider', 4, '{}')");
    }

    private static String run(String id, String at) {
        return "INSERT INTO run (id, day_id, rider_id, machine_id, course_id, course_name, kind, side, setting_m, limit_m,"
                + " faults, logged_at, simulated, settings) VALUES ('" + id
                + "', 9, 5, 3, 7, 'Box', 'u-turn-box', 'LEFT', 7.2, 4, '', '" + at + "', 0, '')";
    }

    @Test
    void bringsOlderDataAlongAndKeepsACopyOfIt() throws SQLException {
        olderData();
        DataFile data = DataFileOpener.open(folder, CLOCK);
        try (Connection connection = data.open();
                Statement statement = connection.createStatement()) {
            List<String> runs = new ArrayList<>();
            var rows = statement.executeQuery("SELECT id, logged_at_ms FROM run ORDER BY logged_at_ms");
            while (rows.next()) {
                runs.add(rows.getString(1) + " " + rows.getLong(2));
            }
            assertThat(runs).containsExactly("first 1778760000000", "second 1778760000500", "third 1778760001250");
            assertThat(Schema.count(connection, "SELECT count(*) FROM machine_figure"))
                    .isEqualTo(1);
            assertThat(Schema.count(connection, "SELECT count(*) FROM course_dimension"))
                    .isEqualTo(1);
            assertThat(Schema.count(connection, "SELECT version FROM rider WHERE id = 5"))
                    .isEqualTo(1);
            // What was kept of a rider who is long gone went with them.
            assertThat(Schema.count(connection, "SELECT count(*) FROM kept_field"))
                    .isEqualTo(1);
            statement.execute("INSERT INTO day (date, title) VALUES ('2026-05-15', 'Next')");
            statement.execute("DELETE FROM day WHERE id = 10");
            statement.execute("INSERT INTO day (date, title) VALUES ('2026-05-16', 'After')");
            assertThat(Schema.count(connection, "SELECT max(id) FROM day")).isEqualTo(11);
        }
        assertThat(new Copies(data, CLOCK).all()).singleElement().satisfies(c -> {
            assertThat(c.name()).matches("before-version-[0-9]+-[0-9-]+[.]db");
            assertThat(c.content().runs()).isEqualTo(3);
        });
    }
}
