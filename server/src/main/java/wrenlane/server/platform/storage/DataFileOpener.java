package wrenlane.server.platform.storage;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Looks at a data file before anything is done with it, and says in one sentence what is wrong. */
final class DataFileOpener {
    private static final Logger LOG = LoggerFactory.getLogger(DataFileOpener.class);

    /** What every SQLite file begins with. */
    private static final byte[] HEADER = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    private DataFileOpener() {}

    /**
     * Opens the data of a folder, made where it is missing; a copy is kept before older tables are changed.
     *
     * @throws StartException with what to do
     */
    static DataFile open(Path folder, Clock clock) {
        DataFile data = new DataFile(folder.toAbsolutePath());
        makeFolder(data.folder());
        Path file = data.path();
        boolean there = Files.exists(file);
        if (!there && Files.exists(data.journal())) {
            throw new StartException(file + " is missing, but its journal is there with what was stored last: put the"
                    + " file back beside " + data.journal() + ", or move the journal away to start anew.");
        }
        int version = there ? versionOfSound(file) : 0;
        canBeWritten(data);
        keepToOwner(data);
        if (version < Schema.latest()) {
            if (version > 0) {
                new Copies(data, clock).keep("before-version-" + Schema.latest());
            }
            Schema.migrate(file);
        }
        return data;
    }

    /** A folder of somebody else's that can be written to stays as it is. */
    private static void keepToOwner(DataFile data) {
        try {
            OwnerPermissions.folder(data.folder());
            OwnerPermissions.file(data.path());
        } catch (IOException e) {
            LOG.warn("{} may be read by others on this machine: {}", data.folder(), e.getMessage());
        }
    }

    private static void makeFolder(Path folder) {
        try {
            Files.createDirectories(folder);
        } catch (FileAlreadyExistsException e) {
            throw new StartException(folder + " is a file, not a folder: name a folder for the data.", e);
        } catch (IOException e) {
            throw new StartException(
                    "The folder " + folder + " cannot be made: name another, or see to the permissions.", e);
        }
    }

    /**
     * The version of a file's tables, where the file is whole, ours and not of a newer version.
     *
     * @throws StartException where it is not
     */
    static int versionOfSound(Path file) {
        if (Files.isDirectory(file)) {
            throw new StartException(file + " is a folder, where the data file should be: move it away.");
        }
        if (!isSqlite(file)) {
            throw new StartException(file + " is not a data file of Wren Lane: move it away, or restore a copy.");
        }
        int version;
        try (Connection connection = DriverManager.getConnection(DataFile.url(file, true))) {
            version = Schema.versionOf(connection);
            if (version >= 0 && !whole(connection)) {
                throw damaged(file, null);
            }
        } catch (SQLException e) {
            if (SqliteTrouble.of(e).filter(t -> t == SqliteTrouble.READ_ONLY).isPresent()) {
                throw readOnly(file, e);
            }
            throw damaged(file, e);
        }
        if (version < 0) {
            throw new StartException(
                    file + " is another program's database: name another folder for Wren Lane's data.");
        }
        if (version > Schema.latest()) {
            throw new StartException(file + " was written by a newer version of Wren Lane (tables " + version
                    + ", this one knows " + Schema.latest() + "): start that version, or name another folder.");
        }
        return version;
    }

    private static StartException damaged(Path file, @Nullable Throwable cause) {
        String sentence = file + " is damaged: put it aside and restore a copy (./wren restore FILE); copies are in "
                + file.resolveSibling("copies") + ".";
        return cause == null ? new StartException(sentence) : new StartException(sentence, cause);
    }

    private static StartException readOnly(Path file, Throwable cause) {
        return new StartException(
                file + " cannot be written to: see to its permissions, or name another folder.", cause);
    }

    private static boolean isSqlite(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] start = in.readNBytes(HEADER.length);
            // A file of no length is what SQLite makes of a new one.
            return start.length == 0 || Arrays.equals(start, HEADER);
        } catch (IOException e) {
            throw new StartException(file + " cannot be read: see to its permissions.", e);
        }
    }

    static boolean whole(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("PRAGMA quick_check(1)")) {
            return rows.next() && "ok".equals(rows.getString(1));
        }
    }

    private static void canBeWritten(DataFile data) {
        try (Connection connection = DriverManager.getConnection(DataFile.url(data.path(), true));
                Statement statement = connection.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            statement.execute("CREATE TABLE writing_is_possible (id INTEGER)");
            statement.execute("ROLLBACK");
        } catch (SQLException e) {
            throw SqliteTrouble.isBusy(e)
                    ? new StartException(
                            data.path() + " is being written to by another program: close that, then start again.", e)
                    : readOnly(data.path(), e);
        }
    }
}
