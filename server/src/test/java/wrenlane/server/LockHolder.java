package wrenlane.server;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/** Another program that writes to a data file: holds the lock from when it says so until it is told to let go. */
final class LockHolder implements AutoCloseable {
    private final Process process;

    /** The other program itself; its argument is the data file. */
    public static void main(String[] args) throws SQLException, IOException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + args[0]);
                Statement statement = connection.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            System.err.write('!');
            System.err.flush();
            // Until the one who started it closes the pipe.
            while (System.in.read() >= 0) {
                statement.execute("SELECT 1");
            }
            statement.execute("ROLLBACK");
        }
    }

    /** Starts it and waits until it holds the lock. */
    LockHolder(Path dataFile) throws IOException {
        process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        LockHolder.class.getName(),
                        dataFile.toString())
                .start();
        InputStream said = process.getErrorStream();
        for (int c = said.read(); c != '!'; c = said.read()) {
            if (c < 0) {
                throw new IllegalStateException("the other program ended before it held the lock");
            }
        }
    }

    /** Lets go, and waits until it has. */
    @Override
    public void close() {
        try {
            process.getOutputStream().close();
            process.waitFor();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
