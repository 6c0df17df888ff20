package wrenlane.server.progress.run;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.Drill;
import wrenlane.machine.Side;
import wrenlane.run.BeforeDrop;
import wrenlane.run.Fault;
import wrenlane.run.Observed;
import wrenlane.run.RunDetail;
import wrenlane.run.RunSort;
import wrenlane.run.Score;
import wrenlane.run.Technique;

/**
 * A row of the run table.
 *
 * @param drillId the drill it names; missing where it names none, as is its name
 * @param courseId missing where it was ridden on no course, as are its name, kind and setting
 * @param settings what else the course was set to: name=value, one to a line
 * @param loggedAtMs milliseconds since 1970 began, so that runs come in the order of the instants
 * @param faults names joined by commas; empty for a clean run
 * @param faultCounts fault:number, joined by commas; empty for anything but a spell
 * @param technique names joined by commas; empty where nothing was said
 * @param replaces id of the run this one corrects
 * @param correctedAtMs when that was, by the page's clock; the run itself keeps the time it was ridden
 * @param device the name of the device it was logged on; empty where it did not say
 * @param measured what was measured of it; missing where nothing was
 * @param scoreM how much of it, in metres
 */
public record RunRow(
        String id,
        Long dayId,
        Long riderId,
        Long machineId,
        @Nullable String drillId,
        @Nullable String drillName,
        @Nullable Long courseId,
        @Nullable String courseName,
        @Nullable String kind,
        @Nullable String side,
        @Nullable Double settingM,
        String settings,
        String faults,
        Long loggedAtMs,
        Boolean simulated,
        @Nullable String withdrawnAt,
        String sort,
        @Nullable Double seconds,
        @Nullable Double minutes,
        @Nullable Integer laps,
        String faultCounts,
        String note,
        String technique,
        @Nullable String beforeDrop,
        @Nullable String mark,
        @Nullable Double offM,
        @Nullable String replaces,
        @Nullable Long correctedAtMs,
        String device,
        String withdrawnOn,
        @Nullable String measured,
        @Nullable Double scoreM) {

    /**
     * What a run keeps of the course it was ridden on, as it was set then.
     *
     * @param settings as in {@link RunRow#settings}
     */
    record OnCourse(String name, String kind, String settings) {
        static OnCourse of(String name, Course course) {
            return new OnCourse(name, course.kind().id(), RunRow.settings(course));
        }
    }

    /**
     * A run on a course as it will be stored, with what it keeps of its course.
     *
     * @param drill it names
     */
    public static RunRow of(
            String id, RunRequest r, Optional<Drill> drill, String courseName, Course course, boolean simulated) {
        return of(id, r, drill, Optional.of(OnCourse.of(courseName, course)), simulated, null);
    }

    /** A run that was ridden on no course. */
    public static RunRow of(String id, RunRequest r, Drill drill, boolean simulated) {
        return of(id, r, Optional.of(drill), Optional.empty(), simulated, null);
    }

    /** A run that corrects none. */
    static RunRow first(String id, RunRequest r, Optional<Drill> drill, Optional<OnCourse> on) {
        return of(id, r, drill, on, false, null);
    }

    boolean isOn(long course) {
        return courseId != null && courseId == course;
    }

    /** What it keeps of its course; empty where it was ridden on none. */
    Optional<OnCourse> onCourse() {
        return kind == null || courseName == null
                ? Optional.empty()
                : Optional.of(new OnCourse(courseName, kind, settings));
    }

    /** A correction. */
    RunRow corrected(String newId, RunRequest r, Optional<Drill> drill, Optional<OnCourse> on) {
        return of(newId, r, drill, on, simulated, this);
    }

    private static RunRow of(
            String id,
            RunRequest r,
            Optional<Drill> drill,
            Optional<OnCourse> on,
            boolean simulated,
            @Nullable RunRow before) {
        RunDetail detail = r.detail();
        Observed observed = detail.observed();
        return new RunRow(
                id,
                r.dayId(),
                r.riderId(),
                r.machineId(),
                drill.map(Drill::id).orElse(null),
                drill.map(Drill::name).orElse(null),
                on.isPresent() ? r.courseId() : null,
                on.map(OnCourse::name).orElse(null),
                on.map(OnCourse::kind).orElse(null),
                side(r, on),
                on.isPresent() ? r.settingMetres() : null,
                on.map(OnCourse::settings).orElse(""),
                joined(r.faults()),
                before == null ? Long.valueOf(r.loggedAt().toEpochMilli()) : before.loggedAtMs(),
                simulated,
                null,
                detail.sort().name(),
                detail.seconds().orElse(null),
                detail.minutes().orElse(null),
                detail.laps().orElse(null),
                counted(detail),
                detail.note(),
                joined(observed.technique()),
                observed.beforeDrop().map(Enum::name).orElse(null),
                observed.mark().orElse(null),
                observed.offMetres().orElse(null),
                before == null ? null : before.id(),
                before == null ? null : r.loggedAt().toEpochMilli(),
                r.deviceName(),
                "",
                detail.score().map(s -> s.measured().name()).orElse(null),
                detail.score().map(Score::metres).orElse(null));
    }

    private static String counted(RunDetail detail) {
        return detail.counted().entrySet().stream()
                .map(e -> e.getKey() + ":" + e.getValue())
                .collect(Collectors.joining(","));
    }

    private Map<Fault, Integer> faultCountMap() {
        Map<Fault, Integer> counts = new EnumMap<>(Fault.class);
        for (String pair : faultCounts.isEmpty() ? new String[0] : faultCounts.split(",")) {
            String[] parts = pair.split(":");
            counts.put(Fault.valueOf(parts[0]), Integer.valueOf(parts[1]));
        }
        return counts;
    }

    private static String settings(Course course) {
        return course.settings().saying().entrySet().stream()
                .filter(e -> !e.getKey().equals(course.kind().ladder().name()))
                .map(e -> e.getKey() + "=" + e.getValue())
                .sorted()
                .collect(Collectors.joining("\n"));
    }

    private static <E extends Enum<E>> String joined(Collection<E> some) {
        return some.stream().sorted().map(Enum::name).collect(Collectors.joining(","));
    }

    private static <E extends Enum<E>> List<E> split(String names, Class<E> of) {
        return names.isEmpty()
                ? List.of()
                : Arrays.stream(names.split(","))
                        .map(name -> Enum.valueOf(of, name))
                        .toList();
    }

    private @Nullable ObservedJson observed() {
        if (technique.isEmpty() && beforeDrop == null && mark == null && offM == null) {
            return null;
        }
        return new ObservedJson(
                new LinkedHashSet<>(split(technique, Technique.class)),
                beforeDrop == null ? null : BeforeDrop.valueOf(beforeDrop),
                mark,
                offM);
    }

    private @Nullable ScoreJson score() {
        return measured == null || scoreM == null ? null : new ScoreJson(Score.Measured.valueOf(measured), scoreM);
    }

    RunResponse response() {
        return new RunResponse(
                id,
                dayId,
                riderId,
                machineId,
                drillId,
                drillName,
                courseId,
                courseName,
                kind,
                sideTurnedTo(),
                settingM,
                split(faults, Fault.class),
                Instant.ofEpochMilli(loggedAtMs),
                simulated,
                withdrawnAt != null,
                RunSort.valueOf(sort),
                seconds,
                speed(),
                minutes,
                laps,
                faultCountMap(),
                note,
                observed(),
                score(),
                replaces,
                correctedAtMs == null ? null : Instant.ofEpochMilli(correctedAtMs),
                device,
                withdrawnAt == null ? null : Instant.parse(withdrawnAt),
                withdrawnOn);
    }

    /** The table asks for a side on every course; on one ridden straight on it is left and says nothing. */
    private static @Nullable String side(RunRequest r, Optional<OnCourse> on) {
        if (r.side() == null || on.filter(c -> isStraight(c.kind())).isPresent()) {
            return on.isPresent() ? Side.LEFT.name() : null;
        }
        return r.side().name();
    }

    private @Nullable Side sideTurnedTo() {
        return side == null || (kind != null && isStraight(kind)) ? null : Side.valueOf(side);
    }

    private static boolean isStraight(String kind) {
        return CourseKinds.find(kind).filter(CourseKind::isStraight).isPresent();
    }

    /** Along a course of known length that is ridden straight on, in m/s; missing where no time was taken. */
    private @Nullable Double speed() {
        Double time = seconds;
        if (time == null || kind == null) {
            return null;
        }
        Course ridden = course(kind);
        return ridden.kind()
                .timedLength()
                .map(d -> ridden.settings().of(d) / time)
                .orElse(null);
    }

    /** How a course was set when it was ridden; many runs were ridden on the same. */
    private record Setting(
            String kind, @Nullable String side, @Nullable Double settingM, String settings) {}

    /** Runs on courses with those courses, as they were set then; runs on none are left out. */
    static List<RiddenRun> ridden(List<RunRow> rows) {
        Map<Setting, Course> courses = new HashMap<>();
        List<RiddenRun> ridden = new ArrayList<>();
        for (RunRow row : rows) {
            String of = row.kind;
            if (of != null) {
                ridden.add(new RiddenRun(
                        row.response(),
                        courses.computeIfAbsent(
                                new Setting(of, row.side, row.settingM, row.settings), s -> row.course(of))));
            }
        }
        return List.copyOf(ridden);
    }

    /** The run with the course it was ridden on, if any. */
    DrillRun ofDrill() {
        return new DrillRun(response(), Optional.ofNullable(kind).map(this::course));
    }

    /** What the run does not say of its course, or says of dimensions there are no more, is as its kind has it. */
    private Course course(String ofKind) {
        CourseKind of = CourseKinds.find(ofKind).orElseThrow();
        Map<String, String> said = settings.lines()
                .map(line -> line.split("=", 2))
                .filter(pair -> pair.length == 2)
                .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1]));
        CourseSettings kept =
                CourseSettings.said(of, said).with(of.ladder(), Objects.requireNonNull(settingM, "of a course"));
        return kept.check(of).isEmpty()
                ? new Course(of, kept, Side.valueOf(Objects.requireNonNull(side, "of a course")))
                : Course.standard(of);
    }

    /** What a request says of how it was ridden, as it would be read again. */
    private static @Nullable ObservedJson told(RunRequest request) {
        Observed said = request.detail().observed();
        return said.equals(Observed.NOTHING)
                ? null
                : new ObservedJson(
                        said.technique(),
                        said.beforeDrop().orElse(null),
                        said.mark().orElse(null),
                        said.offMetres().orElse(null));
    }

    /** Whether the same run was sent again. */
    boolean says(RunRequest request) {
        return dayId.equals(request.dayId())
                && riderId.equals(request.riderId())
                && machineId.equals(request.machineId())
                && Objects.equals(drillId, request.drillId())
                && Objects.equals(courseId, request.courseId())
                && (Objects.equals(sideTurnedTo(), request.side()) || (kind != null && isStraight(kind)))
                && Objects.equals(settingM, request.settingMetres())
                && faults.equals(joined(request.faults()))
                && sort.equals(request.detail().sort().name())
                && Optional.ofNullable(seconds).equals(request.detail().seconds())
                && Optional.ofNullable(minutes).equals(request.detail().minutes())
                && Optional.ofNullable(laps).equals(request.detail().laps())
                && faultCounts.equals(counted(request.detail()))
                && note.equals(request.detail().note())
                && Objects.equals(observed(), told(request))
                && Objects.equals(
                        score(), request.detail().score().map(ScoreJson::of).orElse(null))
                && Objects.equals(replaces, request.replaces());
    }
}
