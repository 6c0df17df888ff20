package wrenlane.server.platform.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.LockHolder;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.SingleRiderDay;

/** The data file is busy, moved away, or asked for by many: what is told as stored is stored, and nothing else is. */
class BusyDatabaseTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.apart();

    private static final int REQUESTS = 100;

    private SingleRiderDay there;

    @BeforeEach
    void aDay() {
        there = SingleRiderDay.on(APP);
    }

    private static Path file() {
        return APP.bean(DataFile.class).path();
    }

    /** One request, and what it would leave behind. */
    private record Attempt(String name, RunningApp.Answer answer) {}

    private Attempt attempt(int i) {
        String name = "busy-" + there.day() + "-" + String.format("%03d", i);
        return new Attempt(
                name,
                switch (i % 6) {
                    case 0 -> APP.post("/api/riders", Courses.rider(name));
                    case 1 -> APP.post("/api/yards", Courses.yard(name));
                    case 2 -> APP.put("/api/runs/" + name, run());
                    case 3 -> APP.post("/api/imports", importing(name));
                    case 4 -> APP.post("/api/calculations/import-previews", importing(name));
                    default -> APP.get("/api/days/" + there.day() + "/briefing");
                });
    }

    private Map<String, Object> run() {
        return there.run("LEFT", 7.2);
    }

    private static Map<String, Object> importing(String name) {
        return Map.of(
                "format", "wren-lane-days/4",
                "yards", List.of(),
                "machines", List.of(),
                "riders",
                        List.of(
                                Map.of("key", "a", "name", name, "level", "NOVICE", "school", "DRAG"),
                                Map.of("key", "b", "name", name + " two", "level", "NOVICE", "school", "DRAG")),
                "courses", List.of(),
                "days", List.of());
    }

    private static Set<String> names(String path) {
        return APP.get(path)
                .body()
                .valueStream()
                .map(n -> n.get("name").asString())
                .collect(Collectors.toSet());
    }

    @Test
    void whileAnotherProgramHoldsTheLockNothingIsHalfStoredAndAfterwardsAllGoesOn() throws Exception {
        List<Attempt> attempts = new ArrayList<>();
        ExecutorService clients = Executors.newFixedThreadPool(10);
        try (LockHolder other = new LockHolder(file())) {
            List<Callable<Attempt>> jobs = new ArrayList<>();
            for (int i = 0; i < REQUESTS; i++) {
                int number = i;
                jobs.add(() -> attempt(number));
            }
            // Ten seconds of lock, then it is let go while requests still wait.
            List<Future<Attempt>> sent = jobs.stream().map(clients::submit).toList();
            assertThat(clients.awaitTermination(10, TimeUnit.SECONDS)).isFalse();
            other.close();
            for (Future<Attempt> f : sent) {
                attempts.add(f.get());
            }
        } finally {
            clients.shutdownNow();
        }
        Set<String> riders = names("/api/riders");
        Set<String> yards = names("/api/yards");
        int unavailable = 0;
        for (int i = 0; i < REQUESTS; i++) {
            Attempt a = attempts.get(i);
            int status = a.answer().status();
            assertThat(status).as("%d: %s", i, a.answer().raw().body()).isIn(200, 201, 503);
            boolean acknowledged = status != 503;
            unavailable += acknowledged ? 0 : 1;
            switch (i % 6) {
                case 0 -> assertThat(riders.contains(a.name())).isEqualTo(acknowledged);
                case 1 -> assertThat(yards.contains(a.name())).isEqualTo(acknowledged);
                case 2 ->
                    // What is stored answers as stored; what is not is stored now.
                    assertThat(APP.delete("/api/runs/" + a.name()).status()).isEqualTo(acknowledged ? 204 : 404);
                case 3 -> {
                    assertThat(riders.contains(a.name())).isEqualTo(acknowledged);
                    assertThat(riders.contains(a.name() + " two")).isEqualTo(acknowledged);
                }
                case 4 -> {
                    assertThat(status)
                            .as("previews and reads never wait for a writer")
                            .isEqualTo(200);
                    assertThat(riders).doesNotContain(a.name());
                }
                default -> assertThat(status).isEqualTo(200);
            }
            if (!acknowledged) {
                assertThat(a.answer().body().get("detail").asString()).contains("Nothing was stored");
            }
        }
        assertThat(unavailable).as("the lock was felt").isPositive();
        SingleRiderDay.id(APP.post("/api/riders", Courses.rider("After it all")));
    }

    /** What can become of the data file, or its folder, for a while. */
    enum Absence {
        MOVED {
            @Override
            void away(Path file) throws IOException {
                Files.move(file, file.resolveSibling("aside.db"));
            }

            @Override
            void back(Path file) throws IOException {
                Files.move(file.resolveSibling("aside.db"), file);
            }
        },
        REPLACED {
            @Override
            void away(Path file) throws IOException {
                Files.move(file, file.resolveSibling("aside.db"));
                Files.createFile(file);
            }

            @Override
            void back(Path file) throws IOException {
                Files.move(file.resolveSibling("aside.db"), file, StandardCopyOption.REPLACE_EXISTING);
            }
        },
        MOVED_WITH_ITS_JOURNAL {
            @Override
            void away(Path file) throws IOException {
                for (String more : List.of("", "-wal", "-shm")) {
                    Files.move(file.resolveSibling(file.getFileName() + more), file.resolveSibling("aside" + more));
                }
            }

            @Override
            void back(Path file) throws IOException {
                for (String more : List.of("", "-wal", "-shm")) {
                    Files.move(file.resolveSibling("aside" + more), file.resolveSibling(file.getFileName() + more));
                }
            }
        },
        /** As a network folder that cannot be reached for a while. */
        FOLDER_GONE {
            @Override
            void away(Path file) throws IOException {
                Files.move(folder(), folderAway());
            }

            @Override
            void back(Path file) throws IOException {
                Files.move(folderAway(), folder());
            }
        };

        private static Path folder() {
            return APP.bean(DataFile.class).folder();
        }

        private static Path folderAway() {
            return folder().resolveSibling(folder().getFileName() + "-away");
        }

        abstract void away(Path file) throws IOException;

        abstract void back(Path file) throws IOException;
    }

    /** Runs logged since the journal was last written into the file are there when the file is back, and none besides. */
    @ParameterizedTest
    @EnumSource
    void aFileThatWasAwayLosesNothing(Absence how) throws IOException {
        Set<String> logged = new TreeSet<>();
        for (int i = 0; i < 30; i++) {
            String id = "away-" + there.day() + "-" + i;
            assertThat(APP.put("/api/runs/" + id, run()).status()).isEqualTo(200);
            logged.add(id);
        }
        how.away(file());
        try {
            for (int i = 0; i < 3; i++) {
                RunningApp.Answer answer = APP.post("/api/riders", Courses.rider("Into nothing"));
                assertThat(answer.status()).isEqualTo(503);
                assertThat(answer.body().get("detail").asString()).contains("moved or deleted");
                assertThat(APP.get("/api/days/" + there.day() + "/lesson").status())
                        .isEqualTo(503);
            }
        } finally {
            how.back(file());
        }
        SingleRiderDay.id(APP.post("/api/riders", Courses.rider("Back again")));
        assertThat(names("/api/riders")).doesNotContain("Into nothing").contains("Back again");
        Set<String> stored = new TreeSet<>();
        APP.get("/api/days/" + there.day() + "/runs")
                .body()
                .forEach(logOf -> stored.add(logOf.at("/run/id").asString()));
        assertThat(stored).isEqualTo(logged);
    }
}
