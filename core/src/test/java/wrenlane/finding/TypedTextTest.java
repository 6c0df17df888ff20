package wrenlane.finding;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TypedTextTest {
    @Test
    void theSameLettersAreTheSameTextHoweverTheyWereTyped() {
        assertThat(TypedText.cleaned("e\u0301")).isEqualTo("\u00e9").isEqualTo(TypedText.cleaned("\u00e9"));
    }

    @Test
    void whatHasNoShapeIsLeftOut() {
        assertThat(TypedText.cleaned("a\u0000b\u0007c\u202ed\u200be\ufefff\ud800g\uffff"))
                .isEqualTo("abcdefg");
    }

    @Test
    void everyLineEndIsTheSame() {
        assertThat(TypedText.cleaned("a\r\nb\rc\u2028d\n\te")).isEqualTo("a\nb\nc\nd\n\te");
        assertThat(TypedText.line("  a\r\n b\u00a0\u2003c ")).isEqualTo("a b c");
    }

    @Test
    void joinersStaySinceScriptsAndSignsAreWrittenWithThem() {
        String persian = "\u0645\u06cc\u200c\u062e\u0648\u0627\u0647\u0645";
        String family = "\ud83d\udc69\u200d\ud83d\udc67";
        assertThat(TypedText.cleaned(persian)).isEqualTo(persian);
        assertThat(TypedText.cleaned(family)).isEqualTo(family);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "\u00a0", "\u200d", "\u3164", "\u2800", "\u0301", "\n\t"})
    void blankByDesignIsNotVisible(String text) {
        assertThat(TypedText.isVisible(text)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"a", "7", "!", "\u6f22", "\ud83c\udfcd", " x "})
    void anythingWithAShapeIs(String text) {
        assertThat(TypedText.isVisible(text)).isTrue();
    }

    @Test
    void cleaningTwiceChangesNothingMore() {
        String odd = " a\u0301\u0000\r\n\u202e\u00a0b\u200d ";
        assertThat(TypedText.cleaned(TypedText.cleaned(odd))).isEqualTo(TypedText.cleaned(odd));
        assertThat(TypedText.line(TypedText.line(odd))).isEqualTo(TypedText.line(odd));
    }

    @Test
    void aLongTextIsSaidBackInPart() {
        assertThat(TypedText.quoted("x".repeat(500))).hasSizeLessThan(70).endsWith("…”");
        assertThat(TypedText.quoted("7 furlongs")).isEqualTo("“7 furlongs”");
    }
}
