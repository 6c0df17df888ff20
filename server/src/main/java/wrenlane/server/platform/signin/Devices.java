package wrenlane.server.platform.signin;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.platform.network.ConditionalOnNetwork;
import wrenlane.server.platform.network.NetworkFolder;

/**
 * Devices that are signed in, in a file beside the data: a copy that is restored neither signs devices in nor out. One that
 * is signed out is forgotten, and its token is worth nothing from then on. A new passphrase, which another process may set,
 * signs all of them out within two seconds.
 */
@ConditionalOnNetwork
@Component
class Devices implements DisposableBean {
    /** Name of the file in the network's folder. */
    static final String FILE = "devices.json";

    /** Time between two looks at the passphrase, in seconds. */
    private static final long LOOK_SECONDS = 2;

    /** Most at once; chosen by us: more than a school has. The one signed in longest ago goes first. */
    private static final int MOST = 200;

    private static final TypeReference<List<Device>> DEVICES = new TypeReference<>() {};

    /**
     * A device.
     *
     * @param id its number, which its token names
     * @param sort phone, tablet or computer, as far as its browser says
     * @param address it signed in from
     * @param signedInAt when
     */
    record Device(String id, String sort, String address, Instant signedInAt) {}

    private final NetworkFolder folder;
    private final JsonMapper json;
    private final Clock clock;
    private final SignOutListener signedOut;
    private final Passphrase passphrase;
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "passphrase-watch");
        thread.setDaemon(true);
        return thread;
    });
    private List<Device> devices;

    /** Hash of the passphrase that all of them said. */
    private String hash;

    Devices(
            @Value("${wren.data}") String data,
            JsonMapper json,
            Clock clock,
            SignOutListener signedOut,
            Passphrase passphrase) {
        this.folder = NetworkFolder.of(Path.of(data));
        this.passphrase = passphrase;
        this.hash = passphrase.hash();
        this.json = json;
        this.clock = clock;
        this.signedOut = signedOut;
        this.devices =
                folder.read(FILE).map(text -> json.readValue(text, DEVICES)).orElse(List.of());
        watch.scheduleWithFixedDelay(this::followPassphrase, LOOK_SECONDS, LOOK_SECONDS, TimeUnit.SECONDS);
    }

    /** Signs all devices out where the passphrase they said is no longer the school's. */
    private void followPassphrase() {
        List<Device> before;
        synchronized (this) {
            String now = passphrase.hash();
            if (now.equals(hash)) {
                return;
            }
            before = devices;
            keep(List.of());
            hash = now;
        }
        before.forEach(d -> signedOut.tell(d.id()));
    }

    @Override
    public void destroy() {
        watch.shutdownNow();
    }

    /** All that are signed in, the newest first. */
    synchronized List<Device> all() {
        return devices.stream()
                .sorted(Comparator.comparing(Device::signedInAt).reversed())
                .toList();
    }

    synchronized boolean isSignedIn(String id) {
        return devices.stream().anyMatch(d -> d.id().equals(id));
    }

    /** Notes a device that has said the passphrase, and gives its number. */
    String signedIn(String address, @Nullable String browser) {
        followPassphrase();
        Device device = new Device(UUID.randomUUID().toString(), sort(browser), address, clock.instant());
        List<Device> oldest;
        synchronized (this) {
            oldest = devices.size() < MOST ? List.of() : devices.subList(0, 1);
            List<Device> more = new ArrayList<>(devices.subList(oldest.size(), devices.size()));
            more.add(device);
            keep(more);
        }
        oldest.forEach(d -> signedOut.tell(d.id()));
        return device.id();
    }

    /** Signs a device out wherever it is; one that is not signed in stays so. */
    void signOut(String id) {
        synchronized (this) {
            keep(devices.stream().filter(d -> !d.id().equals(id)).toList());
        }
        signedOut.tell(id);
    }

    private void keep(List<Device> now) {
        folder.write(FILE, json.writeValueAsString(now));
        devices = List.copyOf(now);
    }

    private static String sort(@Nullable String browser) {
        String said = browser == null ? "" : browser.toLowerCase(Locale.ROOT);
        if (said.contains("tablet") || said.contains("ipad")) {
            return "Tablet";
        }
        return said.contains("mobile") ? "Phone" : "Computer";
    }
}
