package wrenlane.server.platform.signin;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.text.Normalizer;
import java.util.Base64;
import java.util.Optional;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import wrenlane.server.platform.network.NetworkFolder;

/**
 * The passphrase of a school, kept as an Argon2id hash (RFC 9106), and the key that signs who has said it. What is signed
 * has the hash in it, so a new passphrase signs out every device.
 */
public final class Passphrase {
    /** Shortest allowed, in characters; chosen by us: tries are slowed down, and a phone's keyboard is small. */
    public static final int FEWEST_CHARACTERS = 12;

    /** Longest allowed, in characters; chosen by us: hashing takes time. */
    public static final int MOST_CHARACTERS = 200;

    private static final String HASH = "passphrase.argon2";
    private static final String KEY = "sign-in.key";
    private static final int KEY_BYTES = 32;

    private final NetworkFolder folder;
    /** Cost as RFC 9106, section 4, recommends where memory is scarce: 64 MiB, three passes, four lanes. */
    private final PasswordEncoder encoder = new Argon2PasswordEncoder(16, 32, 4, 1 << 16, 3);

    private Passphrase(NetworkFolder folder) {
        this.folder = folder;
    }

    /** That of the data in a folder. */
    public static Passphrase of(Path dataFolder) {
        return new Passphrase(NetworkFolder.of(dataFolder));
    }

    /** Whether one was set. */
    public boolean isSet() {
        return folder.read(HASH).isPresent() && folder.read(KEY).isPresent();
    }

    /** What speaks against a passphrase, in one sentence; empty where nothing does. */
    public static Optional<String> objection(String typed) {
        int characters = meant(typed).codePointCount(0, meant(typed).length());
        return characters < FEWEST_CHARACTERS || characters > MOST_CHARACTERS
                ? Optional.of("A passphrase has " + FEWEST_CHARACTERS + " to " + MOST_CHARACTERS
                        + " characters: four words in a row do well.")
                : Optional.empty();
    }

    /**
     * Sets it anew, whereupon every device is asked again.
     *
     * @throws IllegalArgumentException for one that there is an objection to
     */
    public void set(String typed) {
        objection(typed).ifPresent(said -> {
            throw new IllegalArgumentException(said);
        });
        if (folder.read(KEY).isEmpty()) {
            byte[] key = new byte[KEY_BYTES];
            new SecureRandom().nextBytes(key);
            folder.write(KEY, Base64.getEncoder().encodeToString(key));
        }
        folder.write(HASH, String.valueOf(encoder.encode(meant(typed))));
        folder.delete(Devices.FILE);
    }

    /** Whether this is the passphrase; takes about half a second and 64 MB. */
    boolean matches(String typed) {
        return typed.length() <= MOST_CHARACTERS * 2 && encoder.matches(meant(typed), hash());
    }

    String hash() {
        return folder.read(HASH).orElseThrow();
    }

    String key() {
        return folder.read(KEY).orElseThrow();
    }

    /** Keyboards write the same letter in more than one way, and put a space after a word they complete. */
    private static String meant(String typed) {
        return Normalizer.normalize(typed, Normalizer.Form.NFKC).strip();
    }
}
