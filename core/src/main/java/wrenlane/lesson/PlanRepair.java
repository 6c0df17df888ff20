package wrenlane.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A change of what a lesson is planned from, after which the lesson breaks no rule: planned and gone through by {@link
 * LessonChecker} before it is said.
 *
 * @param change what is changed
 * @param station whose place or time it is; missing where it is no station's
 * @param brief as changed: its length, riders, helpers or wishes
 */
public record PlanRepair(Change change, Optional<String> station, LessonBrief brief) {
    /** What can be changed, what costs the instructor least to do first. */
    public enum Change {
        /** A station comes earlier. */
        EARLIER,
        /** A fixed time is left to the planner. */
        SHARED,
        /** The lesson is longer, by as little as does. */
        LONGER,
        /** Somebody more watches an area. */
        HELPER,
        /** A station is left out, the last that does. */
        WITHOUT,
        /** The planner chooses what is ridden and in which order. */
        CHOSEN,
        /** Some riders come another time, as few as does. */
        FEWER_RIDERS,
        /** The planner chooses, and has more time: where nothing else does. */
        CHOSEN_AND_LONGER
    }

    /** A lesson is made longer by so many minutes at a time; people agree on fives. */
    private static final int STEP_MINUTES = 5;

    /**
     * The ways out of what a lesson breaks, one of each change at most; none where it breaks nothing.
     *
     * @param brief of a whole lesson
     */
    public static List<PlanRepair> of(LessonBrief brief, Lesson lesson) {
        if (LessonChecker.check(brief, lesson).isEmpty()) {
            return List.of();
        }
        List<PlanRepair> ways = Stream.of(
                        earlier(brief),
                        shared(brief),
                        longer(brief, Change.LONGER),
                        helper(brief),
                        without(brief),
                        chosen(brief),
                        fewer(brief))
                .flatMap(Optional::stream)
                .toList();
        LessonBrief open = brief.with(brief.minutes(), List.of());
        return ways.isEmpty() ? longer(open, Change.CHOSEN_AND_LONGER).stream().toList() : ways;
    }

    private static boolean isRight(LessonBrief brief) {
        return LessonChecker.check(brief, LessonPlanner.plan(brief)).isEmpty();
    }

    private static Optional<PlanRepair> earlier(LessonBrief brief) {
        int wishes = brief.wishes().size();
        return IntStream.range(1, wishes)
                .boxed()
                .flatMap(from -> IntStream.range(0, from).mapToObj(to -> {
                    List<Wish> moved = new ArrayList<>(brief.wishes());
                    moved.add(to, moved.remove((int) from));
                    return wishing(Change.EARLIER, brief, from, moved);
                }))
                .filter(way -> isRight(way.brief))
                .findFirst();
    }

    private static Optional<PlanRepair> shared(LessonBrief brief) {
        return wishes(brief)
                .filter(i -> brief.wishes().get(i).minutes().isPresent())
                .mapToObj(i -> {
                    List<Wish> open = new ArrayList<>(brief.wishes());
                    open.set(i, new Wish(open.get(i).station(), Optional.empty()));
                    return wishing(Change.SHARED, brief, i, open);
                })
                .filter(way -> isRight(way.brief))
                .findFirst();
    }

    /** Twice as much longer each time until it does, then halved between the last that did not and the first that did. */
    private static Optional<PlanRepair> longer(LessonBrief brief, Change change) {
        int most = (LessonBrief.LONGEST - brief.minutes()) / STEP_MINUTES;
        int too = 0;
        int enough = 1;
        while (enough < most && !isRight(lasting(brief, enough))) {
            too = enough;
            enough = Math.min(2 * enough, most);
        }
        if (enough > most || !isRight(lasting(brief, enough))) {
            return Optional.empty();
        }
        while (enough - too > 1) {
            int middle = (enough + too) / 2;
            if (isRight(lasting(brief, middle))) {
                enough = middle;
            } else {
                too = middle;
            }
        }
        return Optional.of(new PlanRepair(change, Optional.empty(), lasting(brief, enough)));
    }

    private static LessonBrief lasting(LessonBrief brief, int steps) {
        int minutes = (brief.minutes() / STEP_MINUTES + steps) * STEP_MINUTES;
        return brief.with(minutes, brief.wishes());
    }

    private static Optional<PlanRepair> helper(LessonBrief brief) {
        if (brief.helpers() == LessonBrief.MOST_HELPERS) {
            return Optional.empty();
        }
        LessonBrief helped = brief.with(brief.riders(), brief.helpers() + 1);
        return helped.watchedAreas() > brief.watchedAreas() && isRight(helped)
                ? Optional.of(new PlanRepair(Change.HELPER, Optional.empty(), helped))
                : Optional.empty();
    }

    private static Optional<PlanRepair> without(LessonBrief brief) {
        int last = brief.wishes().size() - 1;
        return wishes(brief)
                .filter(i -> last > 0)
                .map(i -> last - i)
                .mapToObj(i -> {
                    List<Wish> fewer = new ArrayList<>(brief.wishes());
                    fewer.remove(i);
                    return wishing(Change.WITHOUT, brief, i, fewer);
                })
                .filter(way -> isRight(way.brief))
                .findFirst();
    }

    /** With nothing wished for. */
    private static LessonBrief open(LessonBrief brief) {
        return brief.with(brief.minutes(), List.of());
    }

    private static Optional<PlanRepair> chosen(LessonBrief brief) {
        LessonBrief open = open(brief);
        return !brief.wishes().isEmpty() && isRight(open)
                ? Optional.of(new PlanRepair(Change.CHOSEN, Optional.empty(), open))
                : Optional.empty();
    }

    private static Optional<PlanRepair> fewer(LessonBrief brief) {
        int riders = brief.riders().size();
        return IntStream.range(1, riders)
                .map(left -> riders - left)
                .mapToObj(n -> brief.with(brief.riders().subList(0, n), brief.helpers()))
                .filter(PlanRepair::isRight)
                .findFirst()
                .map(few -> new PlanRepair(Change.FEWER_RIDERS, Optional.empty(), few));
    }

    private static IntStream wishes(LessonBrief brief) {
        return IntStream.range(0, brief.wishes().size());
    }

    private static PlanRepair wishing(Change change, LessonBrief brief, int wish, List<Wish> wishes) {
        return new PlanRepair(
                change, Optional.of(brief.wishes().get(wish).station()), brief.with(brief.minutes(), wishes));
    }

    /**
     * In words, as something to do.
     *
     * @param name what a station is called
     */
    public String said(Function<String, String> name) {
        String named = station.map(name).orElse("");
        return switch (change) {
            case EARLIER -> "Ride " + named + " earlier";
            case SHARED -> "Give " + named + " what time there is";
            case LONGER -> "Make it " + brief.minutes() + " min";
            case HELPER -> "Bring a helper more, who watches an area";
            case WITHOUT -> "Leave out " + named;
            case CHOSEN -> "Let the app choose the order";
            case CHOSEN_AND_LONGER -> "Let the app choose the order, and make it " + brief.minutes() + " min";
            case FEWER_RIDERS ->
                brief.riders().size() == 1
                        ? "Teach one rider at a time"
                        : "Teach " + brief.riders().size() + " riders, the others another time";
        };
    }
}
