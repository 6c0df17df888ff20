package wrenlane.server.platform.network;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import wrenlane.server.platform.storage.OwnerPermissions;
import wrenlane.server.platform.storage.StartException;

/**
 * What the network needs from one start to the next, each in a file that only its owner can read. It lies beside the data
 * file and not in it, so that no copy of the data carries a key.
 *
 * @param folder where the files lie; made when the first is written
 */
public record NetworkFolder(Path folder) {
    /** Of a data folder. */
    public static NetworkFolder of(Path dataFolder) {
        return new NetworkFolder(dataFolder.resolve("network"));
    }

    /** What a file says, where there is one. */
    public Optional<String> read(String name) {
        Path file = folder.resolve(name);
        try {
            return Files.exists(file) ? Optional.of(Files.readString(file)) : Optional.empty();
        } catch (IOException e) {
            throw new StartException("The file " + file + " could not be read.", e);
        }
    }

    /** Writes a file whole, in the place of one before. */
    public void write(String name, String content) {
        Path file = folder.resolve(name);
        try {
            Files.createDirectories(folder);
            OwnerPermissions.folder(folder);
            Path next = Files.createTempFile(folder, name, ".new");
            OwnerPermissions.file(next);
            Files.write(next, content.getBytes(StandardCharsets.UTF_8));
            Files.move(next, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new StartException("The file " + file + " could not be written.", e);
        }
    }

    /** Deletes a file where there is one. */
    public void delete(String name) {
        Path file = folder.resolve(name);
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new StartException("The file " + file + " could not be deleted.", e);
        }
    }
}
