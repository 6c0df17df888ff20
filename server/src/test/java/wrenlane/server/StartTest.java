package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.platform.signin.Passphrase;
import wrenlane.server.platform.storage.StartException;

/** What keeps the app from starting is one sentence with what to do, and exit code 1. */
class StartTest {
    @TempDir
    Path folder;

    private void refuses(String argument, String... words) {
        assertThatThrownBy(() -> WrenLane.start("--wren.data=" + folder.resolve("data"), "--server.port=0", argument))
                .isInstanceOf(StartException.class)
                .hasMessageContainingAll(words);
    }

    @Test
    void aDemoFileThatIsMissing() {
        refuses("--wren.demo=" + folder.resolve("no.json"), "no.json", "cannot be read");
    }

    @Test
    void aDemoFileThatIsBroken() throws IOException {
        Path broken = Files.writeString(folder.resolve("broken.json"), "{\"format\":\"wren-lane-days/4\",");
        refuses("--wren.demo=" + broken, "broken.json", "not JSON");
    }

    @Test
    void aPortThatThereCannotBe() {
        for (String port : List.of("70000", "-1", "eighty")) {
            assertThatThrownBy(() -> WrenLane.start("--wren.data=" + folder, "--server.port=" + port))
                    .isInstanceOf(StartException.class)
                    .hasMessageContaining(port);
        }
    }

    /** The data of a demo is gone with it. */
    @Test
    void temporaryDataIsDeletedAtTheEnd() throws IOException {
        Path data = folder.resolve("demo");
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        WrenLane.class.getName(),
                        "--wren.data=" + data,
                        "--server.port=0",
                        "--wren.warm-up=false",
                        "--wren.temporary=true")
                .redirectErrorStream(true)
                .start();
        try (BufferedReader said = process.inputReader()) {
            String line = said.readLine();
            while (line != null && !line.contains("Wren Lane is at")) {
                line = said.readLine();
            }
            assertThat(data).exists();
            process.destroy();
            process.onExit().join();
        }
        assertThat(data).doesNotExist();
    }

    @Test
    void aPortThatIsTaken() throws IOException {
        try (ServerSocket other = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            assertThatThrownBy(() -> WrenLane.start(
                            "--wren.data=" + folder.resolve("data"), "--server.port=" + other.getLocalPort()))
                    .isInstanceOf(StartException.class)
                    .hasMessageContainingAll(String.valueOf(other.getLocalPort()), "--port");
        }
    }

    @Test
    void anAddressWhereNobodyIsAsked() {
        refuses("--server.address=0.0.0.0", "0.0.0.0", "--lan");
    }

    @Test
    void aNetworkWithoutAPassphrase() {
        refuses("--wren.lan=true", "passphrase", "WREN_PASSPHRASE");
    }

    @Test
    void aNetworkPortThatIsTaken() throws IOException {
        Passphrase.of(folder.resolve("data")).set(RunningApp.PASSPHRASE);
        try (ServerSocket other = new ServerSocket(0)) {
            String port = String.valueOf(other.getLocalPort());
            assertThatThrownBy(() -> WrenLane.start(
                            "--wren.data=" + folder.resolve("data"),
                            "--server.port=0",
                            "--wren.lan=true",
                            "--wren.lan-port=" + port))
                    .isInstanceOf(StartException.class)
                    .hasMessageContainingAll(port, "--lan-port");
        }
    }

    private record ExitResult(int code, String said) {}

    private static ExitResult run(String... args) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                WrenLane.class.getName()));
        command.addAll(List.of(args));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new ExitResult(process.waitFor(), said);
    }

    @Test
    void theProcessSaysOneSentenceAndEndsWithOne() throws IOException, InterruptedException {
        Path data = Files.createDirectories(folder.resolve("data"));
        Files.writeString(data.resolve("wren-lane.db"), "not a database, however long this text may be");
        ExitResult ended = run("--wren.data=" + data, "--server.port=0");
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.said().strip().lines().toList())
                .singleElement()
                .asString()
                .startsWith("wren: ")
                .contains("not a data file");
    }

    @Test
    void copiesTheDataAndRestoresItOnAnEmptyMachine() throws IOException, InterruptedException {
        Path copy = folder.resolve("copy.db");
        Path there = folder.resolve("there");
        WrenLane.start("--wren.data=" + folder.resolve("data"), "--server.port=0")
                .close();
        assertThat(run("--wren.data=" + folder.resolve("data"), "--backup=" + copy)
                        .code())
                .isZero();
        assertThat(run("--wren.data=" + there, "--restore=" + copy).code()).isZero();
        assertThat(there.resolve("wren-lane.db")).exists();
        ExitResult refused = run("--wren.data=" + there, "--restore=" + folder.resolve("missing.db"));
        assertThat(refused.code()).isEqualTo(1);
        assertThat(refused.said()).startsWith("wren: There is no file");
    }
}
