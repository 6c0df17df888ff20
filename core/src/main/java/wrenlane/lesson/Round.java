package wrenlane.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wrenlane.lesson.Block.Sort;
import wrenlane.lesson.Block.Turn;

/**
 * Stations ridden at the same time, one in each watched area, the groups going from one to the next until all have ridden
 * them all.
 *
 * @param stations one for each area
 * @param minutes a group is at a station
 */
record Round(List<Station> stations, int minutes) {
    Round {
        stations = List.copyOf(stations);
    }

    /** Riders in groups as equal as can be, every n-th to the same: whoever stands side by side in the order is parted. */
    static List<List<String>> groups(List<String> riders, int count) {
        List<List<String>> groups = new ArrayList<>();
        for (int g = 0; g < count; g++) {
            groups.add(new ArrayList<>());
        }
        for (int i = 0; i < riders.size(); i++) {
            groups.get(i % count).add(riders.get(i));
        }
        return groups;
    }

    /** The blocks of one change of places: group g rides at area (g + shift). */
    List<Block> blocks(int startMinute, List<List<String>> groups, int shift, Sort sort) {
        int largest = groups.stream().mapToInt(List::size).max().orElse(1);
        int fewest = stations.stream().mapToInt(s -> runs(s, largest)).min().orElse(2);
        List<Block> blocks = new ArrayList<>();
        for (int area = 0; area < stations.size(); area++) {
            Station station = stations.get(area);
            List<String> group = groups.get(Math.floorMod(area - shift, groups.size()));
            int runs = sort == Sort.DRILLS ? runs(station, largest) : fewest;
            boolean easier = sort != Sort.DRILLS;
            List<Turn> turns = group.stream()
                    .flatMap(r -> station.task(r).stream().map(task -> new Turn(r, task, runs, easier)))
                    .toList();
            blocks.add(new Block(sort, startMinute, minutes, area, Optional.of(station.id()), turns));
        }
        return blocks;
    }

    /**
     * Runs for each rider: the same for all, an even number, for the largest group and the slowest of them, and within the
     * shortest timed ride of anybody; at least two.
     */
    int runs(Station station, int riders) {
        int inTime = minutes * 60 / (riders * station.passSeconds());
        int inTimedRide = station.shortestTimedRideMinutes() * 60 / station.passSeconds();
        int runs = Math.min(inTime, inTimedRide);
        return Math.max(2, runs - runs % 2);
    }
}
