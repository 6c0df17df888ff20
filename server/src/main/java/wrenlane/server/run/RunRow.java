package wrenlane.server.run;

import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunDetail;
import wrenlane.run.RunSort;

/**
 * A row of the run table.
 *
 * @param settings what else the course was set to: name=value, one to a line
 * @param loggedAtMs milliseconds since 1970 began, so that runs come in the order of the instants
 * @param faults names joined by commas; empty for a clean run
 * @param faultCounts fault:number, joined by commas; empty for anything but a spell
 */
public record RunRow(
        String id,
        Long dayId,
        Long riderId,
        Long machineId,
        Long courseId,
        String courseName,
        String kind,
        String side,
        Double settingM,
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
        String note) {

    /** A run as it will be stored, with what it keeps of its course. */
    public static RunRow of(String id, RunRequest r, String courseName, Course course, boolean simulated) {
        RunDetail detail = r.detail();
        return new RunRow(
                id,
                r.dayId(),
                r.riderId(),
                r.machineId(),
                r.courseId(),
                courseName,
                course.kind().id(),
                r.side().name(),
                r.settingMetres(),
                settings(course),
                joined(r.faults()),
                r.loggedAt().toEpochMilli(),
                simulated,
                null,
                detail.sort().name(),
                detail.seconds().orElse(null),
                detail.minutes().orElse(null),
                detail.laps().orElse(null),
                counted(detail),
                detail.note());
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

    static String joined(Collection<Fault> faults) {
        return faults.stream().sorted().map(Fault::name).collect(Collectors.joining(","));
    }

    private List<Fault> faultList() {
        return faults.isEmpty()
                ? List.of()
                : Arrays.stream(faults.split(",")).map(Fault::valueOf).toList();
    }

    RunResponse response() {
        return new RunResponse(
                id,
                dayId,
                riderId,
                machineId,
                courseId,
                courseName,
                kind,
                Side.valueOf(side),
                settingM,
                null,
                faultList(),
                Instant.ofEpochMilli(loggedAtMs),
                simulated,
                withdrawnAt != null,
                RunSort.valueOf(sort),
                seconds,
                speed(),
                minutes,
                laps,
                faultCountMap(),
                note);
    }

    /** Along a course of known length that is ridden straight on, in m/s; missing where no time was taken. */
    private @Nullable Double speed() {
        Double time = seconds;
        if (time == null) {
            return null;
        }
        Course ridden = course();
        if (ridden.kind().turning() != CourseKind.Turning.STRAIGHT) {
            return null;
        }
        return ridden.kind().dimensions().stream()
                .filter(d -> d.name().equals("lengthMetres"))
                .findFirst()
                .map(d -> ridden.settings().of(d) / time)
                .orElse(null);
    }

    /** The run with the course it was ridden on, as it was set then. */
    RiddenRun ridden() {
        return new RiddenRun(response(), course());
    }

    /** What the run does not say of its course, or says of dimensions there are no more, is as its kind has it. */
    private Course course() {
        CourseKind of = CourseKinds.find(kind).orElseThrow();
        Map<String, String> said = settings.lines()
                .map(line -> line.split("=", 2))
                .filter(pair -> pair.length == 2)
                .collect(Collectors.toMap(pair -> pair[0], pair -> pair[1]));
        CourseSettings kept = CourseSettings.said(of, said).with(of.ladder(), settingM);
        return kept.check(of).isEmpty() ? new Course(of, kept, Side.valueOf(side)) : Course.standard(of);
    }

    /** Whether the same run was sent again. */
    boolean says(RunRequest request) {
        return dayId.equals(request.dayId())
                && riderId.equals(request.riderId())
                && machineId.equals(request.machineId())
                && courseId.equals(request.courseId())
                && side.equals(request.side().name())
                && settingM.equals(request.settingMetres())
                && faults.equals(joined(request.faults()))
                && sort.equals(request.detail().sort().name())
                && Optional.ofNullable(seconds).equals(request.detail().seconds())
                && Optional.ofNullable(minutes).equals(request.detail().minutes())
                && Optional.ofNullable(laps).equals(request.detail().laps())
                && faultCounts.equals(counted(request.detail()))
                && note.equals(request.detail().note());
    }
}
