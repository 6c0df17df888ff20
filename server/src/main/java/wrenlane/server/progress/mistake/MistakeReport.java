package wrenlane.server.progress.mistake;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.verdict.MistakeCost;

/**
 * What the mistakes that hold a rider back cost in room: estimates.
 *
 * @param settingMetres last ridden; missing where there are none
 */
record MistakeReport(@Nullable Double settingMetres, List<MistakeCost> costs) {
    static final MistakeReport NONE = new MistakeReport(null, List.of());
}
