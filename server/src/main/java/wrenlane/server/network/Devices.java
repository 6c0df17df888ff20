package wrenlane.server.network;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Devices that are signed in, in a file beside the data: a copy that is restored neither signs devices in nor out. One that
 * is signed out is forgotten, and its token is worth nothing from then on.
 */
@OnNetwork
@Component
class Devices {
    private static final String FILE = "devices.json";

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
    private final SignedOut signedOut;
    private List<Device> devices;

    Devices(@Value("${wren.data}") String data, JsonMapper json, Clock clock, SignedOut signedOut) {
        this.folder = NetworkFolder.of(Path.of(data));
        this.json = json;
        this.clock = clock;
        this.signedOut = signedOut;
        this.devices =
                folder.read(FILE).map(text -> json.readValue(text, DEVICES)).orElse(List.of());
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
