package wrenlane.server.platform.network;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.bouncycastle.asn1.pkcs.PrivateKeyInfo;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPEMKeyConverter;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;
import wrenlane.server.platform.storage.StartException;

/**
 * A certificate authority of the school's own, made at the first start on a network, whose certificate a phone can
 * install. It can speak for private networks and names ending in {@code .local} alone (name constraints, RFC 5280
 * section 4.2.1.10), so that even somebody who takes its key can pass for no site of the internet.
 */
final class Authority {
    private static final String CERTIFICATE = "authority.crt";
    private static final String KEY = "authority.key";

    /** How long a phone need not be set up again; chosen by us. */
    private static final Duration LASTS = Duration.ofDays(3650);

    /** Of the server's own, made anew at every start; phones take up to 825 days from an authority of one's own. */
    private static final Duration SERVER_LASTS = Duration.ofDays(397);

    /** Clocks of phones are not all right. */
    private static final Duration BEFORE = Duration.ofDays(1);

    private static final List<String> PRIVATE_NETWORKS =
            List.of("10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "169.254.0.0/16", "127.0.0.0/8");
    private static final List<String> PRIVATE_NAMES = List.of("local", "localhost");
    private static final String SIGNED_BY = "SHA256withECDSA";
    private static final int SERIAL_BITS = 120;

    private final PrivateKey key;
    private final X509Certificate certificate;
    private final Clock clock;

    private Authority(PrivateKey key, X509Certificate certificate, Clock clock) {
        this.key = key;
        this.certificate = certificate;
        this.clock = clock;
    }

    /**
     * That of the data in a folder; made where there is none, or where it has run out.
     *
     * @throws StartException where its files can't be read or written
     */
    static Authority of(Path dataFolder, Clock clock) {
        NetworkFolder folder = NetworkFolder.of(dataFolder);
        try {
            String key = folder.read(KEY).orElse("");
            String certificate = folder.read(CERTIFICATE).orElse("");
            if (!key.isEmpty() && !certificate.isEmpty()) {
                Authority kept = new Authority(key(key), certificate(certificate), clock);
                if (clock.instant().plus(SERVER_LASTS).isBefore(kept.ends())) {
                    return kept;
                }
            }
            Authority made = made(clock);
            folder.write(KEY, pem(new JcaPKCS8Generator(made.key, null)));
            folder.write(CERTIFICATE, pem(made.certificate));
            return made;
        } catch (IOException
                | IllegalArgumentException
                | ClassCastException
                | GeneralSecurityException
                | OperatorCreationException e) {
            throw new StartException(
                    "The certificate authority in " + folder.folder()
                            + " could not be read: move authority.key and authority.crt away, and a new one is made.",
                    e);
        }
    }

    /** Its certificate as a phone installs it: DER. */
    byte[] file() {
        try {
            return certificate.getEncoded();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** SHA-256 of its certificate as phones show it: pairs of hexadecimal digits. */
    String fingerprint() {
        try {
            return HexFormat.ofDelimiter(":")
                    .withUpperCase()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(file()));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A key and certificate for the server at these addresses, with the authority's own behind it. */
    KeyStore serverFor(List<InetAddress> addresses, List<String> names, String alias, char[] password) {
        List<GeneralName> subjects = new ArrayList<>();
        Stream.concat(Stream.of("localhost"), names.stream())
                .forEach(name -> subjects.add(new GeneralName(GeneralName.dNSName, name)));
        Stream.concat(Stream.of("127.0.0.1"), addresses.stream().map(InetAddress::getHostAddress))
                .forEach(address -> subjects.add(new GeneralName(GeneralName.iPAddress, address)));
        try {
            KeyPair server = newKeys();
            JcaX509v3CertificateBuilder builder =
                    builder(subject(certificate), new X500Name("CN=Wren Lane"), server, SERVER_LASTS, clock);
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
            builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
            builder.addExtension(
                    Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
            builder.addExtension(
                    Extension.subjectAlternativeName, false, new GeneralNames(subjects.toArray(GeneralName[]::new)));
            builder.addExtension(
                    Extension.authorityKeyIdentifier,
                    false,
                    new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(certificate));
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(null, null);
            Certificate[] chain = {signed(builder, key), certificate};
            store.setKeyEntry(alias, server.getPrivate(), password, chain);
            return store;
        } catch (IOException | GeneralSecurityException | OperatorCreationException e) {
            throw new StartException("A certificate for the network could not be made.", e);
        }
    }

    private Instant ends() {
        return certificate.getNotAfter().toInstant();
    }

    private static Authority made(Clock clock) throws IOException, GeneralSecurityException, OperatorCreationException {
        KeyPair keys = newKeys();
        // Each has a name of its own: a phone that has installed an earlier one tells them apart.
        String name = "CN=Wren Lane of this school "
                + serial().toString(36).substring(0, 6).toUpperCase(Locale.ROOT);
        X500Name own = new X500Name(name);
        JcaX509v3CertificateBuilder builder = builder(own, own, keys, LASTS, clock);
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
        builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign));
        // What it signs can speak for a server, and for nothing else: neither for programs nor for mail.
        builder.addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
        builder.addExtension(
                Extension.subjectKeyIdentifier,
                false,
                new JcaX509ExtensionUtils().createSubjectKeyIdentifier(keys.getPublic()));
        GeneralSubtree[] permitted = Stream.concat(
                        PRIVATE_NETWORKS.stream().map(n -> new GeneralName(GeneralName.iPAddress, n)),
                        PRIVATE_NAMES.stream().map(n -> new GeneralName(GeneralName.dNSName, n)))
                .map(GeneralSubtree::new)
                .toArray(GeneralSubtree[]::new);
        builder.addExtension(Extension.nameConstraints, true, new NameConstraints(permitted, null));
        return new Authority(keys.getPrivate(), signed(builder, keys.getPrivate()), clock);
    }

    private static JcaX509v3CertificateBuilder builder(
            X500Name issuer, X500Name subject, KeyPair keys, Duration lasts, Clock clock) {
        Instant now = clock.instant();
        return new JcaX509v3CertificateBuilder(
                issuer, serial(), Date.from(now.minus(BEFORE)), Date.from(now.plus(lasts)), subject, keys.getPublic());
    }

    private static X500Name subject(X509Certificate of) throws GeneralSecurityException, IOException {
        return new X509CertificateHolder(of.getEncoded()).getSubject();
    }

    private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey by)
            throws GeneralSecurityException, OperatorCreationException {
        return new JcaX509CertificateConverter()
                .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED_BY).build(by)));
    }

    private static KeyPair newKeys() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        return generator.generateKeyPair();
    }

    private static BigInteger serial() {
        return new BigInteger(SERIAL_BITS, new SecureRandom()).setBit(SERIAL_BITS);
    }

    private static String pem(Object what) throws IOException {
        StringWriter text = new StringWriter();
        try (JcaPEMWriter writer = new JcaPEMWriter(text)) {
            writer.writeObject(what);
        }
        return text.toString();
    }

    private static PrivateKey key(String pem) throws IOException {
        try (PEMParser parser = new PEMParser(new StringReader(pem))) {
            return new JcaPEMKeyConverter().getPrivateKey((PrivateKeyInfo) parser.readObject());
        }
    }

    private static X509Certificate certificate(String pem) throws IOException, GeneralSecurityException {
        try (PEMParser parser = new PEMParser(new StringReader(pem))) {
            return new JcaX509CertificateConverter().getCertificate((X509CertificateHolder) parser.readObject());
        }
    }
}
