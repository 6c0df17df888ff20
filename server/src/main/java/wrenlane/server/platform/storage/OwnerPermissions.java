package wrenlane.server.platform.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;

/** Keeps folders and files to whoever runs the app, where the file system knows owners. */
public final class OwnerPermissions {
    private OwnerPermissions() {}

    /** Of a folder: 0700. */
    public static void folder(Path folder) throws IOException {
        set(folder, "rwx------");
    }

    /** Of a file: 0600. SQLite gives its journal the permissions of the file. */
    public static void file(Path file) throws IOException {
        set(file, "rw-------");
    }

    private static void set(Path path, String permissions) throws IOException {
        if (path.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(permissions));
        }
    }
}
