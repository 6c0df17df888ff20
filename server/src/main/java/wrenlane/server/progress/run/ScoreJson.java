package wrenlane.server.progress.run;

import jakarta.validation.constraints.NotNull;
import wrenlane.run.Score;

/**
 * What was measured of a run.
 *
 * @param measured what
 * @param metres how much of it
 */
public record ScoreJson(
        @NotNull Score.TapeMeasure measured, @NotNull Double metres) {
    Score score() {
        return new Score(measured, metres);
    }

    static ScoreJson of(Score score) {
        return new ScoreJson(score.measured(), score.metres());
    }
}
