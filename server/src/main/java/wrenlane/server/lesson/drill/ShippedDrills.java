package wrenlane.server.lesson.drill;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wrenlane.drill.Drill;
import wrenlane.server.platform.format.FormatReader;

/** The drills that come with the app, a file for each stage, in the open format that any other drill comes in. */
@Component
class ShippedDrills {
    private static final List<String> FILES = List.of(
            "1-find-the-zone",
            "2-straight-control",
            "3-wide-turns",
            "4-u-turns",
            "5-linked-turns",
            "6-combined",
            "7-alongside");

    private final FormatReader<DrillDocument> reader;
    private final Map<String, Drill> drills = new LinkedHashMap<>();

    ShippedDrills() {
        this.reader = new FormatReader<>(
                DrillDocument.FORMAT, DrillDocument.class, DrillUpgrades.FROM_1, DrillUpgrades.FROM_2);
        FILES.forEach(
                file -> reader.read(text("/drills/" + file + ".json")).drills().forEach(d -> drills.put(d.id(), d)));
    }

    private static String text(String resource) {
        try (InputStream in = Optional.ofNullable(ShippedDrills.class.getResourceAsStream(resource))
                .orElseThrow(() -> new IllegalStateException(resource + " is missing from the build"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** All of them, by stage. */
    List<Drill> all() {
        return List.copyOf(drills.values());
    }

    Optional<Drill> find(String id) {
        return Optional.ofNullable(drills.get(id));
    }

    FormatReader<DrillDocument> reader() {
        return reader;
    }
}
