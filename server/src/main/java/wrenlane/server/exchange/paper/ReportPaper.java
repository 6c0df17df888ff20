package wrenlane.server.exchange.paper;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.rider.Rider;
import wrenlane.run.Fault;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.lesson.goal.GoalJson;
import wrenlane.server.lesson.goal.GoalResponse;
import wrenlane.server.lesson.goal.GoalService;
import wrenlane.server.lesson.goal.ProgrammeJson;
import wrenlane.server.lesson.goal.ProgrammeJson.DrillName;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.EstimateJson;
import wrenlane.server.progress.FaultCauseJson;
import wrenlane.server.progress.ProgressResponse;
import wrenlane.server.progress.ProgressResponse.FaultCount;
import wrenlane.server.progress.ProgressResponse.ProgressDay;
import wrenlane.server.progress.ProgressResponse.RiddenKind;
import wrenlane.server.progress.ProgressResponse.SideTally;
import wrenlane.server.progress.ProgressService;
import wrenlane.server.progress.RiderSizes;
import wrenlane.server.progress.opinion.OpinionService;
import wrenlane.server.progress.run.MachineRuns;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.units.Figures;

/** Puts a rider's progress on one kind of course on paper: the lane, and what it says. */
@Service
class ReportPaper {
    private static final int MINUTES_AN_HOUR = 60;

    private final RiderService riders;
    private final ProgressService progress;
    private final GoalService goals;
    private final OpinionService opinions;
    private final DrillService drills;
    private final RunRepository runs;
    private final PdfWriter pdf;

    ReportPaper(
            RiderService riders,
            ProgressService progress,
            GoalService goals,
            OpinionService opinions,
            DrillService drills,
            RunRepository runs,
            PdfWriter pdf) {
        this.riders = riders;
        this.progress = progress;
        this.goals = goals;
        this.opinions = opinions;
        this.drills = drills;
        this.runs = runs;
        this.pdf = pdf;
    }

    /** The report of a rider as PDF. */
    byte[] reportPdf(long riderId, @Nullable String kind, Figures figures, Paper paper) {
        Rider rider = riders.get(riderId);
        ProgressResponse of = progress.progress(riderId, kind, figures.system());
        Optional<LaneSheet> lane = LaneSheet.of(of, paper, figures.system());
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("paper", paper.css());
        words.put("name", rider.name());
        words.put("what", what(rider, of));
        lastDay(of).ifPresent(day -> words.put("until", PaperService.DATE.format(day.date())));
        lane.ifPresent(sheet -> {
            words.put("lane", sheet);
            words.put("leftOut", leftOut(sheet.lessonsLeftOut()));
        });
        headline(of, figures).ifPresent(line -> words.put("headline", line));
        words.put(
                "said",
                Stream.of(of.gap() == null ? "" : figures.of(of.gap().sentence()), orEmpty(of.standstill()))
                        .filter(s -> !s.isEmpty())
                        .toList());
        putList(words, "changed", "changes", changes(of, figures));
        if (of.subject().straight()) {
            words.put("clean", clean(of.left()));
        } else {
            putList(words, "wrong", "faults", faults(of.left(), of.right()));
            words.put("clean", clean(of.left()) + " to the left, " + clean(of.right()) + " to the right");
        }
        Catalogue catalogue = drills.catalogue();
        words.put("held", of.heldBack().stream().map(h -> held(h, catalogue)).toList());
        opinions.words(riderId, of.subject().kind()).ifPresent(opinion -> words.put("opinion", opinion));
        if (!of.subject().straight()) {
            next(of, figures).ifPresent(next -> words.put("next", next));
        }
        GoalResponse wanted = goals.get(riderId, figures.system());
        goal(wanted, figures).ifPresent(goal -> words.put("goal", goal));
        programme(wanted, figures).ifPresent(programme -> words.put("programme", programme));
        putList(
                words,
                "ridden",
                "machines",
                runs.byMachine(riderId).stream().map(ReportPaper::machine).toList());
        words.put("letters", letters(of));
        return pdf.write("report.html", words);
    }

    /** Rows of a table, which stands there only where it has some. */
    private static void putList(Map<String, Object> words, String table, String rows, List<?> list) {
        if (!list.isEmpty()) {
            words.put(table, Map.of(rows, list));
        }
    }

    private static String leftOut(int lessons) {
        return lessons == 0 ? "" : "The latest lessons; " + lessons + " before them left out.";
    }

    private static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }

    private static String what(Rider rider, ProgressResponse of) {
        String kind = of.kinds().stream()
                .filter(k -> k.kind().equals(of.subject().kind()))
                .map(RiddenKind::label)
                .findFirst()
                .orElse("");
        return Stream.of(
                        orEmpty(of.subject().machineName()),
                        rider.level().name().toLowerCase(Locale.ROOT),
                        kind)
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    private static Optional<ProgressDay> lastDay(ProgressResponse of) {
        return of.days().isEmpty()
                ? Optional.empty()
                : Optional.of(of.days().get(of.days().size() - 1));
    }

    private static Optional<String> headline(ProgressResponse of, Figures figures) {
        RiderSizes riderSizes = of.riderSizes();
        return riderSizes == null
                ? Optional.empty()
                : metres(riderSizes.left())
                        .flatMap(left -> metres(riderSizes.right())
                                .map(right -> "Left " + figures.length(left) + ", right " + figures.length(right)
                                        + ", clean four times in five."));
    }

    private static Optional<Double> metres(@Nullable EstimateJson estimate) {
        return Optional.ofNullable(estimate).map(EstimateJson::metres);
    }

    private static List<Map<String, String>> changes(ProgressResponse of, Figures figures) {
        return of.changes().stream()
                .map(c -> Map.of("what", c.what(), "words", figures.of(c.words())))
                .toList();
    }

    private static String clean(SideTally tally) {
        return tally.clean() + " of " + tally.runs();
    }

    private static List<Map<String, Object>> faults(SideTally left, SideTally right) {
        return Stream.concat(left.faults().stream(), right.faults().stream())
                .map(FaultCount::fault)
                .distinct()
                .sorted(Comparator.comparingInt(fault -> -count(left, fault) - count(right, fault)))
                .map(fault -> Map.<String, Object>of(
                        "label", fault.label(), "left", count(left, fault), "right", count(right, fault)))
                .toList();
    }

    private static int count(SideTally tally, Fault fault) {
        return tally.faults().stream()
                .filter(f -> f.fault() == fault)
                .mapToInt(FaultCount::count)
                .sum();
    }

    private static Map<String, Object> held(FaultCauseJson held, Catalogue catalogue) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("sentence", held.sentence());
        if (held.likely() != null) {
            words.put("likely", held.likely());
            words.put("cue", orEmpty(held.cue()));
        }
        String names = held.drills().stream()
                .flatMap(id -> catalogue.find(id).stream())
                .map(Drill::name)
                .collect(Collectors.joining(", "));
        if (!names.isEmpty()) {
            words.put("drills", names);
        }
        return words;
    }

    private static Optional<String> next(ProgressResponse of, Figures figures) {
        RiderSizes riderSizes = of.riderSizes();
        if (riderSizes == null || riderSizes.size() == null) {
            return Optional.empty();
        }
        String first = riderSizes.weakSide() == null
                ? ""
                : ", " + riderSizes.weakSide().word() + " side first";
        return Optional.of(of.subject().settingLabel() + " at "
                + figures.length(riderSizes.size().settingMetres()) + first + ".");
    }

    private static Optional<String> goal(GoalResponse of, Figures figures) {
        GoalJson goal = of.goal();
        GoalResponse.GoalDistance off = of.off();
        return goal == null || off == null
                ? Optional.empty()
                : Optional.of(Stream.of(
                                goal.name() + " (" + off.kindLabel() + ", "
                                        + figures.length(goal.setting().metres()) + ", " + off.machineName()
                                        + "):",
                                off.sentence(),
                                off.pace())
                        .filter(s -> !s.isEmpty())
                        .collect(Collectors.joining(" ")));
    }

    private static Optional<Map<String, Object>> programme(GoalResponse of, Figures figures) {
        GoalJson goal = of.goal();
        ProgrammeJson programme = of.off() == null ? null : of.off().programme();
        if (goal == null || goal.by() == null || programme == null) {
            return Optional.empty();
        }
        Map<String, Object> words = new LinkedHashMap<>();
        words.put(
                "sentence",
                "Wanted by " + PaperService.DATE.format(goal.by()) + ". " + programme.sentence() + " "
                        + figures.of(programme.why()));
        putList(
                words,
                "planned",
                "lessons",
                programme.lessons().stream()
                        .map(lesson -> Map.of(
                                "on", PaperService.DATE.format(lesson.on()),
                                "begin", figures.length(lesson.begin().settingMetres()),
                                "aim", figures.length(lesson.aim().settingMetres()),
                                "drills", names(lesson.drills())))
                        .toList());
        return Optional.of(words);
    }

    private static String names(List<DrillName> drills) {
        return drills.stream().map(DrillName::name).collect(Collectors.joining(", "));
    }

    private static Map<String, Object> machine(MachineRuns ridden) {
        long minutes = Math.round(ridden.minutes());
        return Map.of(
                "name", ridden.machineName(),
                "days", ridden.days(),
                "hours", String.format(Locale.ROOT, "%d:%02d", minutes / MINUTES_AN_HOUR, minutes % MINUTES_AN_HOUR),
                "clean", ridden.clean() + " of " + ridden.runs(),
                "last", PaperService.DATE.format(ridden.lastOn()));
    }

    /** What the letters in the lane mean, of those that stand there. */
    private static String letters(ProgressResponse of) {
        return of.days().stream()
                .flatMap(d -> d.runs().stream())
                .flatMap(r -> r.faults().stream())
                .collect(Collectors.toCollection(TreeSet::new))
                .stream()
                .map(f -> f.letter() + " " + f.label())
                .collect(Collectors.joining(", "));
    }
}
