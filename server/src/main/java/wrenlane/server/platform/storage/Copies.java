package wrenlane.server.platform.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.sqlite.SQLiteConnection;

/**
 * Copies of the data file. Made by SQLite's own online backup, so that one is whole even while people log; looked at after
 * writing; put in place by name only then. Those of the nights are kept for {@link #NIGHTS_KEPT} nights, all others until
 * somebody deletes them.
 */
public final class Copies {
    /** Copies of nights that are kept; chosen by us: a week. */
    static final int NIGHTS_KEPT = 7;

    private static final String NIGHT = "night";
    private static final String ENDING = ".db";
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss", Locale.ROOT);

    /** What a copy may be called: ours are, and nothing that leads out of the folder. */
    private static final Pattern NAME = Pattern.compile("[a-z0-9][a-z0-9-]{0,80}\\.db");

    /** SQLite's word for having copied everything. */
    private static final int DONE = 0;

    private final DataFile data;
    private final Clock clock;

    public Copies(DataFile data, Clock clock) {
        this.data = data;
        this.clock = clock;
    }

    /**
     * A copy that is kept.
     *
     * @param name of its file in the folder {@code copies}
     * @param bytes its size
     * @param writtenAt when
     * @param content what is in it
     */
    public record Copy(String name, long bytes, Instant writtenAt, CopyContent content) {}

    /** The copies that are kept and whole, newest first. */
    public List<Copy> all() {
        try (Stream<Path> files = Files.isDirectory(data.copies()) ? Files.list(data.copies()) : Stream.empty()) {
            return files.filter(f -> NAME.matcher(f.getFileName().toString()).matches())
                    .flatMap(Copies::described)
                    .sorted(Comparator.comparing(Copy::writtenAt)
                            .thenComparing(Copy::name)
                            .reversed())
                    .toList();
        } catch (IOException e) {
            throw unreadable(data.copies(), e);
        }
    }

    private static Stream<Copy> described(Path file) {
        try {
            return Stream.of(new Copy(
                    file.getFileName().toString(),
                    Files.size(file),
                    Files.getLastModifiedTime(file).toInstant(),
                    CopyContent.of(file)));
        } catch (IOException | StartException e) {
            // One that is no longer whole is no copy.
            return Stream.empty();
        }
    }

    /** The file of a copy that is kept; the name is one of {@link #all()}. */
    public Path file(String name) {
        Path file = data.copies().resolve(name);
        if (!NAME.matcher(name).matches() || !Files.isRegularFile(file)) {
            throw new IllegalArgumentException("there is no copy called " + name);
        }
        return file;
    }

    /** Keeps a copy of the data as it is now, and says what it is called. */
    public String keep(String called) {
        String name = called + "-" + STAMP.format(LocalDateTime.now(clock)) + ENDING;
        save(data.copies().resolve(name));
        return name;
    }

    /** An empty file in the folder of copies, to take in what is brought; it is no copy until it is kept. */
    public Path arriving() {
        try {
            Files.createDirectories(data.copies());
            return Files.createTempFile(data.copies(), "arriving", ".part");
        } catch (IOException e) {
            throw unreadable(data.copies(), e);
        }
    }

    /** Keeps a file that was brought from elsewhere among the copies, where it is one, and says what it is called. */
    public String keepFrom(Path brought, String called) {
        CopyCheck.requireWhole(brought);
        String name = called + "-" + STAMP.format(LocalDateTime.now(clock)) + ENDING;
        try {
            Files.move(brought, data.copies().resolve(name), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw unreadable(brought, e);
        }
        return name;
    }

    /** Keeps one for tonight unless there is one, and lets go of those that are too old. */
    public void keepTonights() {
        Path tonight = data.copies().resolve(NIGHT + "-" + LocalDate.now(clock) + ENDING);
        if (!Files.exists(tonight)) {
            save(tonight);
        }
        try (Stream<Path> files = Files.list(data.copies())) {
            List<Path> nights = files.filter(f -> f.getFileName().toString().matches(NIGHT + "-[0-9-]{10}\\.db"))
                    .sorted(Comparator.reverseOrder())
                    .toList();
            for (Path old : nights.subList(Math.min(NIGHTS_KEPT, nights.size()), nights.size())) {
                Files.delete(old);
            }
        } catch (IOException e) {
            throw unreadable(data.copies(), e);
        }
    }

    /**
     * Writes a copy of the data as it is now to a file.
     *
     * @throws StartException where that fails; a file that was there before is left as it was
     */
    public void save(Path to) {
        Path target = to.toAbsolutePath();
        Path half = target.resolveSibling(target.getFileName() + ".part");
        try {
            Path parent = target.getParent();
            if (parent != null && !Files.exists(parent)) {
                Files.createDirectories(parent);
                OwnerPermissions.folder(parent);
            }
            Files.deleteIfExists(half);
            copy(data.existingUrl(true), half);
            OwnerPermissions.file(half);
            CopyCheck.requireWhole(half);
            Files.move(half, target, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException | SQLException e) {
            throw new StartException("No copy could be written: " + reason(e), e);
        } finally {
            deleteQuietly(half);
        }
    }

    private static String reason(Exception e) {
        return SqliteTrouble.of(e)
                .map(SqliteTrouble::sentence)
                .orElse("see to the folder's permissions and free space.");
    }

    /** Copies by SQLite's own online backup; the copy needs no journal beside it. */
    private static void copy(String from, Path to) throws SQLException {
        try (Connection connection = DriverManager.getConnection(from)) {
            copy(connection, to);
        }
    }

    private static void copy(Connection connection, Path to) throws SQLException {
        int rc = connection
                .unwrap(SQLiteConnection.class)
                .getDatabase()
                .backup("main", to.toString(), (remaining, pages) -> {});
        if (rc != DONE) {
            throw new SQLException("the backup ended with code " + rc);
        }
        try (Connection copy = DriverManager.getConnection("jdbc:sqlite:" + to);
                Statement statement = copy.createStatement()) {
            statement.execute("PRAGMA journal_mode = DELETE");
        }
    }

    /**
     * Puts a copy in the place of the data, in one step that a running app sees as one change. The data as it was is kept
     * as a copy itself, numbers already given are not given again, and pages that show older states are told.
     *
     * @param from a copy, also one written by an older version
     * @return what the data as it was is called among the copies; empty where there was none
     * @throws StartException where the copy is not whole or is of a newer version; the data is left as it was
     */
    public String restore(Path from) {
        if (!Files.isRegularFile(from)) {
            throw new StartException("There is no file " + from.toAbsolutePath() + ".");
        }
        Path ready = data.folder().resolve("restoring" + ENDING);
        try {
            Files.createDirectories(data.folder());
            deleteQuietly(ready);
            CopyCheck.requireWhole(from);
            try (Connection whole = CopyCheck.open(from)) {
                copy(whole, ready);
            }
            Schema.migrate(ready);
            return put(ready);
        } catch (IOException | SQLException e) {
            throw new StartException("The copy " + from.getFileName() + " could not be restored: " + reason(e), e);
        } finally {
            deleteQuietly(ready);
        }
    }

    private String put(Path ready) throws SQLException, IOException {
        if (!Files.exists(data.path())) {
            return putAlone(ready);
        }
        if (!sound()) {
            // Nothing can be carried over from a damaged file: it is put aside as it is.
            Files.createDirectories(data.copies());
            String aside = "damaged-" + STAMP.format(LocalDateTime.now(clock)) + ENDING;
            Files.move(data.path(), data.copies().resolve(aside));
            Files.deleteIfExists(data.journal());
            return putAlone(ready);
        }
        DataFileOpener.open(data.folder(), clock);
        return Replacement.replace(data, ready, () -> keep("before-restoring"));
    }

    /** Where there is nothing whose place it takes. */
    private String putAlone(Path ready) throws SQLException {
        copy(DataFile.url(ready, true), data.path());
        return "";
    }

    private boolean sound() {
        try {
            DataFileOpener.versionOfSound(data.path());
            return true;
        } catch (StartException e) {
            return false;
        }
    }

    private static void deleteQuietly(Path file) {
        try {
            for (String more : List.of("", "-wal", "-shm")) {
                Files.deleteIfExists(file.resolveSibling(file.getFileName() + more));
            }
        } catch (IOException e) {
            throw unreadable(file, e);
        }
    }

    /** What failed with a file of copies, in a sentence. */
    public static StartException unreadable(Path path, IOException e) {
        String sentence = SqliteTrouble.of(e)
                .filter(t -> t == SqliteTrouble.FULL)
                .map(SqliteTrouble::sentence)
                .orElse(path.getFileName() + " cannot be read or written: see to its permissions.");
        return new StartException(sentence, e);
    }
}
