package wrenlane.server;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLSocketFactory;
import javax.net.ssl.TrustManagerFactory;
import wrenlane.server.network.NetworkConnector;

/** A phone on the network: it trusts the school's authority and nobody else, and keeps its cookie. */
final class NetworkDevice {
    private final RunningApp app;
    private final HttpClient http;
    private final SSLSocketFactory sockets;
    private String cookie = "";

    NetworkDevice(RunningApp app) throws IOException, GeneralSecurityException {
        this.app = app;
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry(
                "school",
                CertificateFactory.getInstance("X.509")
                        .generateCertificate(new ByteArrayInputStream(app.bytes("/api/network/authority.crt"))));
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext tls = SSLContext.getInstance("TLS");
        tls.init(null, trust.getTrustManagers(), null);
        sockets = tls.getSocketFactory();
        http = HttpClient.newBuilder().sslContext(tls).build();
    }

    /** A connection of its own, on which nothing was sent yet. */
    Socket connect(int port) throws IOException {
        return sockets.createSocket("127.0.0.1", port);
    }

    HttpResponse<String> send(String method, String path, String body, String... headers)
            throws IOException, InterruptedException {
        int port = app.bean(NetworkConnector.class).port();
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("https://127.0.0.1:" + port + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        if (!cookie.isEmpty()) {
            request.header("Cookie", cookie);
        }
        if (headers.length > 0) {
            request.headers(headers);
        }
        HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        answer.headers().firstValue("Set-Cookie").ifPresent(set -> cookie = set.substring(0, set.indexOf(';')));
        return answer;
    }

    /** News, as long as they are told. */
    InputStream news() throws IOException, InterruptedException {
        int port = app.bean(NetworkConnector.class).port();
        return http.send(
                        HttpRequest.newBuilder(URI.create("https://127.0.0.1:" + port + "/api/news"))
                                .header("Cookie", cookie)
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream())
                .body();
    }

    /** What it carries. */
    String cookie() {
        return cookie;
    }

    /** Carries something else. */
    void carry(String other) {
        cookie = other;
    }

    /** Changes one letter in the middle of what it carries. */
    void forge() {
        int middle = cookie.length() / 2;
        char other = cookie.charAt(middle) == 'A' ? 'B' : 'A';
        cookie = cookie.substring(0, middle) + other + cookie.substring(middle + 1);
    }

    int status(String method, String path) throws IOException, InterruptedException {
        return send(method, path, "").statusCode();
    }

    HttpResponse<String> signIn(String passphrase) throws IOException, InterruptedException {
        return send("POST", "/api/session", "{\"passphrase\":\"" + passphrase + "\"}");
    }
}
