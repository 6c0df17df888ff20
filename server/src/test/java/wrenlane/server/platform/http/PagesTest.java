package wrenlane.server.platform.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.server.fixture.RunningApp;

/** Every page brings along what it is drawn from, as small as whoever asks can read it. */
class PagesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final Pattern LETTERS =
            Pattern.compile("<link rel=\"preload\" as=\"font\" type=\"font/woff2\" crossorigin href=\"([^\"]+)\">");

    private static final Pattern ASSET = Pattern.compile("/assets/[^\"]+\\.js");

    private static HttpResponse<byte[]> get(String asset, String encodings) {
        return APP.file(asset, "Accept-Encoding", encodings);
    }

    @ParameterizedTest
    @CsvSource({
        "/, TodayPage, /api/course-kinds",
        "/today, TodayPage, /api/course-kinds",
        "/range, RangePage, /api/riders",
        "/range/2/5, RangePage, /api/riders",
        "/setup/3, SetupPage, /api/machines",
        "/phone, PhonePage, /api/about",
    })
    void eachNamesItsOwnCodeAndWhatItAsksFirst(String address, String code, String read) {
        assertThat(APP.get(address).raw().body())
                .contains(
                        "href=\"/assets/" + code + "-",
                        "<link rel=\"preload\" as=\"fetch\" crossorigin href=\"" + read + "\">");
    }

    @Test
    void whatIsNoPageNamesNone() {
        assertThat(APP.get("/nowhere").raw().body()).contains("modulepreload").doesNotContain("Page-", "/api/");
    }

    /** Without a file of their own, and let through by the policy, which the browser's tests hold it to. */
    @Test
    void theStylesStandInThePage() {
        HttpResponse<byte[]> page = get("/range", "br");
        assertThat(page.headers().firstValue("Content-Encoding")).contains("br");
        assertThat(page.headers().firstValue("Content-Security-Policy"))
                .hasValueSatisfying(
                        policy -> assertThat(policy).containsPattern("style-src 'self' 'sha256-[A-Za-z0-9+/]{43}='"));
        assertThat(APP.get("/range").raw().body()).contains("<style>").doesNotContain("stylesheet");
    }

    /** So that it is there with the first picture: all other files are fetched as what is less urgent. */
    @ParameterizedTest
    @ValueSource(strings = {"/", "/range", "/nowhere"})
    void whatHoldsOnAnyYardStandsInThePage(String address) {
        assertThat(APP.get(address).raw().body())
                .contains("A licensed instructor and local rules come first.</p>")
                .contains("<script type=\"module\" fetchpriority=\"low\"")
                .doesNotContain("<script type=\"module\" crossorigin", "<link rel=\"modulepreload\" crossorigin");
    }

    /** So that what is read first is not written a second time when they come. */
    @ParameterizedTest
    @ValueSource(strings = {"/", "/range", "/nowhere"})
    void theLettersComeBesideThePage(String address) {
        String page = APP.get(address).raw().body();
        List<String> letters =
                LETTERS.matcher(page).results().map(m -> m.group(1)).toList();
        assertThat(letters).hasSize(1);
        assertThat(get(letters.get(0), "br").statusCode()).isEqualTo(200);
        assertThat(page).as("the same that the styles ask for").contains("url(" + letters.get(0) + ")");
    }

    @Test
    void eachFileGoesOutInTheSmallestFormThatIsRead() {
        String page = APP.get("/range").raw().body();
        List<String> assets =
                ASSET.matcher(page).results().map(MatchResult::group).distinct().toList();
        assertThat(assets).hasSizeGreaterThan(4);
        for (String asset : assets) {
            HttpResponse<byte[]> plain = get(asset, "identity");
            HttpResponse<byte[]> zipped = get(asset, "gzip");
            HttpResponse<byte[]> small = get(asset, "gzip, deflate, br, zstd");
            assertThat(plain.headers().firstValue("Content-Encoding")).isEmpty();
            assertThat(small.headers().firstValue("Content-Encoding")).contains("br");
            assertThat(small.headers().allValues("Vary")).anyMatch(v -> v.equalsIgnoreCase("Accept-Encoding"));
            assertThat(small.headers().firstValue("Content-Type"))
                    .isEqualTo(plain.headers().firstValue("Content-Type"));
            assertThat(small.headers().firstValue("Cache-Control"))
                    .isEqualTo(plain.headers().firstValue("Cache-Control"))
                    .hasValueSatisfying(cache -> assertThat(cache).contains("immutable"));
            assertThat(small.body()).hasSizeLessThan(zipped.body().length);
            assertThat(zipped.body()).hasSizeLessThanOrEqualTo(plain.body().length);
        }
    }
}
