package wrenlane.server.lesson.size;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.MarkerChoice;
import wrenlane.finding.Finding;
import wrenlane.server.course.kit.MarkerJson;
import wrenlane.server.progress.ChanceJson;

/**
 * What a course of a day stands at.
 *
 * @param nests whether it can stand at several settings at once
 * @param settingLabel what its settings are of, such as width
 * @param stands at present, or as asked about
 * @param proposal what would serve most of the day's riders; missing where nothing is known of any
 * @param lying what each setting within the widest lies in, as it is chosen
 * @param lyingBest what they would best lie in of what the school owns; nothing where there is no other marker
 * @param findings why the settings asked about cannot stand, or those stored no longer do; what stands is then as the course
 *     is set
 * @param unfinished whether time ran out before everybody was looked at; asked again, it goes on from there
 */
public record DaySizeResponse(
        long courseId,
        boolean nests,
        String settingLabel,
        SettingsChoice stands,
        @Nullable SettingsChoice proposal,
        List<SizeMarkerJson> lying,
        List<SizeMarkerJson> lyingBest,
        List<Finding> findings,
        boolean unfinished) {
    /**
     * Settings, and who rides which.
     *
     * @param settings the widest first
     */
    public record SettingsChoice(List<SettingJson> settings, List<SizeRider> riders) {}

    /**
     * One setting.
     *
     * @param letter its cones carry, a the widest
     * @param ownCones cones that stand for it alone
     */
    public record SettingJson(String letter, double metres, int ownCones) {}

    /**
     * What one setting lies in.
     *
     * @param needed markers that stand for it alone
     * @param left how many there are besides what else stands on the day; missing where they were never counted
     * @param missing how many more are needed than there are
     */
    public record SizeMarkerJson(
            String letter,
            MarkerJson marker,
            int needed,
            @Nullable Integer left,
            int missing) {
        static List<SizeMarkerJson> of(MarkerChoice markers) {
            return markers.settings().stream()
                    .map(l -> new SizeMarkerJson(
                            l.letter(),
                            MarkerJson.of(l.marker()),
                            l.needed(),
                            l.left().orElse(null),
                            l.missing()))
                    .toList();
        }
    }

    /**
     * A rider on what stands.
     *
     * @param beginMetres the setting they would begin at, as advice; missing where their machine has no size here
     * @param settingMetres what they ride; missing where nothing that stands suits them
     * @param offMetres how far that is from where they would begin; else how far the nearest is from what suits them, above
     *     zero where it is too wide
     * @param chance of a clean run on what they ride, to the weaker side; missing where nothing is known
     */
    public record SizeRider(
            long riderId,
            String riderName,
            String machineName,
            @Nullable Double beginMetres,
            @Nullable Double settingMetres,
            @Nullable Double offMetres,
            @Nullable ChanceJson chance) {}
}
