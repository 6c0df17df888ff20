package wrenlane.server.platform.signin;

import java.io.Console;
import java.nio.file.Path;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.server.platform.storage.StartException;

/**
 * Asks for a school's passphrase where the app is started: in the terminal, twice and unseen, or, where there is no
 * terminal, in the environment as {@code WREN_PASSPHRASE}.
 */
public final class PassphrasePrompt {
    /** Where it is read from in the environment. */
    static final String VARIABLE = "WREN_PASSPHRASE";

    private PassphrasePrompt() {}

    /**
     * Asks and sets it, also where one is set.
     *
     * @throws StartException where none is given that will do
     */
    public static void setAnew(Path dataFolder) {
        Passphrase.of(dataFolder).set(asked(System.console(), System.getenv(VARIABLE)));
    }

    /**
     * Asks for it once, at the first start on a network.
     *
     * @throws StartException where none is given that will do
     */
    public static void unlessSet(Path dataFolder) {
        if (!Passphrase.of(dataFolder).isSet()) {
            setAnew(dataFolder);
        }
    }

    /** What to say where none is set and nobody can be asked. */
    static StartException missing() {
        return new StartException("On a network the app wants a passphrase, and none is set yet: start it once in a"
                + " terminal, where it asks, or give one as " + VARIABLE + ".");
    }

    private static String asked(@Nullable Console console, @Nullable String given) {
        if (given != null) {
            Passphrase.objection(given).ifPresent(said -> {
                throw new StartException(said);
            });
            return given;
        }
        if (console == null) {
            throw missing();
        }
        console.printf(
                "A passphrase for phones and tablets on the network, %d characters or more.%n",
                Passphrase.FEWEST_CHARACTERS);
        while (true) {
            String typed = read(console, "Passphrase: ");
            Optional<String> objection = Passphrase.objection(typed);
            if (objection.isPresent()) {
                console.printf("%s%n", objection.get());
            } else if (read(console, "Once more: ").equals(typed)) {
                return typed;
            } else {
                console.printf("These were not the same.%n");
            }
        }
    }

    private static String read(Console console, String prompt) {
        char[] typed = console.readPassword("%s", prompt);
        if (typed == null) {
            throw new StartException("No passphrase was given; nothing was started.");
        }
        return new String(typed);
    }
}
