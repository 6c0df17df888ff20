package wrenlane.server;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.boot.tomcat.ConnectorStartFailedException;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.util.FileSystemUtils;
import wrenlane.server.platform.network.NetworkConnector;
import wrenlane.server.platform.network.OwnAddresses;
import wrenlane.server.platform.signin.PassphrasePrompt;
import wrenlane.server.platform.storage.Copies;
import wrenlane.server.platform.storage.DataFile;
import wrenlane.server.platform.storage.StartException;

/**
 * The application. {@code --wren.data=DIR} says where the data file lies; the folder is made where it is missing. With
 * {@code --backup=FILE} or {@code --restore=FILE} it copies the data, or puts a copy in its place, and ends; with
 * {@code --passphrase=new} it asks for the passphrase of the network anew, and ends.
 */
@SpringBootApplication
public class WrenLane {
    private static final Logger LOG = LoggerFactory.getLogger(WrenLane.class);

    /** Starts, or says in one sentence why not and ends with 1. */
    public static void main(String[] args) {
        try {
            run(args);
        } catch (StartException e) {
            System.err.println("wren: " + e.getMessage());
            System.exit(1);
        }
    }

    private static void run(String... args) {
        StartArguments arguments = new StartArguments(args);
        Optional<Path> backup = arguments.value("backup").map(Path::of);
        Optional<Path> restore = arguments.value("restore").map(Path::of);
        if (arguments.value("passphrase").isPresent()) {
            PassphrasePrompt.setAnew(Path.of(arguments.dataFolder()));
            System.err.println("The passphrase is set. Every device is asked for it anew.");
            return;
        }
        if (backup.isEmpty() && restore.isEmpty()) {
            if (arguments.onNetwork()) {
                PassphrasePrompt.unlessSet(Path.of(arguments.dataFolder()));
            }
            start(args);
            return;
        }
        // Two sentences are all there is to say.
        LoggingSystem.get(WrenLane.class.getClassLoader()).beforeInitialize();
        Copies copies = new Copies(new DataFile(Path.of(arguments.dataFolder()).toAbsolutePath()), wallClock());
        backup.ifPresent(to -> {
            copies.save(to);
            System.err.println("A copy of the data, looked at after writing, is in " + to.toAbsolutePath());
        });
        restore.ifPresent(from -> {
            String before = copies.restore(from);
            System.err.println("Restored from " + from.toAbsolutePath()
                    + (before.isEmpty() ? "" : "; what was there before is kept as copies/" + before));
        });
    }

    /**
     * Starts the application and gives its context.
     *
     * @throws StartException with what to do, where it cannot be started
     */
    public static ConfigurableApplicationContext start(String... args) {
        StartArguments arguments = new StartArguments(args);
        String folder = arguments.dataFolder();
        arguments.checkAddress();
        arguments.checkPorts();
        if (arguments.isTemporary()) {
            SpringApplication.getShutdownHandlers().add(() -> delete(Path.of(folder)));
        }
        ConfigurableApplicationContext context;
        try {
            context = application(arguments).run(args);
        } catch (SpringApplication.AbandonedRunException e) {
            // Asked for, while the archive of classes is made.
            throw e;
        } catch (RuntimeException e) {
            throw reason(e, arguments);
        }
        context.getBeanProvider(NetworkConnector.class).ifAvailable(network -> LOG.info(network.announcement()));
        LOG.info(
                "Wren Lane is at http://{}:{} with its data in {}",
                context.getEnvironment().getProperty("server.address"),
                context.getEnvironment().getProperty("local.server.port"),
                Path.of(folder).toAbsolutePath());
        return context;
    }

    /** Deletes the data of a demo, once everything has let go of it. */
    private static void delete(Path folder) {
        try {
            FileSystemUtils.deleteRecursively(folder);
        } catch (IOException e) {
            LOG.warn("{} is left behind: {}", folder, e.getMessage());
        }
    }

    /** On a network the app answers to this machine's names there too. */
    private static SpringApplication application(StartArguments arguments) {
        SpringApplication application = new SpringApplication(WrenLane.class);
        if (arguments.onNetwork()) {
            application.setDefaultProperties(Map.of("wren.network-names", String.join(",", OwnAddresses.names())));
        }
        return application;
    }

    private static StartException reason(RuntimeException thrown, StartArguments arguments) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof StartException e) {
                return e;
            }
            if (t instanceof PortInUseException e) {
                return portTaken(e.getPort(), "--port", e);
            }
            if (t instanceof ConnectorStartFailedException e) {
                return portTaken(e.getPort(), "--lan-port", e);
            }
        }
        LOG.error("Not started", thrown);
        return new StartException(
                "Wren Lane could not be started with its data in " + arguments.dataFolder() + ".", thrown);
    }

    private static StartException portTaken(int port, String option, Throwable thrown) {
        return new StartException(
                "Port " + port + " is taken by another program: stop that, or name another with " + option + " N.",
                thrown);
    }

    private static Clock wallClock() {
        return Clock.system(ZoneId.systemDefault());
    }

    @Bean
    Clock clock() {
        return wallClock();
    }
}
