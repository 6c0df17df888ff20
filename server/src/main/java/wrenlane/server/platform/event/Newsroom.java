package wrenlane.server.platform.event;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import wrenlane.server.platform.signin.SignOutListener;

/**
 * Passes news on to every page that listens, by server-sent events. What is changed many times within a short while is told
 * once; nothing is told before it is stored, and nothing that was not.
 */
@Component
public class Newsroom implements SignOutListener {
    /** How long news are gathered, in milliseconds; chosen by us: well within the two seconds in which others should see. */
    private static final long GATHER_MS = 250;

    /** How often a silent listener is written to, in seconds, so that one that has gone is noticed. */
    private static final long PULSE_SECONDS = 15;

    /** Most pages that listen at once; chosen by us: more than a school has devices. Others ask now and then. */
    private static final int MOST = 200;

    /**
     * How long news are told again to whoever begins to listen, in seconds; chosen by us: longer than a page takes from its
     * first question to its listening. What was stored in between would never reach it.
     */
    private static final long FRESH_SECONDS = 10;

    private final Map<News, Long> told = new LinkedHashMap<>();
    private final List<SseEmitter> listeners = new CopyOnWriteArrayList<>();

    /** Those of devices that are signed in, by the device. */
    private final Map<SseEmitter, String> devices = new ConcurrentHashMap<>();

    private final Set<News> gathered = new LinkedHashSet<>();
    private volatile boolean closed;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "news");
        thread.setDaemon(true);
        return thread;
    });

    Newsroom() {
        clock.scheduleWithFixedDelay(this::pass, GATHER_MS, GATHER_MS, TimeUnit.MILLISECONDS);
        clock.scheduleWithFixedDelay(() -> send(pulse()), PULSE_SECONDS, PULSE_SECONDS, TimeUnit.SECONDS);
    }

    /** Tells once the transaction it is called in is stored; not at all where it is not. */
    public void tell(News.Topic topic, long dayId) {
        News news = new News(topic, dayId);
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            gather(news);
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                gather(news);
            }
        });
    }

    private void gather(News news) {
        synchronized (gathered) {
            gathered.add(news);
        }
    }

    /** A device was signed out: it hears nothing more. */
    @Override
    public void tell(String device) {
        devices.forEach((listener, of) -> {
            if (of.equals(device)) {
                listener.complete();
            }
        });
    }

    /**
     * A page that listens from now on; empty where too many do.
     *
     * @param device that is signed in; missing for this machine itself
     */
    Optional<SseEmitter> listen(@Nullable String device) {
        if (listeners.size() >= MOST) {
            return Optional.empty();
        }
        // Open as long as both want it.
        SseEmitter listener = new SseEmitter(0L);
        listener.onCompletion(() -> forget(listener));
        listener.onError(gone -> forget(listener));
        listeners.add(listener);
        if (device != null) {
            devices.put(listener, device);
        }
        if (closed) {
            // Whoever comes back at once is let go too, and asks again until there is another server.
            listener.complete();
            return Optional.of(listener);
        }
        // The answer goes out with the first that is sent: whoever listens knows at once that they are heard.
        send(pulse(), List.of(listener));
        fresh().forEach(news -> send(event(news), List.of(listener)));
        return Optional.of(listener);
    }

    private void forget(SseEmitter listener) {
        listeners.remove(listener);
        devices.remove(listener);
    }

    /** What was told a moment ago. */
    private List<News> fresh() {
        synchronized (gathered) {
            long oldest = System.nanoTime() - TimeUnit.SECONDS.toNanos(FRESH_SECONDS);
            told.values().removeIf(at -> at - oldest < 0);
            return List.copyOf(told.keySet());
        }
    }

    private void pass() {
        List<News> news;
        synchronized (gathered) {
            news = List.copyOf(gathered);
            gathered.clear();
            news.forEach(one -> told.put(one, System.nanoTime()));
        }
        news.forEach(one -> send(event(one)));
    }

    private static SseEmitter.SseEventBuilder pulse() {
        return SseEmitter.event().comment("");
    }

    private static SseEmitter.SseEventBuilder event(News news) {
        return SseEmitter.event().data(news, MediaType.APPLICATION_JSON);
    }

    private void send(SseEmitter.SseEventBuilder event) {
        send(event, listeners);
    }

    private void send(SseEmitter.SseEventBuilder event, List<SseEmitter> to) {
        Set<DataWithMediaType> built = event.build();
        for (SseEmitter listener : to) {
            try {
                listener.send(built);
            } catch (IOException | IllegalStateException gone) {
                forget(listener);
            }
        }
    }

    /** Lets everybody go before the server waits for open requests. */
    @EventListener(ContextClosedEvent.class)
    void close() {
        closed = true;
        listeners.forEach(SseEmitter::complete);
        listeners.clear();
    }

    @PreDestroy
    void stop() {
        clock.shutdownNow();
    }
}
