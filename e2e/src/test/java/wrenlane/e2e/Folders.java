package wrenlane.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Folders with all that is in them. */
final class Folders {
    private Folders() {}

    /** Copies what is in a folder into another one, which is made where it is missing. */
    static void copy(Path from, Path to) throws IOException {
        try (var files = Files.walk(from)) {
            for (Path p : files.toList()) {
                Path target = to.resolve(from.relativize(p).toString());
                if (Files.isDirectory(p)) {
                    Files.createDirectories(target);
                } else {
                    Files.copy(p, target);
                }
            }
        }
    }

    /** Deletes a folder; one that is not there is as good as deleted. */
    static void delete(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (var files = Files.walk(folder)) {
            for (Path p : files.sorted((a, b) -> b.compareTo(a)).toList()) {
                Files.delete(p);
            }
        }
    }
}
