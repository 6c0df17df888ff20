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
 * first block of drills where there is time left for it, and where it is within their spell.
 */
final class OneMore {
    private OneMore() {}

    static List<Block> toWeakSides(LessonBrief brief, List<Block> blocks) {
        Set<String> given = new HashSet<>();
        List<Block> after = new ArrayList<>();
        for (Block block : blocks) {
            Optional<Station> station = block.station().flatMap(brief::station);
            after.add(
                    block.sort() == Sort.DRILLS && station.isPresent()
                            ? given(block, station.get().passSeconds(), given)
                            : block);
        }
        return after;
    }

    private static Block given(Block block, int passSeconds, Set<String> given) {
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
        return new Block(block.sort(), block.startMinute(), block.minutes(), block.area(), block.station(), turns);
    }
}
