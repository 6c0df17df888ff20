package wrenlane.lesson;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wrenlane.lesson.Block.Sort;
import wrenlane.lesson.Block.Turn;

/**
 * Gives whoever has a weak side one run more to it, once in the lesson, so that all still ride alike within one run: in the
 * first block of drills where there is time left for it, and where it is within their spell. Where there is no time in any,
 * one is made longer at the debrief's cost, as long as no rule is broken for it.
 */
final class OneMore {
    /** A debrief is no shorter than this for it, in minutes; chosen by us: one sentence to each. */
    private static final int DEBRIEF = 5;

    private final LessonBrief brief;
    private final Set<String> given = new HashSet<>();

    private OneMore(LessonBrief brief) {
        this.brief = brief;
    }

    static List<Block> toWeakSides(LessonBrief brief, List<Block> blocks) {
        OneMore asItIs = new OneMore(brief);
        List<Block> best = asItIs.given(blocks);
        int most = asItIs.given.size();
        long weak = blocks.stream()
                .flatMap(b -> b.turns().stream())
                .filter(t -> t.task().weakSide().isPresent())
                .map(Turn::rider)
                .distinct()
                .count();
        int broken = broken(brief, best);
        for (int i = 0; i < blocks.size() && most < weak; i++) {
            if (blocks.get(i).sort() == Sort.DRILLS) {
                OneMore longer = new OneMore(brief);
                List<Block> tried = longer.given(lengthened(brief, blocks, blocks.get(i)));
                if (longer.given.size() > most && broken(brief, tried) <= broken) {
                    best = tried;
                    most = longer.given.size();
                }
            }
        }
        return best;
    }

    private static int broken(LessonBrief brief, List<Block> blocks) {
        return LessonChecker.check(brief, new Lesson(blocks, List.of())).size();
    }

    /** All that is ridden at the same time as a block is longer, as long as everybody there rides once more; the rest is later. */
    private static List<Block> lengthened(LessonBrief brief, List<Block> blocks, Block block) {
        int pass = block.station()
                .flatMap(brief::station)
                .map(Station::passSeconds)
                .orElse(0);
        int by = (pass * block.turns().size() + 59) / 60;
        Block debrief = blocks.get(blocks.size() - 1);
        if (debrief.minutes() - by < DEBRIEF) {
            return blocks;
        }
        List<Block> longer = new ArrayList<>();
        for (Block b : blocks) {
            int more = b.startMinute() == block.startMinute() ? by : b == debrief ? -by : 0;
            Block moved = b.startMinute() > block.startMinute() ? b.later(by) : b;
            longer.add(lasting(moved, b.minutes() + more, moved.turns()));
        }
        return longer;
    }

    private static Block lasting(Block b, int minutes, List<Turn> turns) {
        return new Block(b.sort(), b.startMinute(), minutes, b.area(), b.station(), turns);
    }

    private List<Block> given(List<Block> blocks) {
        List<Block> after = new ArrayList<>();
        for (Block block : blocks) {
            Optional<Station> station = block.station().flatMap(brief::station);
            after.add(
                    block.sort() == Sort.DRILLS && station.isPresent()
                            ? given(block, station.get().passSeconds())
                            : block);
        }
        return after;
    }

    private Block given(Block block, int passSeconds) {
        int left = block.minutes() * 60
                - passSeconds * block.turns().stream().mapToInt(Turn::runs).sum();
        List<Turn> turns = new ArrayList<>();
        for (Turn turn : block.turns()) {
            boolean inSpell = (turn.runs() + 1) * passSeconds <= turn.task().longestMinutes() * 60;
            if (turn.task().weakSide().isPresent() && inSpell && left >= passSeconds && given.add(turn.rider())) {
                turns.add(turn.withOneMore());
                left -= passSeconds;
            } else {
                turns.add(turn);
            }
        }
        return lasting(block, block.minutes(), turns);
    }
}
