package wrenlane.lesson;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import wrenlane.finding.Finding;

/**
 * A lesson plan.
 *
 * @param blocks by their start, then by area
 * @param findings what could not be met, each with its block as {@code blocks.3} where it has one
 */
public record Lesson(List<Block> blocks, List<Finding> findings) {
    public Lesson {
        blocks = blocks.stream()
                .sorted(Comparator.comparingInt(Block::startMinute).thenComparingInt(Block::area))
                .toList();
        findings = List.copyOf(findings);
    }

    /** Stations that drills are ridden at, in their order, as wishes for the same order. */
    public List<Wish> stationsInOrder() {
        SortedMap<Integer, String> inOrder = new TreeMap<>();
        blocks.forEach(b -> b.wish().ifPresent(place -> b.station().ifPresent(id -> inOrder.put(place, id))));
        return inOrder.values().stream()
                .map(id -> new Wish(id, Optional.empty()))
                .toList();
    }

    /** Runs of a rider in all. */
    public int runs(String rider) {
        return blocks.stream()
                .flatMap(b -> b.turns().stream())
                .filter(t -> t.rider().equals(rider))
                .mapToInt(Block.Turn::runs)
                .sum();
    }

    /** Minutes in which the ground is ridden on, in all areas together. */
    public int ridingMinutes() {
        return blocks.stream()
                .filter(b -> b.sort().isRiding())
                .mapToInt(Block::minutes)
                .sum();
    }
}
