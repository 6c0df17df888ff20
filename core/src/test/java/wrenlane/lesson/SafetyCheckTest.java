package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.lesson.SafetyCheck.Facts;
import wrenlane.lesson.SafetyCheck.Item;
import wrenlane.lesson.SafetyCheck.Rides;
import wrenlane.plane.Point;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.yard.Fall;
import wrenlane.yard.Obstacle;
import wrenlane.yard.Surface;
import wrenlane.yard.Yard;

class SafetyCheckTest {
    private static Yard yard(double fallPercent, Surface surface, Obstacle... obstacles) {
        return new Yard(
                List.of(new Point(0, 0), new Point(40, 0), new Point(40, 20), new Point(0, 20)),
                surface,
                new Fall(fallPercent, 0),
                List.of(obstacles),
                List.of(),
                Optional.empty());
    }

    private static Obstacle obstacle(Obstacle.Kind kind, String name) {
        return new Obstacle(kind, name, new Point(5, 5), 0.5, 0.5, 0, 0.3);
    }

    private static List<String> ids(Facts facts) {
        return SafetyCheck.items(facts).stream().map(Item::id).toList();
    }

    private static Facts plain() {
        return new Facts(
                Optional.of(yard(1, Surface.CONCRETE)),
                Weather.DRY,
                List.of(new Rides("1", "Ada", RiderLevel.NOVICE, 180, true, Optional.empty())),
                List.of(),
                1);
    }

    @Test
    void aPlainDayHasOnlyWhatAlwaysApplies() {
        assertThat(ids(plain()))
                .contains("permission", "swept", "gear", "stop-word", "front-brake", "help")
                .doesNotContain("fall", "damp", "heat", "slippery", "solid", "loose", "heavy", "on-foot", "pegs");
    }

    @Test
    void everyItemIsThereOnceAndASentence() {
        List<Item> items = SafetyCheck.items(plain());
        assertThat(items).extracting(Item::id).doesNotHaveDuplicates();
        assertThat(items).extracting(Item::text).allMatch(t -> t.endsWith("."));
    }

    @Test
    void whatTheGroundHasIsNamed() {
        Facts facts = new Facts(
                Optional.of(yard(
                        3.1,
                        Surface.GRAVEL,
                        obstacle(Obstacle.Kind.DRAIN, "north drain"),
                        obstacle(Obstacle.Kind.POST, "bollard"))),
                Weather.DAMP,
                List.of(),
                List.of(),
                1);
        assertThat(ids(facts)).contains("fall", "damp", "slippery", "solid", "loose");
        assertThat(SafetyCheck.items(facts))
                .extracting(Item::text)
                .anyMatch(t -> t.contains("north drain"))
                .anyMatch(t -> t.contains("bollard"))
                .anyMatch(t -> t.contains("3.1 %"));
    }

    @Test
    void aFallNovicesStandIsNotMentioned() {
        Facts facts = new Facts(Optional.of(yard(3, Surface.CONCRETE)), Weather.DRY, List.of(), List.of(), 1);
        assertThat(ids(facts)).doesNotContain("fall");
    }

    @Test
    void heatHeavyMachinesAndNewOnesAreMinded() {
        Facts facts = new Facts(
                Optional.empty(),
                Weather.HOT,
                List.of(
                        new Rides("1", "Ada", RiderLevel.NOVICE, 250, true, Optional.empty()),
                        new Rides("2", "Bo", RiderLevel.SKILLED, 380, true, Optional.empty()),
                        new Rides("3", "Cy", RiderLevel.SKILLED, 180, false, Optional.empty())),
                List.of(),
                2);
        assertThat(ids(facts))
                .contains("heat", "heavy", "weight-1", "machine-3")
                .doesNotContain("weight-2", "machine-1", "machine-2");
        assertThat(SafetyCheck.items(facts)).extracting(Item::text).anyMatch(t -> t.contains("each area"));
    }

    @Test
    void aMachineJustBelowHeavyIsNotHeavy() {
        Facts facts = new Facts(
                Optional.empty(),
                Weather.DRY,
                List.of(new Rides("1", "Ada", RiderLevel.NOVICE, 249.9, true, Optional.empty())),
                List.of(),
                1);
        assertThat(ids(facts)).doesNotContain("heavy", "weight-1");
    }

    @Test
    void feetThatDoNotStandFlatAreMindedOnTheUsualMachine() {
        Facts facts = new Facts(
                Optional.empty(),
                Weather.DRY,
                List.of(
                        new Rides("1", "Ada", RiderLevel.SKILLED, 200, true, Optional.of(Reach.FLAT)),
                        new Rides("2", "Bo", RiderLevel.NOVICE, 260, true, Optional.of(Reach.BALLS)),
                        new Rides("3", "Cy", RiderLevel.SKILLED, 180, true, Optional.of(Reach.ONE_FOOT)),
                        new Rides("4", "Di", RiderLevel.SKILLED, 180, false, Optional.of(Reach.ONE_FOOT)),
                        new Rides("5", "Ed", RiderLevel.SKILLED, 180, true, Optional.empty())),
                List.of(),
                1);
        assertThat(ids(facts))
                .contains("weight-2", "reach-2", "reach-3", "machine-4")
                .doesNotContain("reach-1", "reach-4", "reach-5");
        assertThat(SafetyCheck.items(facts))
                .extracting(Item::text)
                .anyMatch(text -> text.startsWith("Cy reaches the ground with one foot at a time"))
                .anyMatch(text -> text.startsWith("Di") && text.contains("look how the feet reach the ground"));
    }
}
