package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.rideline.LineTask;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;

/** What is looked at roughly, against what is looked for to the last. */
class RoughClearanceTest {
    private final Ride ride = Tasks.ride("tourer-850", RiderLevel.DEVELOPING);

    private LineSearch search(String kind, double kilometresPerHour) {
        return new LineSearch(LineTask.of(Tasks.course(kind), ride, kilometresPerHour / 3.6));
    }

    @ParameterizedTest
    @CsvSource({
        "circle, 6", "circle, 12", "straight-weave, 8", "straight-weave, 16", "offset-weave, 10",
        "figure-eight, 6", "figure-eight, 16", "figure-eight-box, 9", "figure-eight-box, 17", "return-gates, 15",
        "weave-and-turn, 7", "weave-and-turn, 14", "crossroads, 8", "crossroads, 15", "u-turn-box, 7"
    })
    void knowsTheClearanceToWithinTwoCentimetresAndWhetherThereIsAny(String kind, double speed) {
        LineSearch search = search(kind, speed);
        LineSearch.FoundLine exact = search.roomiest(null);
        LineSearch.FoundLine rough = search.roomiestRoughly(null);
        assertThat(rough.holds()).isEqualTo(exact.holds());
        assertThat(rough.clearance()).isCloseTo(exact.clearance(), within(0.02));
        assertThat(search.settled(rough).clearance()).isGreaterThanOrEqualTo(rough.clearance());
    }

    /** Near the fastest it can be ridden, a metre of room would cost a tenth of the turn: too little a price misses the line. */
    @Test
    void findsTheLineOfAnEightRiddenFast() {
        LineSearch.FoundLine slower = search("figure-eight", 12).roomiest(null);
        LineSearch.FoundLine found = search("figure-eight", 13).roomiest(slower.nodes());
        assertThat(found.holds()).isTrue();
        assertThat(found.clearance()).isBetween(0.2, 0.4);
    }

    @Test
    void aLineNearAnotherIsTakenAsItIsWhereItHolds() {
        LineSearch search = search("u-turn-box", 9);
        LineSearch.FoundLine roomiest = search.roomiest(null);
        LineSearch.FoundLine near = search.near(roomiest.nodes());
        assertThat(near.holds()).isTrue();
        assertThat(near.clearance()).isCloseTo(roomiest.clearance(), within(0.02));
        assertThat(search("u-turn-box", 24).near(roomiest.nodes()).holds()).isFalse();
    }
}
