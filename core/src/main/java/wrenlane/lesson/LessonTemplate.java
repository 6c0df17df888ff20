package wrenlane.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Lessons to begin from, as practitioners shape them: how long, and what comes in which order. Everything can be changed. */
public enum LessonTemplate {
    FIRST("First lesson", "Feet, hands and the bite point first, one easy course, and back to open ground.", 150) {
        @Override
        List<Wish> order(List<Station> courses) {
            return around(courses.stream().limit(1).toList());
        }
    },
    SECOND("Second lesson", "Open ground, then the courses from the easiest on.", 150) {
        @Override
        List<Wish> order(List<Station> courses) {
            List<Wish> order = new ArrayList<>(List.of(wish(Station.OPEN)));
            courses.stream().limit(MOST_COURSES).forEach(c -> order.add(wish(c.id())));
            return order;
        }
    },
    ONE_TO_ONE("One to one", "An hour on the two courses that teach most.", 60) {
        @Override
        List<Wish> order(List<Station> courses) {
            return courses.stream()
                    .sorted(Comparator.comparingDouble(LessonTemplate::worth).reversed())
                    .limit(2)
                    .sorted(Comparator.comparingInt(Station::hardness))
                    .map(c -> wish(c.id()))
                    .toList();
        }
    },
    GROUP("Group", "As many courses as there is time for, in the order that serves most.", 180) {
        @Override
        List<Wish> order(List<Station> courses) {
            return List.of();
        }
    },
    HEAVIER_MACHINE(
            "First day on a heavier machine",
            "The first stage again on open ground, the easiest course, and open ground once more.",
            120) {
        @Override
        List<Wish> order(List<Station> courses) {
            return around(courses.stream().limit(1).toList());
        }
    };

    /** Courses of a second lesson; chosen by us: more are not learnt in an afternoon. */
    private static final int MOST_COURSES = 3;

    /** By how much a lesson is made longer until everybody rides, in minutes. */
    private static final int LONGER = 10;

    private final String label;
    private final String summary;
    private final int minutes;

    LessonTemplate(String label, String summary, int minutes) {
        this.label = label;
        this.summary = summary;
        this.minutes = minutes;
    }

    public String label() {
        return label;
    }

    /** What it is, in one sentence. */
    public String summary() {
        return summary;
    }

    /**
     * A lesson to begin from.
     *
     * @param minutes as long as it takes for everybody to ride, where that is longer than usual
     * @param wishes stations in their order; empty where the planner chooses
     */
    public record Draft(int minutes, List<Wish> wishes) {}

    /** The lesson for the riders, stations, helpers and weather of a brief; its length and wishes do not count. */
    public Draft draft(LessonBrief brief) {
        List<Station> courses = brief.stations().stream()
                .filter(s -> !s.id().equals(Station.OPEN) && s.isForAll(brief.everyone()))
                .sorted(Comparator.comparingInt(Station::hardness))
                .toList();
        List<Wish> wishes = order(courses);
        int lacking = Math.max(0, LessonPlanner.shortestMinutes(brief, wishes) - minutes);
        int longer = (lacking + LONGER - 1) / LONGER * LONGER;
        return new Draft(Math.min(LessonBrief.LONGEST, minutes + longer), wishes);
    }

    /** Stations in their order, of the courses that everybody can ride, the easiest first. */
    abstract List<Wish> order(List<Station> courses);

    /** Open ground, some courses, and open ground again; all left to the planner where there is no course. */
    private static List<Wish> around(List<Station> courses) {
        if (courses.isEmpty()) {
            return List.of();
        }
        List<Wish> order = new ArrayList<>(List.of(wish(Station.OPEN)));
        courses.forEach(c -> order.add(wish(c.id())));
        order.add(wish(Station.OPEN));
        return order;
    }

    private static Wish wish(String station) {
        return new Wish(station, Optional.empty());
    }

    private static double worth(Station station) {
        return station.tasks().values().stream().mapToDouble(RiderTask::worth).sum();
    }
}
