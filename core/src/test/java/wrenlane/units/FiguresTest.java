package wrenlane.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.finding.Checks;
import wrenlane.finding.Sentence;

class FiguresTest {
    private static final Figures COMMA = new Figures(LengthSystem.METRIC, DecimalSign.COMMA);
    private static final Figures FEET_COMMA = new Figures(LengthSystem.IMPERIAL, DecimalSign.COMMA);

    /** By the locale data of the JDK; a language that sets its numbers apart by another sign still has a point. */
    @ParameterizedTest
    @CsvSource({"en,POINT", "de,COMMA", "fr-FR,COMMA", "de-CH,POINT", "pt-BR,COMMA", "ja,POINT", "fa,POINT", "xx,POINT"
    })
    void aLanguageHasAPointOrAComma(String language, DecimalSign sign) {
        assertThat(DecimalSign.of(Locale.forLanguageTag(language))).isEqualTo(sign);
    }

    /** 7.2 m are 23 feet and 7.5 inches to the half inch. */
    @Test
    void lengthsAreWrittenInEitherSystemWithEitherSign() {
        assertThat(Figures.METRIC.length(7.2)).isEqualTo("7.20 m");
        assertThat(COMMA.length(7.2)).isEqualTo("7,20 m");
        assertThat(Figures.IMPERIAL.length(7.2)).isEqualTo("23' 7.5\"");
        assertThat(FEET_COMMA.length(7.2)).isEqualTo("23' 7,5\"");
    }

    @Test
    void whatIsWrittenWithACommaIsReadBack() {
        for (Figures figures : new Figures[] {COMMA, FEET_COMMA}) {
            LengthReading read = new LengthParser(Calibrations.NONE, figures.system()).parse(figures.length(7.2));
            assertThat(((LengthReading.ParsedLength) read).length().metres()).isBetween(7.19, 7.21);
        }
    }

    @Test
    void everyFigureOfASentenceHasTheSignAndNoWordThatSomebodyChose() {
        Sentence inner = Sentence.of("falls %.1f %%", 2.5);
        Sentence sentence = Sentence.of("%s %s, by %s.", "Lane 1.5", inner, Sentence.metres(0.4, 1));
        assertThat(Figures.METRIC.of(sentence)).isEqualTo("Lane 1.5 falls 2.5 %, by 0.4 m.");
        assertThat(COMMA.of(sentence)).isEqualTo("Lane 1.5 falls 2,5 %, by 0,4 m.");
        assertThat(FEET_COMMA.of(sentence)).isEqualTo("Lane 1.5 falls 2,5 %, by 1' 3,5\".");
        Sentence range = Checks.range("seconds", "The time", 0.05, 0.1, 600, "s")
                .orElseThrow()
                .message();
        assertThat(COMMA.of(range)).isEqualTo("The time must be between 0,1 and 600 s; it is 0,05.");
    }

    @Test
    void figuresWithinWordsHaveTheSignAndEndsOfSentencesStayPoints() {
        assertThat(DecimalSign.COMMA.within("Rung at difficulty 1.35. Then 2."))
                .isEqualTo("Rung at difficulty 1,35. Then 2.");
        assertThat(DecimalSign.POINT.within("Rung at difficulty 1.35.")).isEqualTo("Rung at difficulty 1.35.");
    }
}
