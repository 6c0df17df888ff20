package wrenlane.server.imports;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import wrenlane.server.day.DayService;

/** Brings the demo day in at start, by the same way a person's file comes in. */
@Component
public class DemoDay {
    private static final Logger LOG = LoggerFactory.getLogger(DemoDay.class);

    private final ImportService imports;
    private final DayService days;
    private final String file;

    DemoDay(ImportService imports, DayService days, @Value("${wren.demo}") String file) {
        this.imports = imports;
        this.days = days;
        this.file = file;
    }

    /** Reads the demo file, where one is named and no day is stored yet. */
    public void bringIn() throws IOException {
        if (file.isBlank() || !days.all().isEmpty()) {
            return;
        }
        LOG.info("Demo day: {}", imports.bringIn(Files.readString(Path.of(file))));
    }
}
