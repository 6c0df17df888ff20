package wrenlane.server.progress.run;

import java.time.Instant;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;
import wrenlane.run.CourseRide;
import wrenlane.run.Fault;
import wrenlane.run.NamedDrill;
import wrenlane.run.Run;
import wrenlane.run.RunContext;
import wrenlane.run.RunDetail;
import wrenlane.run.RunLog;
import wrenlane.server.progress.run.RunDocument.DetailDocument;
import wrenlane.server.progress.run.RunDocument.LogDocument;
import wrenlane.server.progress.run.RunDocument.RideDocument;

/** Maps runs to rows of the run table and back. */
@Component
class RunRows {
    private final ObjectReader reader;
    private final ObjectWriter writer;

    RunRows(JsonMapper json) {
        this.reader = json.readerFor(RunDocument.class);
        this.writer = json.writerFor(RunDocument.class);
    }

    RunRow row(Run run) {
        return new RunRow(
                null,
                run.id().value(),
                run.dayId().value(),
                run.riderId().value(),
                run.machineId().value(),
                run.drillId().orElse(null),
                run.courseId().map(CourseId::value).orElse(null),
                run.at().toEpochMilli(),
                run.log().replaces().map(RunId::value).orElse(null),
                run.log().withdrawal().map(w -> w.at().toString()).orElse(null),
                run.log().withdrawal().map(RunLog.Withdrawal::device).orElse(""),
                writer.writeValueAsString(document(run)));
    }

    private static RunDocument document(Run run) {
        RunDetail detail = run.detail();
        return new RunDocument(
                RunDocument.VERSION,
                run.context().drill().map(NamedDrill::name).orElse(null),
                run.ride().map(RunRows::ride).orElse(null),
                run.side().orElse(null),
                List.copyOf(run.faults()),
                new DetailDocument(
                        detail.sort(),
                        detail.seconds().orElse(null),
                        detail.minutes().orElse(null),
                        detail.laps().orElse(null),
                        detail.faultCounts().isEmpty() ? null : detail.counted(),
                        detail.note().isEmpty() ? null : detail.note(),
                        ObservationJson.of(detail.observed()),
                        detail.score().map(ScoreJson::of).orElse(null)),
                new LogDocument(
                        run.log().simulated(),
                        run.log().device().isEmpty() ? null : run.log().device(),
                        run.log().correction().map(c -> c.at().toEpochMilli()).orElse(null)));
    }

    private static RideDocument ride(CourseRide ride) {
        Map<String, String> settings = new TreeMap<>(ride.course().settings().saying());
        settings.remove(ride.course().kind().ladder().name());
        return new RideDocument(ride.courseName(), ride.course().kind().id(), ride.sizeMetres(), settings);
    }

    Run run(RunRow row) {
        return runs(List.of(row)).get(0);
    }

    /** Runs that were ridden on the same course, set the same, share it. */
    List<Run> runs(Collection<RunRow> rows) {
        Courses courses = new Courses();
        return rows.stream().map(row -> run(row, courses)).toList();
    }

    private Run run(RunRow row, Courses courses) {
        RunDocument document = reader.readValue(row.document());
        RideDocument ride = document.course();
        return new Run(
                new RunId(row.id()),
                new RunContext(
                        new DayId(row.dayId()),
                        new RiderId(row.riderId()),
                        new MachineId(row.machineId()),
                        drill(row.drillId(), document.drillName())),
                ride == null || row.courseId() == null
                        ? Optional.empty()
                        : Optional.of(new CourseRide(
                                new CourseId(row.courseId()),
                                ride.name(),
                                ride.sizeMetres(),
                                courses.of(ride, document.side()))),
                Optional.ofNullable(document.side()),
                faults(document),
                detail(document.detail()),
                log(row, document.log()));
    }

    private static Set<Fault> faults(RunDocument document) {
        Set<Fault> faults = EnumSet.noneOf(Fault.class);
        faults.addAll(document.faults());
        return faults;
    }

    private static Optional<NamedDrill> drill(@Nullable String id, @Nullable String name) {
        return id == null || name == null ? Optional.empty() : Optional.of(new NamedDrill(id, name));
    }

    private static RunDetail detail(DetailDocument d) {
        return new RunDetail(
                d.sort(),
                Optional.ofNullable(d.seconds()),
                Optional.ofNullable(d.minutes()),
                Optional.ofNullable(d.laps()),
                d.faultCounts() == null ? Map.of() : d.faultCounts(),
                d.note() == null ? "" : d.note(),
                ObservationJson.observed(d.observed()),
                Optional.ofNullable(d.score()).map(ScoreJson::score));
    }

    private static RunLog log(RunRow row, LogDocument d) {
        return new RunLog(
                Instant.ofEpochMilli(row.loggedAtMs()),
                d.simulated(),
                d.device() == null ? "" : d.device(),
                row.replaces() == null || d.correctedAtMs() == null
                        ? Optional.empty()
                        : Optional.of(new RunLog.Correction(
                                new RunId(row.replaces()), Instant.ofEpochMilli(d.correctedAtMs()))),
                row.withdrawnAt() == null
                        ? Optional.empty()
                        : Optional.of(new RunLog.Withdrawal(Instant.parse(row.withdrawnAt()), row.withdrawnOn())));
    }

    /** Courses as they were set; many runs were ridden on the same. */
    private static final class Courses {
        private record Key(RideDocument ride, @Nullable Side side) {}

        private final Map<Key, Course> known = new HashMap<>();

        Course of(RideDocument ride, @Nullable Side side) {
            return known.computeIfAbsent(new Key(ride, side), Courses::course);
        }

        /** What the run does not say of its course, or says of dimensions there are no more, is as its kind has it. */
        private static Course course(Key key) {
            CourseKind kind = CourseKinds.find(key.ride().kind()).orElseThrow();
            return CourseRide.courseAt(
                    key.ride().sizeMetres(),
                    kind,
                    CourseSettings.said(kind, key.ride().settings()),
                    Objects.requireNonNullElse(key.side(), Side.LEFT));
        }
    }
}
