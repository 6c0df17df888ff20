package wrenlane.lesson;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wrenlane.lesson.Block.Sort;
import wrenlane.lesson.Block.Turn;

/**
 * Gives whoever has a weak side one run more to it, once in the lesson, so that all still ride alike within one run: in the
 * first block of drills where there is time left for it, and where it is within their timed ride. Where there is no time, drills
 * are made longer at the debrief's cost, the first of them first and by what is missing alone, as long as no rule is broken
 * for it and no drill goes on for longer than {@link RoundLength#LONGEST_ROUND}.
 */
final class ExtraRun {
    /** A debrief is no shorter than this for it, in minutes; chosen by us: one sentence to each. */
    private static final int DEBRIEF = 5;

    private final LessonBrief brief;
    private final Set<String> given = new HashSet<>();
    private final List<Block> blocks = new ArrayList<>();

    private ExtraRun(LessonBrief brief, List<Block> before) {
        this.brief = brief;
        for (Block block : before) {
            blocks.add(isDrills(block) ? given(block, passSeconds(block)) : block);
        }
    }

    static List<Block> toWeakSides(LessonBrief brief, List<Block> blocks) {
        List<Block> before = blocks;
        ExtraRun best = new ExtraRun(brief, before);
        int broken = best.broken();
        for (int i = 0; i < blocks.size(); i++) {
            if (best.isDrills(before.get(i))) {
                List<Block> lengthened = best.lengthened(before, i);
                ExtraRun longer = new ExtraRun(brief, lengthened);
                if (longer.given.size() > best.given.size() && longer.broken() <= broken) {
                    best = longer;
                    before = lengthened;
                }
            }
        }
        return best.blocks;
    }

    private int broken() {
        return LessonChecker.check(brief, new Lesson(blocks, List.of())).size();
    }

    private boolean isDrills(Block block) {
        return block.sort() == Sort.DRILLS && passSeconds(block) > 0;
    }

    private int passSeconds(Block block) {
        return block.station().flatMap(brief::station).map(Station::passSeconds).orElse(0);
    }

    /** All that is ridden at the same time as a block is longer, as long as who still waits there takes; the rest is later. */
    private List<Block> lengthened(List<Block> before, int of) {
        Block block = before.get(of);
        Block debrief = before.get(before.size() - 1);
        int spare = Math.min(RoundLength.LONGEST_ROUND - block.minutes(), debrief.minutes() - DEBRIEF);
        int by = Math.min(missingMinutes(blocks.get(of)), spare);
        if (by <= 0) {
            return before;
        }
        List<Block> longer = new ArrayList<>();
        for (Block b : before) {
            int more = b.startMinute() == block.startMinute() ? by : b == debrief ? -by : 0;
            Block moved = b.startMinute() > block.startMinute() ? b.later(by) : b;
            longer.add(moved.with(b.minutes() + more, moved.turns()));
        }
        return longer;
    }

    /** What it would have to be longer by for all who wait for their run there. */
    private int missingMinutes(Block block) {
        int pass = passSeconds(block);
        long waiting = block.turns().stream()
                .filter(turn -> isWeakInTimedRide(turn, pass) && !given.contains(turn.rider()))
                .count();
        int seconds = pass * (int) waiting - leftSeconds(block, pass);
        return (seconds + 59) / 60;
    }

    private static int leftSeconds(Block block, int passSeconds) {
        return block.minutes() * 60
                - passSeconds * block.turns().stream().mapToInt(Turn::runs).sum();
    }

    /** Whether a rider has a weak side there, and the time to ride once more to it without a break. */
    private static boolean isWeakInTimedRide(Turn turn, int passSeconds) {
        return turn.task().weakSide().isPresent()
                && (turn.runs() + 1) * passSeconds <= turn.task().longestMinutes() * 60;
    }

    private Block given(Block block, int passSeconds) {
        int left = leftSeconds(block, passSeconds);
        List<Turn> turns = new ArrayList<>();
        for (Turn turn : block.turns()) {
            if (isWeakInTimedRide(turn, passSeconds) && left >= passSeconds && given.add(turn.rider())) {
                turns.add(turn.withOneMore());
                left -= passSeconds;
            } else {
                turns.add(turn);
            }
        }
        return block.with(block.minutes(), turns);
    }
}
