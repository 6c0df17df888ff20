package wrenlane.server.exchange.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PaperLettersTest {
    private final PaperLetters letters = new PaperLetters(font());

    private static InputStream font() {
        return Objects.requireNonNull(PaperLettersTest.class.getResourceAsStream("/static/paper/DejaVuSans.ttf"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"Łukasz Żółw", "Ştefan Çelik", "Nguyễn Ắn", "Γιάννης", "Оксана", "Zoë O’Neil – 7.20 m × 3 ±"})
    void hasTheLettersOfMostNames(String name) {
        assertThat(letters.lacking(name)).isEmpty();
    }

    @Test
    void namesTheWritingThatItLacks() {
        assertThat(letters.lacking("Ada 田中")).containsExactly("Han");
        assertThat(letters.lacking("अनिता, 김, 🏍\uFE0F")).containsExactly("Devanagari", "Hangul", "some signs");
    }

    @Test
    void saysSoAtTheEndOfThePage() {
        String page = "<html><body><h1>Ada</h1></body></html>";
        assertThat(letters.sayingWhatIsLacking(page)).isEqualTo(page);
        assertThat(letters.sayingWhatIsLacking(page.replace("Ada", "田中")))
                .endsWith("stands as #. The pages on the screen show it.</p></body></html>")
                .contains("<h1>田中</h1>", "no letters for Han:");
    }
}
