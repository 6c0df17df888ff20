package wrenlane.server.copy;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import wrenlane.server.http.NotFoundException;
import wrenlane.server.http.RefusedException;
import wrenlane.server.http.TooLargeException;
import wrenlane.server.storage.Copies;
import wrenlane.server.storage.Copies.Copy;
import wrenlane.server.storage.DataFile;
import wrenlane.server.storage.StartException;

/** Copies for people who ask for them in the pages. One thing is done with them at a time. */
@Service
class CopyService {
    private static final int PIECE = 65_536;

    private final Copies copies;
    private final DataFile data;
    private final long limitBytes;

    CopyService(DataFile data, Clock clock, @Value("${wren.max-copy-bytes}") long limitBytes) {
        this.copies = new Copies(data, clock);
        this.data = data;
        this.limitBytes = limitBytes;
    }

    List<Copy> all() {
        return copies.all();
    }

    synchronized Copy keep() {
        return called(told(() -> copies.keep("kept")));
    }

    private Copy called(String name) {
        return copies.all().stream()
                .filter(c -> c.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("copy", name));
    }

    Path file(String name) {
        try {
            return copies.file(name);
        } catch (IllegalArgumentException e) {
            throw new NotFoundException("copy", name);
        }
    }

    /** Takes a file in piece by piece, looks at it, and keeps it among the copies. */
    synchronized Copy bring(InputStream in, long announced) throws IOException {
        if (announced > limitBytes) {
            throw new TooLargeException(limitBytes);
        }
        Files.createDirectories(data.copies());
        Path arriving = Files.createTempFile(data.copies(), "arriving", ".part");
        try {
            take(in, arriving);
            return called(told(() -> copies.keepFrom(arriving, "brought")));
        } finally {
            Files.deleteIfExists(arriving);
        }
    }

    private void take(InputStream in, Path to) throws IOException {
        byte[] piece = new byte[PIECE];
        long taken = 0;
        try (OutputStream out = Files.newOutputStream(to)) {
            for (int got = in.read(piece); got >= 0; got = in.read(piece)) {
                taken += got;
                if (taken > limitBytes) {
                    throw new TooLargeException(limitBytes);
                }
                out.write(piece, 0, got);
            }
        }
    }

    synchronized String restore(String name) {
        Path from = file(name);
        return told(() -> copies.restore(from));
    }

    /** One for tonight, unless there is one. */
    synchronized void keepTonights() {
        copies.keepTonights();
    }

    /** What cannot be done with a copy is told as any other refusal. */
    private static String told(Supplier<String> doing) {
        try {
            return doing.get();
        } catch (StartException e) {
            throw RefusedException.of("copy-not-possible", "copy", String.valueOf(e.getMessage()));
        }
    }
}
