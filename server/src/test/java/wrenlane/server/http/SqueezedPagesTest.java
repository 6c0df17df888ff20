package wrenlane.server.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.RunningApp;

/** Scripts and styles go out as small as whoever asks can read them. */
class SqueezedPagesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final Pattern ASSET = Pattern.compile("/assets/[^\"]+\\.(?:js|css)");

    private static HttpResponse<byte[]> get(String asset, String encodings) {
        return APP.file(asset, "Accept-Encoding", encodings);
    }

    @Test
    void eachGoesOutInTheSmallestFormThatIsRead() {
        String page = APP.get("/range").raw().body();
        List<String> assets =
                ASSET.matcher(page).results().map(MatchResult::group).distinct().toList();
        assertThat(assets).hasSizeGreaterThan(2);
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
