package wrenlane.server.course.difficulty;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.machine.MachineTurn;
import wrenlane.server.course.difficulty.DifficultyMapper.DifficultyRow;
import wrenlane.server.platform.storage.Storage;
import wrenlane.verdict.Difficulty;

/**
 * Difficulty as it was computed before, in the data file: read once, and written by a thread of its own, so that nobody who
 * computes waits for the writer. What is lost on the way is computed anew.
 */
@Component
class DifficultyFile implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(DifficultyFile.class);

    /** Most that are kept, a few hundred bytes each; chosen by us: a school's machines on all its courses, many times. */
    private static final int MOST = 4000;

    private final DifficultyMapper mapper;
    private final Storage storage;
    private final ThreadPoolExecutor writer =
            new ThreadPoolExecutor(0, 1, 10, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), work -> {
                Thread thread = new Thread(work, "difficulty-file");
                thread.setDaemon(true);
                return thread;
            });
    private final Map<String, String> open = new ConcurrentHashMap<>();

    /** As the file had it at the start; what is computed since is kept by whoever computed it. */
    private final Map<String, String> kept;

    DifficultyFile(DifficultyMapper mapper, Storage storage) {
        this.mapper = mapper;
        this.storage = storage;
        this.kept = storage.read(() -> mapper.latest(MOST).stream()
                .collect(Collectors.toUnmodifiableMap(DifficultyRow::key, DifficultyRow::points)));
    }

    /** As it was computed before, if it was. */
    Optional<Difficulty> find(Course course, MachineTurn turn) {
        return Optional.ofNullable(kept.get(DifficultyKey.of(course, turn))).map(DifficultyFile::read);
    }

    /** Keeps it, a little later. */
    void keep(Course course, MachineTurn turn, Difficulty computed) {
        String key = DifficultyKey.of(course, turn);
        open.put(key, written(computed));
        writer.execute(this::write);
    }

    private void write() {
        Map<String, String> now = new LinkedHashMap<>(open);
        if (now.isEmpty()) {
            return;
        }
        try {
            storage.change(() -> {
                now.forEach((key, points) -> mapper.put(new DifficultyRow(key, points)));
                mapper.keepLatest(MOST);
            });
        } catch (RuntimeException e) {
            LOG.debug("Difficulty was not kept, and will be calculated again: {}", e.getMessage());
        } finally {
            now.forEach(open::remove);
        }
    }

    private static String written(Difficulty difficulty) {
        return difficulty.points().entrySet().stream()
                .map(p -> p.getKey() + ":" + p.getValue())
                .collect(Collectors.joining(" "));
    }

    private static Difficulty read(String points) {
        Map<Double, Double> read = new TreeMap<>();
        for (String point : points.isEmpty() ? new String[0] : points.split(" ")) {
            String[] pair = point.split(":");
            read.put(Double.valueOf(pair[0]), Double.valueOf(pair[1]));
        }
        return Difficulty.of(read);
    }

    @Override
    public void destroy() throws InterruptedException {
        writer.shutdown();
        // What is still open is written; a second is plenty for that.
        if (!writer.awaitTermination(1, TimeUnit.SECONDS)) {
            LOG.debug("Some difficulty was not kept, and will be calculated again.");
        }
    }
}
