package wrenlane.finding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import wrenlane.units.Figures;

class SentenceTest {
    /** 7.2 m are 283.46 inches: 23 feet and 7.5 inches to the half inch; 0.5 m are 19.69, 1 foot and 7.5. */
    private static final Sentence LENGTHS =
            Sentence.of("%s needs %s, %d times %s.", "Box", Sentence.metres(7.2, 1), 2, Sentence.metres(0.5));

    @Test
    void saysItsLengthsInMetresOrInFeet() {
        assertThat(LENGTHS).hasToString("Box needs 7.2 m, 2 times 0.50 m.");
        assertThat(Figures.METRIC.of(LENGTHS)).isEqualTo(LENGTHS.toString());
        assertThat(Figures.IMPERIAL.of(LENGTHS)).isEqualTo("Box needs 23' 7.5\", 2 times 1' 7.5\".");
    }

    @Test
    void aSentenceWithinASentenceKeepsItsLengths() {
        Sentence outer = Sentence.of("%s; %s", "Slip", LENGTHS);
        assertThat(outer).hasToString("Slip; Box needs 7.2 m, 2 times 0.50 m.");
        assertThat(Figures.IMPERIAL.of(outer)).isEqualTo("Slip; Box needs 23' 7.5\", 2 times 1' 7.5\".");
    }

    @Test
    void namesAndPlainSentencesMayHoldAnySign() {
        assertThat(Sentence.plain("5 % of {that} $1 %s")).hasToString("5 % of {that} $1 %s");
        assertThat(Sentence.of("%s stands.", "100 % \"%d\"").with(m -> "", Locale.ROOT))
                .isEqualTo("100 % \"%d\" stands.");
    }

    @Test
    void aRangeOfLengthsIsOneInFeetToo() {
        Sentence width =
                Checks.range("width", "Width", 20, 3, 12, "m").orElseThrow().message();
        assertThat(width).hasToString("Width must be between 3 and 12 m; it is 20.");
        assertThat(Figures.IMPERIAL.of(width))
                .isEqualTo("Width must be between 9' 10\" and 39' 4.5\"; it is 65' 7.5\".");
        Sentence count =
                Checks.range("count", "The count", 0, 1, 500, "").orElseThrow().message();
        assertThat(Figures.IMPERIAL.of(count)).isEqualTo(count.toString());
    }
}
