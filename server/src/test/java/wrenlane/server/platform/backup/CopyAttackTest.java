package wrenlane.server.platform.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.SingleRiderDay;
import wrenlane.server.platform.storage.DataFile;

/** Copies brought and restored by somebody who means ill, or at a bad moment. */
class CopyAttackTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.apart();

    @TempDir
    private Path folder;

    private SingleRiderDay there;

    @BeforeEach
    void aDay() {
        there = SingleRiderDay.on(APP);
    }

    private static Path copies() {
        return APP.bean(DataFile.class).copies();
    }

    private static String keep() {
        RunningApp.Answer kept = APP.post("/api/copies", Map.of());
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(201);
        return kept.body().get("name").asString();
    }

    private static String restore(String copy) {
        RunningApp.Answer restored = APP.post("/api/copies/restorations", Map.of("name", copy));
        assertThat(restored.status()).as(restored.raw().body()).isEqualTo(200);
        return restored.body().get("before").asString();
    }

    /** Whatever counts its changes, by its address: stored, or as yet what holds where nothing is. */
    private List<String> versioned() {
        return List.of(
                "/api/machines/" + there.machine(),
                "/api/riders/" + there.rider(),
                "/api/courses/" + there.course(),
                "/api/days/" + there.day(),
                "/api/kit",
                "/api/aim",
                "/api/causes",
                "/api/teaching",
                "/api/drills/big-circle",
                "/api/drills/u-turn-rolling",
                "/api/days/" + there.day() + "/lesson",
                "/api/riders/" + there.rider() + "/goal",
                "/api/riders/" + there.rider() + "/opinions/u-turn-box");
    }

    private static long version(String path) {
        RunningApp.Answer answer = APP.get(path);
        assertThat(answer.status()).as(path).isEqualTo(200);
        return answer.body().get("version").asLong();
    }

    @Test
    void noVersionComesTwiceAfterARestoration() {
        APP.put("/api/drills/big-circle/hidden", Map.of("hidden", false));
        APP.put("/api/riders/" + there.rider() + "/opinions/u-turn-box", Map.of("words", "Looks down"));
        String copy = keep();
        for (int i = 0; i < 3; i++) {
            APP.put("/api/drills/big-circle/hidden", Map.of("hidden", i % 2 == 0));
            APP.put("/api/riders/" + there.rider() + "/opinions/u-turn-box", Map.of("words", "Looks down " + i));
        }
        List<Long> before = versioned().stream().map(CopyAttackTest::version).toList();
        restore(copy);
        restore(copy);
        for (int i = 0; i < before.size(); i++) {
            assertThat(version(versioned().get(i))).as(versioned().get(i)).isGreaterThan(before.get(i));
        }
        // A page opened before is told, and nothing is overwritten.
        String old = "\"" + before.get(before.size() - 1) + "\"";
        RunningApp.Answer late =
                APP.send("PUT", versioned().get(before.size() - 1), "{\"words\":\"Late\"}", "If-Match", old);
        assertThat(late.status()).as(late.raw().body()).isEqualTo(412);
        // What is stored afterwards goes on from there.
        RunningApp.Answer next =
                APP.put("/api/riders/" + there.rider() + "/opinions/u-turn-box", Map.of("words", "Looks down at last"));
        assertThat(next.status()).as(next.raw().body()).isEqualTo(200);
        assertThat(next.body().get("version").asLong()).isGreaterThan(before.get(before.size() - 1));
    }

    private int log(String id) {
        return APP.put("/api/runs/" + id, there.run("LEFT", 7.2)).status();
    }

    private Set<String> runs() {
        Set<String> ids = new TreeSet<>();
        APP.get("/api/days/" + there.day() + "/runs")
                .body()
                .forEach(logged -> ids.add(logged.at("/run/id").asString()));
        return ids;
    }

    /** Whoever logs while a copy is restored: what was acknowledged is in the data, or in the copy made before. */
    @Test
    void whatIsLoggedDuringARestorationIsInTheDataOrInTheCopyMadeBefore() throws Exception {
        String copy = keep();
        Set<String> acknowledged = new ConcurrentSkipListSet<>();
        CountDownLatch begun = new CountDownLatch(40);
        CountDownLatch restored = new CountDownLatch(1);
        ExecutorService phones = Executors.newFixedThreadPool(4);
        List<Future<?>> logging = new ArrayList<>();
        for (int phone = 0; phone < 4; phone++) {
            String name = "load-" + there.day() + "-" + phone + "-";
            logging.add(phones.submit(() -> {
                for (int i = 0; i < 20 || restored.getCount() > 0; i++) {
                    String id = name + i;
                    if (log(id) == 200) {
                        acknowledged.add(id);
                    }
                    begun.countDown();
                }
            }));
        }
        begun.await();
        String before = restore(copy);
        restored.countDown();
        for (Future<?> phone : logging) {
            phone.get();
        }
        phones.shutdown();
        Set<String> found = runs();
        restore(before);
        found.addAll(runs());
        assertThat(found).containsAll(acknowledged);
        assertThat(acknowledged).hasSizeGreaterThan(40);
    }

    /** A copy with something done to it by SQL. */
    private byte[] crafted(String... sql) throws IOException, SQLException {
        Path file = folder.resolve("crafted.db");
        Files.write(file, APP.bytes("/api/copies/" + keep()));
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            for (String one : sql) {
                statement.execute(one);
            }
        }
        return Files.readAllBytes(file);
    }

    private static final String FOR_EVER = "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n)";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ALTER TABLE flyway_schema_history RENAME TO old; CREATE VIEW flyway_schema_history AS " + FOR_EVER
                        + " SELECT i AS version, 1 AS success FROM n",
                "PRAGMA foreign_keys = OFF; DROP TABLE rider; CREATE VIEW rider AS " + FOR_EVER
                        + " SELECT i AS id FROM n",
                "PRAGMA foreign_keys = OFF; DROP TABLE run",
                "CREATE TABLE more (id INTEGER)",
                "CREATE TRIGGER sly AFTER INSERT ON run BEGIN DELETE FROM run; END",
                "ALTER TABLE aim ADD COLUMN more INTEGER",
                "CREATE VIRTUAL TABLE found USING fts5(words)"
            })
    void aCraftedFileIsRefusedAndNothingHangs(String sql) throws Exception {
        byte[] file = crafted(sql.split("; (?=[A-Z])(?!END)"));
        RunningApp.Answer refused = APP.bring(file);
        assertThat(refused.status()).as(refused.raw().body()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString())
                .containsAnyOf("tables", "not a data file")
                .doesNotContain("/");
        assertThat(APP.get("/api/copies").status()).isEqualTo(200);
    }

    @Test
    void nothingButCopiesLiesBesideCopies() throws IOException {
        String copy = keep();
        APP.get("/api/copies");
        restore(copy);
        APP.get("/api/copies");
        try (Stream<Path> files = Files.list(copies())) {
            assertThat(files.map(f -> f.getFileName().toString())).allMatch(name -> name.endsWith(".db"));
        }
        try (Stream<Path> files = Files.list(APP.bean(DataFile.class).folder())) {
            assertThat(files.map(f -> f.getFileName().toString())).noneMatch(name -> name.startsWith("restoring"));
        }
    }

    @Test
    void aFolderThatCannotBeUsedIsToldInASentence() throws IOException {
        Path aside = copies().resolveSibling("copies-aside");
        keep();
        Files.move(copies(), aside);
        Files.createFile(copies());
        try {
            for (RunningApp.Answer answer : List.of(
                    APP.post("/api/copies", Map.of()),
                    APP.bring(JsonMapper.shared().writeValueAsBytes("no copy")))) {
                assertThat(answer.status()).as(answer.raw().body()).isEqualTo(503);
                assertThat(answer.body().get("detail").asString())
                        .contains("permissions")
                        .doesNotContain("/");
            }
            assertThat(APP.get("/api/copies").status()).isEqualTo(200);
        } finally {
            Files.delete(copies());
            Files.move(aside, copies());
        }
    }
}
