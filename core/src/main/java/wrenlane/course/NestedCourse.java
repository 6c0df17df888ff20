package wrenlane.course;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * A course that stands at up to three settings of its ladder at once, nested in one another, so that a group shares one
 * ground: three widths, three rings.
 *
 * <p>Whoever rides a wide setting rolls over the flat markers of the narrow ones; a tall cone would be in the way, and so
 * stands only where it lies outside every other setting. What two settings have in common is laid once: cones on one mark,
 * and marks along a line that a wider setting has marked already. All else carries the letter of its setting, {@code a} the
 * widest.
 *
 * @param courses one for each setting, the widest first; at least one
 */
public record NestedCourse(List<Course> courses) {
    /** Most settings at once: more than three kinds of marker nobody tells apart from the saddle. From practice. */
    public static final int MOST = 3;

    /** Least difference of two settings, in metres; chosen by us: a flat marker, and half of one between it and the next. */
    public static final double APART_METRES = 0.3;

    /** Places nearer to one another than this are one, in metres: what a tape can tell. */
    private static final double SAME_PLACE_METRES = 0.01;

    public NestedCourse {
        courses = List.copyOf(courses);
        if (courses.isEmpty() || courses.size() > MOST) {
            throw new IllegalArgumentException(
                    "there are " + courses.size() + " settings; a course stands at 1 to " + MOST);
        }
    }

    /** A course at the one setting it has. */
    public static NestedCourse of(Course course) {
        return new NestedCourse(List.of(course));
    }

    /**
     * A course at some settings.
     *
     * @param settingsMetres in any order; none where it stands as it is set
     * @throws IllegalArgumentException where {@link #check} finds something
     */
    public static NestedCourse of(Course course, List<Double> settingsMetres) {
        List<Finding> findings = check(course, settingsMetres);
        if (!findings.isEmpty()) {
            throw new IllegalArgumentException(findings.get(0).message() + " Check with NestedCourse.check first.");
        }
        return settingsMetres.isEmpty() ? of(course) : new NestedCourse(at(course, settingsMetres));
    }

    /** A course at some settings where it can stand at them, else as it is set. */
    public static NestedCourse asFarAsItCan(Course course, List<Double> settingsMetres) {
        return settingsMetres.isEmpty() || !check(course, settingsMetres).isEmpty()
                ? of(course)
                : new NestedCourse(at(course, settingsMetres));
    }

    private static List<Course> at(Course course, List<Double> settingsMetres) {
        List<Double> widestFirst =
                settingsMetres.stream().sorted(Comparator.reverseOrder()).toList();
        return IntStream.range(0, widestFirst.size())
                .mapToObj(i -> course.with(course.kind().ladder(), widestFirst.get(i))
                        .with(course.settings().markers().at(i)))
                .toList();
    }

    /** What is wrong with a course standing at some settings, each in whole sentences; nothing where it can. */
    public static List<Finding> check(Course course, List<Double> settingsMetres) {
        Checks checks = new Checks();
        if (settingsMetres.size() > MOST) {
            checks.add(
                    "too-many-settings",
                    "settings",
                    "A course is set up at " + MOST + " sizes at most; there are " + settingsMetres.size() + ".");
        }
        for (double metres : settingsMetres) {
            checks.addAll(course.kind().ladder().check(metres).stream().toList());
            if (course.kind().ladder().check(metres).isEmpty()) {
                checks.addAll(
                        course.settings().with(course.kind().ladder(), metres).check(course.kind()));
            }
        }
        if (checks.findings().isEmpty() && settingsMetres.size() > 1) {
            checks.addAll(together(course, at(course, settingsMetres)));
        }
        return checks.findings();
    }

    private static List<Finding> together(Course course, List<Course> courses) {
        if (!course.kind().nests()) {
            return List.of(new Finding(
                    "kind-does-not-nest",
                    "settings",
                    "A " + course.kind().label().toLowerCase(Locale.ROOT)
                            + " is set up at one size at a time: markers of another size would lie between its own."));
        }
        for (int i = 1; i < courses.size(); i++) {
            double apart = courses.get(i - 1).settingMetres() - courses.get(i).settingMetres();
            if (apart < APART_METRES - SAME_PLACE_METRES / 2) {
                return List.of(new Finding(
                        "settings-too-near",
                        "settings",
                        Sentence.of(
                                "Settings %s apart cannot be told apart: leave at least %s.",
                                Sentence.metres(apart), Sentence.metres(APART_METRES))));
            }
        }
        for (Course one : courses) {
            for (Course other : courses) {
                if (one != other && isInTheWay(one.plan(), other.plan())) {
                    return List.of(new Finding(
                            "tall-in-the-way",
                            "settings",
                            Sentence.of(
                                    "Tall cones at %s would stand in the way at %s: set the course in flat"
                                            + " markers, or at one setting.",
                                    Sentence.metres(one.settingMetres()), Sentence.metres(other.settingMetres()))));
                }
            }
        }
        return List.of();
    }

    /** Whether a tall cone of one plan stands on the ground of the other, and is none of its own. */
    private static boolean isInTheWay(CoursePlan one, CoursePlan other) {
        return one.cones().stream()
                .filter(c -> c.sort() == ConeSort.TALL)
                .filter(c -> other.cones().stream().noneMatch(o -> isSame(o, c)))
                .anyMatch(c -> other.route().keeps().stream()
                        .noneMatch(keep -> keep instanceof Barrier.LineBarrier line && isBeyond(line, c)));
    }

    /** Whether a cone stands wholly beyond a line that nobody crosses. */
    private static boolean isBeyond(Barrier.LineBarrier line, Cone cone) {
        double ex = line.to().x() - line.from().x();
        double ey = line.to().y() - line.from().y();
        double left = (ex * (cone.centre().y() - line.from().y())
                        - ey * (cone.centre().x() - line.from().x()))
                / Math.hypot(ex, ey);
        double beyond = line.inside() == Side.LEFT ? -left : left;
        return line.fromStation() <= 0 && beyond >= cone.marker().baseMetres() / 2 - SAME_PLACE_METRES;
    }

    private static boolean isSame(Cone one, Cone other) {
        return one.sort() == other.sort() && one.mark().distanceTo(other.mark()) < SAME_PLACE_METRES;
    }

    /** What it is a course of. */
    public Course widest() {
        return courses.get(0);
    }

    /** In metres, the widest first. */
    public List<Double> settingsMetres() {
        return courses.stream().map(Course::settingMetres).toList();
    }

    /** The letter of a setting, by its place: a, b, c. */
    public static String letter(int place) {
        return String.valueOf((char) ('a' + place));
    }

    /** The whole course on the ground, with the way through its widest setting. */
    public CoursePlan plan() {
        CoursePlan widest = widest().plan();
        if (courses.size() == 1) {
            return widest;
        }
        NestingBuilder laid = new NestingBuilder();
        for (int i = 0; i < courses.size(); i++) {
            laid.lay(courses.get(i).plan(), i);
        }
        List<Sentence> notes = new ArrayList<>(widest.notes());
        notes.add(Sentence.plain(standsIn()));
        return new CoursePlan(laid.cones(), laid.lines, widest.route(), widest.area(), measures(widest), notes);
    }

    /** Which setting lies in what, or that something ought to be found for each. */
    private String standsIn() {
        List<String> names = courses.stream()
                .map(c -> c.settings().markers().flat().label(2))
                .toList();
        if (Set.copyOf(names).size() < names.size()) {
            return "Set up at " + courses.size() + " sizes: a marker or colour of its own for each, a the widest.";
        }
        return IntStream.range(0, names.size())
                .mapToObj(i -> letter(i) + " in " + names.get(i))
                .collect(Collectors.joining(", ", "Set up at " + courses.size() + " sizes: ", "."));
    }

    /** Those of the widest, and the settings of the others in rows farther out. */
    private List<CoursePlan.Measure> measures(CoursePlan widest) {
        List<CoursePlan.Measure> measures = new ArrayList<>(widest.measures());
        for (int i = 1; i < courses.size(); i++) {
            double row = 1 + i;
            courses.get(i).plan().measures().stream()
                    .filter(m -> m.name().equals(widest().kind().ladder().name()))
                    .map(m -> new CoursePlan.Measure(
                            m.name(),
                            m.from(),
                            m.to(),
                            new Point(row * m.away().x(), row * m.away().y()),
                            m.gain()))
                    .forEach(measures::add);
        }
        return measures;
    }

    /** Letters of the settings that a cone of {@link #plan} belongs to; all that use its mark. */
    public Set<String> lettersOf(Cone cone) {
        Set<String> letters = new HashSet<>();
        for (int i = 0; i < courses.size(); i++) {
            if (courses.get(i).plan().cones().stream().anyMatch(c -> isSame(c, cone))) {
                letters.add(letter(i));
            }
        }
        return letters;
    }

    /** Puts one setting down after another. */
    private static final class NestingBuilder {
        private record PlacedCone(Cone cone, int setting, boolean shared) {}

        private final List<PlacedCone> placed = new ArrayList<>();
        private final List<CourseLine> lines = new ArrayList<>();
        private final List<CourseLine> marked = new ArrayList<>();

        void lay(CoursePlan plan, int setting) {
            for (Cone cone : plan.cones()) {
                int same = sameAs(cone);
                if (same >= 0) {
                    placed.set(same, new PlacedCone(placed.get(same).cone(), setting, true));
                } else if (!(cone.role() == ConeRole.EDGE && isMarked(cone.mark()))) {
                    placed.add(new PlacedCone(cone, setting, false));
                }
            }
            for (CourseLine line : plan.lines()) {
                if (marked.stream().noneMatch(l -> isOn(line.from(), l) && isOn(line.to(), l))) {
                    lines.add(line);
                }
            }
            plan.lines().stream()
                    .filter(l -> l.sort() == CourseLine.Sort.BOUNDARY)
                    .forEach(marked::add);
        }

        private int sameAs(Cone cone) {
            for (int i = 0; i < placed.size(); i++) {
                if (isSame(placed.get(i).cone(), cone)) {
                    return i;
                }
            }
            return -1;
        }

        private boolean isMarked(Point p) {
            return marked.stream().anyMatch(l -> isOn(p, l));
        }

        private static boolean isOn(Point p, CourseLine line) {
            return p.distanceTo(p.nearestBetween(line.from(), line.to())) < SAME_PLACE_METRES;
        }

        /** What belongs to one setting alone carries its letter. */
        List<Cone> cones() {
            return placed.stream()
                    .map(p -> p.shared()
                            ? p.cone()
                            : new Cone(
                                    p.cone().label() + letter(p.setting()),
                                    p.cone().role(),
                                    p.cone().marker(),
                                    p.cone().mark(),
                                    p.cone().centre()))
                    .toList();
        }
    }
}
