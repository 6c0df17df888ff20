package wrenlane.lesson;

import java.util.List;
import java.util.Optional;
import wrenlane.machine.Side;

/**
 * A stretch of the lesson.
 *
 * @param sort what happens
 * @param startMinute from the start of the lesson
 * @param minutes how long
 * @param area 0 for the first; talks and rests take all areas, and say 0
 * @param station id; missing for talks and rests
 * @param turns who rides what how often; empty where nobody rides
 * @param wish place of its station among the wishes, from 0; where the planner chooses, among {@link Lesson#stationsInOrder()};
 *     missing for what the app puts in by itself
 * @param fixed whether the wish fixes its minutes
 */
public record Block(
        Sort sort,
        int startMinute,
        int minutes,
        int area,
        Optional<String> station,
        List<Turn> turns,
        Optional<Integer> wish,
        boolean fixed) {
    /** What happens in a block. */
    public enum Sort {
        BRIEFING("Briefing and checks"),
        WARM_UP("Warm-up"),
        DRILLS("Drills"),
        CHANGE_OVER("Changeover"),
        REST("Rest"),
        CLOSING("Closing success"),
        DEBRIEF("Debrief");

        private final String label;

        Sort(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether somebody rides. */
        public boolean isRiding() {
            return this == WARM_UP || this == DRILLS || this == CLOSING;
        }
    }

    /**
     * One rider's part of a block.
     *
     * @param runs in all; where sides are ridden one at a time half of them to each, and an odd one to the weak side
     * @param easier whether it begins two steps easier than the rider's best
     */
    public record Turn(String rider, RiderTask task, int runs, boolean easier) {
        /** Runs to one side, where they are ridden one at a time. */
        public int runsTo(Side side) {
            int half = runs / 2;
            return task.weakSide().filter(side::equals).isPresent() ? runs - half : half;
        }

        /** The same with one run more, to the weak side. */
        Turn withOneMore() {
            return new Turn(rider, task, runs + 1, easier);
        }
    }

    /** What the app puts in by itself. */
    public Block(Sort sort, int startMinute, int minutes, int area, Optional<String> station, List<Turn> turns) {
        this(sort, startMinute, minutes, area, station, turns, Optional.empty(), false);
    }

    public Block {
        turns = List.copyOf(turns);
        if (!(startMinute >= 0 && minutes > 0)) {
            throw new IllegalArgumentException("a block starts at minute " + startMinute + " and takes " + minutes
                    + " min; it takes at least one");
        }
    }

    /** The same so many minutes later. */
    Block later(int by) {
        return new Block(sort, startMinute + by, minutes, area, station, turns, wish, fixed);
    }

    /** The same for another time and with other turns. */
    Block with(int otherMinutes, List<Turn> otherTurns) {
        return new Block(sort, startMinute, otherMinutes, area, station, otherTurns, wish, fixed);
    }

    /** The same from a wish. */
    Block of(int place, boolean isFixed) {
        return new Block(sort, startMinute, minutes, area, station, turns, Optional.of(place), isFixed);
    }

    /** The minute it ends. */
    public int endMinute() {
        return startMinute + minutes;
    }
}
