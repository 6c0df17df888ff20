package wrenlane.server.platform.warmup;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.fixture.RunningApp;

/** What is asked after the start to be ready for a lesson: it reaches the tables, and leaves nothing there. */
class FirstLessonTest {
    @RegisterExtension
    static final RunningApp DEMO = RunningApp.withDemoDay();

    @RegisterExtension
    static final RunningApp EMPTY = RunningApp.apart();

    private static FirstLesson of(RunningApp app) {
        return new FirstLesson("http://127.0.0.1:" + app.port());
    }

    @Test
    void asksOfTheNewestDayAndStoresNothing() {
        String runs = "/api/days/" + DEMO.get("/api/days").body().at("/0/id").asString() + "/runs";
        RunningApp.Answer before = DEMO.get(runs);
        assertThat(before.status()).isEqualTo(200);
        assertThat(of(DEMO).ask()).isTrue();
        assertThat(DEMO.get(runs).body()).isEqualTo(before.body());
    }

    @Test
    void hasNothingToAskWhereThereIsNoDay() {
        assertThat(of(EMPTY).ask()).isFalse();
    }

    @Test
    void saysNothingWhereNobodyAnswers() {
        assertThat(new FirstLesson("http://127.0.0.1:1").ask()).isFalse();
    }
}
