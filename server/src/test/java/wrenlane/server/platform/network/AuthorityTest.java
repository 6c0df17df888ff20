package wrenlane.server.platform.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertPath;
import java.security.cert.CertPathValidator;
import java.security.cert.CertPathValidatorException;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wrenlane.server.platform.storage.StartException;

/** Judged by the platform's own path validation (PKIX, RFC 5280), which made none of it. */
class AuthorityTest {
    private static final char[] PASSWORD = "x".toCharArray();

    @TempDir
    Path data;

    private final Clock clock = Clock.systemUTC();

    @Test
    void theServersCertificateHoldsForPrivateAddresses() throws IOException, GeneralSecurityException {
        Authority authority = Authority.of(data, clock);
        X509Certificate server = server(authority, "192.168.7.20", "laptop.local");
        assertThatCode(() -> check(authority, server)).doesNotThrowAnyException();
        assertThat(server.getSubjectAlternativeNames())
                .extracting(name -> String.valueOf(name.get(1)))
                .contains("192.168.7.20", "laptop.local", "127.0.0.1", "localhost");
    }

    /** Whoever took the key could still not pass for a site of the internet. */
    @Test
    void theAuthorityCannotSpeakForTheInternet() throws IOException, GeneralSecurityException {
        Authority authority = Authority.of(data, clock);
        X509Certificate elsewhere = server(authority, "192.168.7.20", "bank.example");
        assertThatThrownBy(() -> check(authority, elsewhere)).isInstanceOf(CertPathValidatorException.class);
        X509Certificate open = server(authority, "203.0.113.9", "laptop.local");
        assertThatThrownBy(() -> check(authority, open)).isInstanceOf(CertPathValidatorException.class);
    }

    @Test
    void isTheSameFromStartToStart() {
        String first = Authority.of(data, clock).fingerprint();
        assertThat(first).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
        assertThat(Authority.of(data, clock).fingerprint()).isEqualTo(first);
    }

    @Test
    void isMadeAnewBeforeItRunsOut() {
        String first = Authority.of(data, clock).fingerprint();
        Clock yearsOn = Clock.offset(clock, Duration.ofDays(3400));
        assertThat(Authority.of(data, yearsOn).fingerprint()).isNotEqualTo(first);
    }

    @Test
    void aBrokenFileIsSaidInOneSentence() throws IOException {
        Authority.of(data, clock);
        Files.writeString(data.resolve("network/authority.key"), "not a key");
        assertThatThrownBy(() -> Authority.of(data, clock))
                .isInstanceOf(StartException.class)
                .hasMessageContaining("authority.key");
    }

    private static X509Certificate server(Authority authority, String address, String name)
            throws IOException, GeneralSecurityException {
        KeyStore store = authority.serverFor(List.of(InetAddress.getByName(address)), List.of(name), "wren", PASSWORD);
        return (X509Certificate) store.getCertificate("wren");
    }

    private static void check(Authority authority, Certificate server) throws GeneralSecurityException {
        CertificateFactory factory = CertificateFactory.getInstance("X.509");
        X509Certificate root =
                (X509Certificate) factory.generateCertificate(new ByteArrayInputStream(authority.file()));
        // As one in the middle, since this validation takes an anchor's own constraints from nowhere.
        PKIXParameters parameters =
                new PKIXParameters(Set.of(new TrustAnchor(root.getSubjectX500Principal(), root.getPublicKey(), null)));
        parameters.setRevocationEnabled(false);
        CertPath path = factory.generateCertPath(List.of(server, root));
        CertPathValidator.getInstance("PKIX").validate(path, parameters);
    }
}
