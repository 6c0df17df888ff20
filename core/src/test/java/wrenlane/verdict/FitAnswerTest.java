package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static wrenlane.verdict.FitAnswer.DOES_NOT_FIT;
import static wrenlane.verdict.FitAnswer.FITS;
import static wrenlane.verdict.FitAnswer.NOT_SOLVED;
import static wrenlane.verdict.FitAnswer.TOO_CLOSE_TO_CALL;

import java.util.List;
import org.junit.jupiter.api.Test;

class FitAnswerTest {
    /** One side that does not fit decides, and one that is not known weighs more than one that is close. */
    @Test
    void ofTwoSidesTheWorseAnswerIsSaidWhicheverItIs() {
        List<FitAnswer> fromBestToWorst = List.of(FITS, TOO_CLOSE_TO_CALL, NOT_SOLVED, DOES_NOT_FIT);
        for (int better = 0; better < fromBestToWorst.size(); better++) {
            for (int worse = better; worse < fromBestToWorst.size(); worse++) {
                FitAnswer said = fromBestToWorst.get(worse);
                assertThat(fromBestToWorst.get(better).worse(said)).isEqualTo(said);
                assertThat(said.worse(fromBestToWorst.get(better))).isEqualTo(said);
            }
        }
    }
}
