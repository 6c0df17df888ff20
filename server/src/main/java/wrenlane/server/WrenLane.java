package wrenlane.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import wrenlane.server.imports.DemoDay;

/** The application. {@code --wren.data=DIR} says where the data file lies; the folder is made where it is missing. */
@SpringBootApplication
public class WrenLane {
    private static final Logger LOG = LoggerFactory.getLogger(WrenLane.class);
    private static final String DATA = "--wren.data=";

    public static void main(String[] args) throws IOException {
        start(args);
    }

    /** Starts the application and gives its context. */
    public static ConfigurableApplicationContext start(String... args) throws IOException {
        Optional<String> data =
                Arrays.stream(args).filter(a -> a.startsWith(DATA)).findFirst().map(a -> a.substring(DATA.length()));
        Path folder = Path.of(data.filter(d -> !d.isBlank())
                .orElseThrow(() -> new IllegalArgumentException("say where the data lies: " + DATA + "DIR")));
        Files.createDirectories(folder);
        ConfigurableApplicationContext context = SpringApplication.run(WrenLane.class, args);
        context.getBean(DemoDay.class).bringIn();
        LOG.info(
                "Wren Lane is at http://{}:{} with its data in {}",
                context.getEnvironment().getProperty("server.address"),
                context.getEnvironment().getProperty("local.server.port"),
                folder.toAbsolutePath());
        return context;
    }

    @Bean
    Clock clock() {
        return Clock.system(ZoneId.systemDefault());
    }
}
