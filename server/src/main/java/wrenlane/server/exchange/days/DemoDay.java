package wrenlane.server.exchange.days;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import wrenlane.server.day.DayService;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.StartException;

/**
 * Brings the demo day in at start, by the same way a person's file comes in, where a file is named and no day is stored
 * yet. Done before the port opens, so that nobody sees half a demo.
 */
@Component
class DemoDay implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(DemoDay.class);

    /** Long before the web server, which starts among the last. */
    private static final int EARLY = 0;

    private final ImportService imports;
    private final DayService days;
    private final String file;
    private boolean running;

    DemoDay(ImportService imports, DayService days, @Value("${wren.demo}") String file) {
        this.imports = imports;
        this.days = days;
        this.file = file;
    }

    @Override
    public void start() {
        running = true;
        if (!file.isBlank() && days.all().isEmpty()) {
            ImportService.ImportResponse came = bringIn(Path.of(file));
            LOG.info(
                    "The demo's {} days of {} riders are in; their {} runs are simulated",
                    came.days(),
                    came.riders(),
                    came.simulatedRuns());
        }
    }

    private ImportService.ImportResponse bringIn(Path path) {
        try {
            return imports.bringIn(Files.readString(path, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new StartException(
                    "The demo file " + path.toAbsolutePath() + " cannot be read: name one that is there.", e);
        } catch (RefusedException e) {
            throw new StartException(
                    "The demo file " + path.toAbsolutePath() + " is not right: "
                            + e.findings().get(0).message(),
                    e);
        }
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return EARLY;
    }
}
