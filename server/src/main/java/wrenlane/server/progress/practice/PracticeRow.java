package wrenlane.server.progress.practice;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.server.platform.length.LengthJson;

/**
 * A row of the practice table.
 *
 * @param setting missing where nothing was counted
 */
record PracticeRow(
        @Nullable Long id,
        Long riderId,
        Long machineId,
        String kind,
        LocalDate practisedOn,
        Double minutes,
        @Nullable LengthJson setting,
        PracticeJson.SideCount left,
        PracticeJson.SideCount right,
        String note) {

    static PracticeRow of(long riderId, PracticeJson p) {
        return new PracticeRow(
                null,
                riderId,
                p.machineId(),
                p.kind(),
                p.on(),
                p.minutes(),
                p.setting(),
                p.left(),
                p.right(),
                TypedText.line(p.note()));
    }

    PracticeJson practice() {
        return new PracticeJson(kind, machineId, practisedOn, minutes, setting, left, right, note);
    }
}
