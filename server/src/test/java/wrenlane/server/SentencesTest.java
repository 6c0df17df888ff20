package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.RunningApp.Answer;

/** What is said comes in the units whoever asks reads lengths in: a box of 30 m is 98' 5", the least 2.5 m are 8' 2.5". */
class SentencesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final String IN_FEET = "?system=IMPERIAL";

    private static Answer course(double width, String... headers) {
        return course("", width, headers);
    }

    private static Answer course(String query, double width, String... headers) {
        return APP.send("POST", "/api/courses" + query, RunningApp.json(Courses.box(width)), headers);
    }

    @Test
    void sayLengthsInMetresWhereNothingElseIsAsked() {
        Answer refused = course(30);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString())
                .contains(" m; it is 30.")
                .doesNotContain("'");
        Answer misread = course("?system=CUBITS", 30);
        assertThat(misread.body()).isEqualTo(refused.body());
    }

    @Test
    void sayLengthsInFeetToWhoeverReadsThem() {
        Answer refused = course(IN_FEET, 30);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString())
                .contains("it is 98' 5\".")
                .doesNotContain(" m;");
        assertThat(refused.body().get("findings").get(0).get("message").asString())
                .contains("it is 98' 5\".");
    }

    /** The first language decides; without one there is a point. 27.5 m are 1082.7 inches: 90 feet and 2.5. */
    @Test
    void haveADecimalCommaWhereTheLanguageHasOne() {
        Answer refused = course(27.5, "Accept-Language", "de-DE,en;q=0.7");
        assertThat(refused.body().get("detail").asString()).contains("it is 27,5.");
        Answer feet = course(IN_FEET, 27.5, "Accept-Language", "fr");
        assertThat(feet.body().get("detail").asString()).contains("it is 90' 2,5\".");
        assertThat(course(27.5, "Accept-Language", "en-GB,de;q=0.7").body())
                .isEqualTo(course(27.5).body());
    }

    /** What the field itself refuses is said by the core too. */
    @Test
    void sayLengthsOfATypedOneInFeet() {
        Answer refused = APP.send(
                "POST",
                "/api/calculations/length-readings" + IN_FEET,
                RunningApp.json(Map.of("text", "2000 m", "system", "IMPERIAL")));
        assertThat(refused.body().toString()).contains("3280' 10").doesNotContain("1000 m");
    }
}
