package wrenlane.lesson;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import wrenlane.lesson.Block.Sort;

/** Puts talks, rounds, changeovers and rests one after another. */
final class Timetable {
    /** A rest, in minutes; from practice. */
    private static final int REST = 10;

    private final LessonBrief brief;
    private final Station open;
    private final int areas;
    private final int talk;
    private final int warmUp;
    private final int closing;

    /**
     * Times for a brief.
     *
     * @param usable stations that may be ridden
     * @param longTalks whether there is time for more than the shortest talks
     * @param areas ridden on at once
     */
    Timetable(LessonBrief brief, List<Station> usable, boolean longTalks, int areas) {
        this.brief = brief;
        this.open = brief.station(Station.OPEN).orElseThrow();
        this.areas = areas;
        boolean isLong = longTalks && brief.minutes() >= 90;
        this.talk = isLong ? 10 : 5;
        this.warmUp = Math.max(isLong ? 10 : 5, twoRunsEach(open));
        this.closing =
                Math.max(5, usable.stream().mapToInt(this::twoRunsEach).max().orElse(0));
    }

    /** Minutes in which everybody of the largest group rides twice. */
    int twoRunsEach(Station station) {
        int group = (brief.riders().size() + areas - 1) / areas;
        return (2 * group * station.passSeconds() + 59) / 60;
    }

    /**
     * When things begin and end.
     *
     * @param starts minute at which each round begins for the group that comes last to it, after rests that are due
     * @param changeMinutes all changeovers together
     */
    record Outline(int endMinute, List<Integer> starts, int changeMinutes) {}

    /** Times alone, without who rides what. */
    Outline outline(List<Round> rounds) {
        Pass pass = new Pass(false);
        pass.through(rounds);
        return new Outline(pass.now, pass.starts, pass.changes);
    }

    /** The blocks; what time is left goes to the debrief. */
    List<Block> blocks(List<Round> rounds) {
        Pass pass = new Pass(true);
        pass.through(rounds);
        return pass.blocks;
    }

    /** One pass through the lesson. */
    private final class Pass {
        private final boolean withBlocks;
        private final List<Block> blocks = new ArrayList<>();
        private final List<Integer> starts = new ArrayList<>();
        private final List<List<String>> groups = Round.groups(brief.riders(), areas);
        private int now;
        private int changes;
        private int riddenSincePause;

        Pass(boolean withBlocks) {
            this.withBlocks = withBlocks;
        }

        void through(List<Round> rounds) {
            riddenSincePause = brief.riddenBefore();
            if (brief.underWay().isEmpty()) {
                talk(Sort.BRIEFING, talk);
                ride(new Round(everywhere(), warmUp), 0, Sort.WARM_UP);
            }
            List<Station> before = List.of();
            for (int i = 0; i < rounds.size(); i++) {
                Round round = rounds.get(i);
                change(before, round.stations());
                for (int shift = 0; shift < areas; shift++) {
                    restIfDue(round.minutes());
                    if (shift == areas - 1) {
                        starts.add(now);
                    }
                    drill(round, i, shift);
                }
                before = round.stations();
            }
            restIfDue(closing);
            ride(new Round(before.isEmpty() ? everywhere() : before, closing), areas - 1, Sort.CLOSING);
            talk(Sort.DEBRIEF, withBlocks ? Math.max(talk, brief.minutes() - now) : talk);
        }

        private List<Station> everywhere() {
            return Collections.nCopies(areas, open);
        }

        private void talk(Sort sort, int minutes) {
            if (withBlocks) {
                blocks.add(new Block(sort, now, minutes, 0, Optional.empty(), List.of()));
            }
            now += minutes;
            riddenSincePause = 0;
        }

        private void restIfDue(int minutes) {
            if (riddenSincePause > 0
                    && riddenSincePause + minutes > brief.weather().longestMinutes()) {
                talk(Sort.REST, REST);
            }
        }

        private void change(List<Station> from, List<Station> to) {
            int longest = 0;
            for (int a = 0; a < to.size(); a++) {
                Optional<Station> before = from.isEmpty() ? brief.standing(a) : Optional.of(from.get(a));
                longest = Math.max(longest, to.get(a).minutesAfter(before));
            }
            for (int a = 0; withBlocks && longest > 0 && a < to.size(); a++) {
                blocks.add(new Block(
                        Sort.CHANGE_OVER, now, longest, a, Optional.of(to.get(a).id()), List.of()));
            }
            now += longest;
            changes += longest;
        }

        /** A round of drills: its stations are wishes, as many in a round as there are areas. */
        private void drill(Round round, int place, int shift) {
            int from = blocks.size();
            ride(round, shift, Sort.DRILLS);
            for (int i = from; i < blocks.size(); i++) {
                int wish = place * areas + blocks.get(i).area();
                blocks.set(i, blocks.get(i).of(wish, brief.isFixed(wish)));
            }
        }

        private void ride(Round round, int shift, Sort sort) {
            if (withBlocks) {
                blocks.addAll(round.blocks(now, groups, shift, sort));
            }
            now += round.minutes();
            riddenSincePause += round.minutes();
        }
    }
}
