package wrenlane.server.platform.backup;

import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Keeps a copy for each night the app runs, looked for every hour. */
@Component
class NightlyCopy implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(NightlyCopy.class);

    private final CopyService copies;
    private final ScheduledExecutorService hourly = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "nightly-copy");
        thread.setDaemon(true);
        return thread;
    });

    NightlyCopy(CopyService copies) {
        this.copies = copies;
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        hourly.scheduleAtFixedRate(this::keep, 1, 60, TimeUnit.MINUTES);
    }

    private void keep() {
        try {
            copies.keepTonights();
        } catch (RuntimeException e) {
            // Whatever it was, the next hour tries again: a schedule ends with the first exception it sees.
            LOG.warn("No copy was kept: {}", e.getMessage());
        }
    }

    @Override
    public void destroy() {
        hourly.shutdownNow();
    }
}
