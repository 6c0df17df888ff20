package wrenlane.server.platform.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PassphraseTest {
    private static final String SOME = "gravel under the pier";

    @TempDir
    Path data;

    @Test
    void isKeptHashedAndToItsOwner() throws IOException {
        Passphrase passphrase = Passphrase.of(data);
        assertThat(passphrase.isSet()).isFalse();
        passphrase.set(SOME);
        assertThat(passphrase.isSet()).isTrue();
        assertThat(passphrase.hash()).startsWith("$argon2id$");
        try (var files = Files.walk(data.resolve("network"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                assertThat(Files.readString(file)).doesNotContain("gravel");
                assertThat(Files.getPosixFilePermissions(file)).hasSize(2);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "gravel under the pier, true",
        "'gravel under the pier ', true",
        "gravel under the pie, false",
        "Gravel under the pier, false",
        "'', false"
    })
    void isTheSameButForSpacesAKeyboardAdds(String typed, boolean same) {
        Passphrase passphrase = Passphrase.of(data);
        passphrase.set(SOME);
        assertThat(passphrase.matches(typed)).isEqualTo(same);
    }

    /** One letter with its mark, and the letter and the mark after it. */
    @Test
    void isTheSameHoweverAKeyboardWritesALetter() {
        Passphrase passphrase = Passphrase.of(data);
        passphrase.set("ge\u0301nie sans essence");
        assertThat(passphrase.matches("g\u00e9nie sans essence")).isTrue();
    }

    @Test
    void isNeitherShortNorEndless() {
        assertThat(Passphrase.objection("eleven char")).isPresent();
        assertThat(Passphrase.objection("twelve chars")).isEmpty();
        assertThat(Passphrase.objection("a".repeat(201))).isPresent();
        assertThatThrownBy(() -> Passphrase.of(data).set("short")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aNewOneLeavesTheOldBehindAndKeepsTheKey() {
        Passphrase passphrase = Passphrase.of(data);
        passphrase.set(SOME);
        String key = passphrase.key();
        passphrase.set("another one entirely");
        assertThat(passphrase.matches(SOME)).isFalse();
        assertThat(passphrase.key()).isEqualTo(key);
    }
}
