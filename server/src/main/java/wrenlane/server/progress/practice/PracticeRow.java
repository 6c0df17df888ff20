package wrenlane.server.progress.practice;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.server.platform.length.LengthJson;

/**
 * A row of the practice table.
 *
 * @param settingM missing, with all of the setting, where nothing was counted
 */
record PracticeRow(
        @Nullable Long id,
        Long riderId,
        Long machineId,
        String kind,
        LocalDate practisedOn,
        Double minutes,
        @Nullable Double settingM,
        @Nullable Double settingUM,
        @Nullable String settingMethod,
        @Nullable String settingText,
        Integer leftRuns,
        Integer leftClean,
        Integer rightRuns,
        Integer rightClean,
        String note) {

    static PracticeRow of(long riderId, PracticeJson p) {
        LengthJson setting = p.setting();
        return new PracticeRow(
                null,
                riderId,
                p.machineId(),
                p.kind(),
                p.on(),
                p.minutes(),
                setting == null ? null : setting.metres(),
                setting == null ? null : setting.uncertaintyMetres(),
                setting == null ? null : setting.method().name(),
                setting == null ? null : setting.text(),
                p.left().runs(),
                p.left().clean(),
                p.right().runs(),
                p.right().clean(),
                TypedText.line(p.note()));
    }

    PracticeJson practice() {
        return new PracticeJson(
                kind,
                machineId,
                practisedOn,
                minutes,
                LengthJson.stored(settingM, settingUM, settingMethod, settingText)
                        .orElse(null),
                new PracticeJson.Counted(leftRuns, leftClean),
                new PracticeJson.Counted(rightRuns, rightClean),
                note);
    }
}
