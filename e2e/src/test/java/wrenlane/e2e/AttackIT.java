package wrenlane.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The attacks of {@code ./wren bench}, in short and with a fixed seed, each on a server of its own. */
class AttackIT {
    private static void attack(String name, String... args) throws IOException, InterruptedException {
        BuiltApp app = BuiltApp.ready();
        List<String> command = new ArrayList<>(List.of(
                "node",
                BuiltApp.root().resolve("bench/" + name + ".mjs").toString(),
                app.jar().toString(),
                BuiltApp.root().resolve("demo/ferry-apron.json").toString()));
        command.addAll(List.of(args));
        ProcessBuilder attack = new ProcessBuilder(command).redirectErrorStream(true);
        attack.environment()
                .putAll(Map.of(
                        "WREN_READY_DATA", app.readyData().toString(),
                        "WREN_WARM_UP", "false",
                        "WREN_JAVA_FLAGS", "-XX:TieredStopAtLevel=1"));
        Process process = attack.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        assertThat(said).contains(name + ", seed");
    }

    /** However long an answer may take here is no matter: the time is looked at in the benchmark alone. */
    @Test
    void spoiltRequestsAreAnsweredInWordsAndStoreNothing() throws IOException, InterruptedException {
        attack("fuzz", "400", "3", "1000000");
    }

    @Test
    void whatWasToldAsStoredIsThereAfterKillsMovesAndRestorations() throws IOException, InterruptedException {
        attack("crash", "2", "11", "2", "2");
    }

    @Test
    void keepsEveryAcknowledgedRunWhenTheDiskIsFull() throws IOException, InterruptedException {
        attack("full-disk", "2", "13");
    }

    @Test
    void nothingIsLostBesideStrangersFloodsAndGuesses() throws IOException, InterruptedException {
        attack("attack", "3", "5", "8", "20", "1000000");
    }
}
