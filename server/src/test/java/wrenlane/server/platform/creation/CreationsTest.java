package wrenlane.server.platform.creation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** A client that got no answer sends its request again: what it asked for is created once. */
class CreationsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.apart();

    /** What can be created, and where. */
    private record Resource(String store, Map<String, Object> request) {}

    static List<Resource> things() {
        Map<String, Object> day = new HashMap<>(Map.of(
                "date", "2026-05-14", "title", "A", "courseIds", List.of(), "stands", List.of(), "riders", List.of()));
        return List.of(
                new Resource("/api/yards", Courses.yard("A")),
                new Resource("/api/machines", Courses.machine("A")),
                new Resource("/api/riders", Courses.rider("A")),
                new Resource("/api/courses", Courses.box(7)),
                new Resource("/api/days", day),
                new Resource("/api/copies", Map.of()));
    }

    private static RunningApp.Answer create(Resource thing, String key) {
        return APP.send("POST", thing.store(), RunningApp.json(thing.request()), "Idempotency-Key", key);
    }

    private static int stored(Resource thing) {
        return APP.get(thing.store()).body().size();
    }

    @ParameterizedTest
    @MethodSource("things")
    void theSameRequestSentAgainCreatesNothingMore(Resource thing) throws ExecutionException, InterruptedException {
        int before = stored(thing);
        String key = UUID.randomUUID().toString();
        ExecutorService phones = Executors.newFixedThreadPool(4);
        List<Future<RunningApp.Answer>> sent = IntStream.range(0, 8)
                .mapToObj(i -> phones.submit(() -> create(thing, key)))
                .toList();
        String first = sent.get(0).get().raw().body();
        for (Future<RunningApp.Answer> one : sent) {
            assertThat(one.get().status()).as(one.get().raw().body()).isEqualTo(201);
            assertThat(one.get().raw().body()).isEqualTo(first);
        }
        phones.shutdown();
        assertThat(stored(thing)).isEqualTo(before + 1);
    }

    @Test
    void anotherKeyCreatesAnother() {
        Resource rider = things().get(2);
        int before = stored(rider);
        create(rider, UUID.randomUUID().toString());
        create(rider, UUID.randomUUID().toString());
        assertThat(stored(rider)).isEqualTo(before + 2);
    }

    @Test
    void aKeyIsForOneSortOfThingAndLooksLikeOne() {
        String key = UUID.randomUUID().toString();
        create(things().get(2), key);
        assertThat(create(things().get(1), key).status()).isEqualTo(409);
        assertThat(create(things().get(1), "short").status()).isEqualTo(422);
    }

    /** A request that was refused created nothing: put right, it does, under the same key. */
    @Test
    void whatWasRefusedCanBeSentAgain() {
        String key = UUID.randomUUID().toString();
        Map<String, Object> nameless = new HashMap<>(Courses.rider("A"));
        nameless.put("name", " ");
        assertThat(create(new Resource("/api/riders", nameless), key).status()).isEqualTo(422);
        assertThat(create(things().get(2), key).status()).isEqualTo(201);
    }
}
