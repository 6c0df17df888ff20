package wrenlane.server.platform.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import wrenlane.server.platform.creation.Creations;
import wrenlane.server.platform.problem.ConflictException;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.TooLargeException;
import wrenlane.server.platform.problem.TooSlowException;
import wrenlane.server.platform.storage.Copies;
import wrenlane.server.platform.storage.Copies.Copy;
import wrenlane.server.platform.storage.DataFile;

/** Copies for people who ask for them in the pages. One thing is done with them at a time. */
@Service
class CopyService {
    private static final int PIECE = 65_536;

    /** How long a copy may take to arrive; chosen by us: the largest takes a minute over a slow network. */
    private static final Duration MOST_TIME = Duration.ofMinutes(5);

    private final Copies copies;
    private final Creations creations;
    private final long limitBytes;

    /** One is brought in at a time. */
    private final Semaphore arriving = new Semaphore(1);

    CopyService(DataFile data, Creations creations, Clock clock, @Value("${wren.max-copy-bytes}") long limitBytes) {
        this.copies = new Copies(data, clock);
        this.creations = creations;
        this.limitBytes = limitBytes;
    }

    List<Copy> all() {
        return copies.all();
    }

    synchronized Copy keep(@Nullable String key) {
        return creations.onceNamed(key, "copy", () -> called(copies.keep("kept")), Copy::name, this::called);
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

    /** Takes a file in piece by piece while others go on, looks at it, and keeps it among the copies. */
    Copy bring(InputStream in, long announced) throws IOException {
        if (announced > limitBytes) {
            throw new TooLargeException(limitBytes);
        }
        if (!arriving.tryAcquire()) {
            throw new ConflictException("Another copy is being brought in; try again when it is here.");
        }
        try {
            Path file = copies.arriving();
            try {
                take(in, file);
                return kept(file);
            } finally {
                Files.deleteIfExists(file);
            }
        } finally {
            arriving.release();
        }
    }

    private synchronized Copy kept(Path brought) {
        return called(copies.keepFrom(brought, "brought"));
    }

    private void take(InputStream in, Path to) throws IOException {
        byte[] piece = new byte[PIECE];
        long taken = 0;
        long until = System.nanoTime() + MOST_TIME.toNanos();
        try (OutputStream out = Files.newOutputStream(to)) {
            for (int got = next(in, piece); got >= 0; got = next(in, piece)) {
                taken += got;
                if (taken > limitBytes) {
                    throw new TooLargeException(limitBytes);
                }
                if (System.nanoTime() > until) {
                    throw new TooSlowException();
                }
                write(out, piece, got, to);
            }
        }
    }

    private static int next(InputStream in, byte[] piece) throws IOException {
        try {
            return in.read(piece);
        } catch (IOException e) {
            throw TooSlowException.of(e);
        }
    }

    private static void write(OutputStream out, byte[] piece, int length, Path to) {
        try {
            out.write(piece, 0, length);
        } catch (IOException e) {
            throw Copies.unreadable(to, e);
        }
    }

    synchronized String restore(String name) {
        return copies.restore(file(name));
    }

    /** One for tonight, unless there is one. */
    synchronized void keepTonights() {
        copies.keepTonights();
    }
}
