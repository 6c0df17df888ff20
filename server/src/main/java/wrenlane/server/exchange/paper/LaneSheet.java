package wrenlane.server.exchange.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.run.RunSort;
import wrenlane.server.progress.EstimateJson;
import wrenlane.server.progress.ProgressResponse;
import wrenlane.server.progress.ProgressResponse.ProgressDay;
import wrenlane.server.progress.ProgressResponse.ShownRun;
import wrenlane.server.progress.RiderSizes;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.SizeLadder;

/**
 * The two-sided lane on paper: left turns to the left of the middle, right turns to the right, time downwards. A run stands as
 * far out as its setting, so that the lane narrows as the rider improves. Its words are words of the page, set over it.
 *
 * @param widthMillimetres on the page
 * @param heightMillimetres on the page
 * @param lines each {@code points} of a polyline, with its {@code sort}: {@code tick}, {@code day}, {@code kerb}, {@code size},
 *     {@code estimate} or {@code clean}
 * @param areas each {@code points} of a polygon with its {@code sort}: {@code kerb} or {@code band}
 * @param rings each {@code x} and {@code y} of a fault
 * @param lessonsLeftOut older ones than what finds room
 */
record LaneSheet(
        String widthMillimetres,
        String heightMillimetres,
        List<Map<String, String>> lines,
        List<Map<String, String>> areas,
        List<Map<String, String>> rings,
        List<PaperDrawing.Word> words,
        int lessonsLeftOut) {
    /** Most runs that find room; lessons before are left out. */
    static final int MOST_RUNS = 80;

    private static final double TOP = 12;
    private static final double BOTTOM = 3;

    /** Half of what the dates take in the middle. */
    private static final double HALF_KERB = 14;

    private static final double SIDE = 6;

    /** Ticks stand no closer, so that what is said of them finds room. */
    private static final double LEAST_TICK = 11;

    private static final double PER_RUN = 1.8;
    private static final double BETWEEN_DAYS = 4;
    private static final double HALF_STROKE = 0.7;
    private static final double HALF_STEP = 1;

    /** Least height of the lane, so that few runs are not drawn out of all proportion. */
    private static final double LEAST = 40;

    /** Beside a fault its next stands so far out. */
    private static final double BESIDE = 3.4;

    /** From the middle of a word to the foot of the line it is set in. */
    private static final double HALF_LINE = 2;

    /**
     * The lane of a rider; empty where there is nothing to draw it for.
     *
     * @param progress computed for a machine
     */
    static Optional<LaneSheet> of(ProgressResponse progress, Paper paper, LengthSystem system) {
        if (progress.subject().straight()) {
            return Optional.empty();
        }
        RiderSizes riderSizes = progress.riderSizes();
        List<ProgressDay> all = progress.days().stream()
                .filter(d -> d.runs().stream().anyMatch(LaneSheet::isDrawn))
                .toList();
        if (riderSizes == null || all.isEmpty()) {
            return Optional.empty();
        }
        int first = all.size() - 1;
        int runs = count(all.get(first));
        while (first > 0 && runs + count(all.get(first - 1)) <= MOST_RUNS) {
            first--;
            runs += count(all.get(first));
        }
        return Optional.of(
                new Layout(all.subList(first, all.size()), riderSizes, paper.drawingWidthMillimetres(), system)
                        .sheet(first));
    }

    private static boolean isDrawn(ShownRun run) {
        return run.sort() == RunSort.RUN;
    }

    private static int count(ProgressDay day) {
        return (int) day.runs().stream().filter(LaneSheet::isDrawn).count();
    }

    /** Where everything stands, in millimetres from the upper left corner. */
    private static final class Layout {
        private final List<ProgressDay> days;
        private final RiderSizes riderSizes;
        private final double width;
        private final double height;
        private final LengthSystem system;
        private final double least;
        private final double perMetre;
        private final List<Map<String, String>> lines = new ArrayList<>();
        private final List<Map<String, String>> areas = new ArrayList<>();
        private final List<Map<String, String>> rings = new ArrayList<>();
        private final List<PaperDrawing.Word> words = new ArrayList<>();

        /** Middle of each day. */
        private final List<Double> middles = new ArrayList<>();

        Layout(List<ProgressDay> days, RiderSizes riderSizes, double width, LengthSystem system) {
            this.days = days;
            this.riderSizes = riderSizes;
            this.width = width;
            this.system = system;
            int runs = days.stream().mapToInt(LaneSheet::count).sum();
            this.height = TOP + Math.max(LEAST, runs * PER_RUN + days.size() * BETWEEN_DAYS) + BOTTOM;
            List<Double> shown = shown().toList();
            double widest = shown.stream().mapToDouble(m -> m).max().orElseThrow();
            this.least = shown.stream().mapToDouble(m -> m).min().orElseThrow();
            this.perMetre = (width / 2 - HALF_KERB - SIDE) / Math.max(0.001, widest - least);
        }

        private Stream<Double> shown() {
            return Stream.of(
                            days.stream()
                                    .flatMap(d -> d.runs().stream())
                                    .filter(LaneSheet::isDrawn)
                                    .map(ShownRun::settingMetres),
                            riderSizes.ladder().sizes().stream().map(SizeLadder.SizeStep::settingMetres),
                            days.stream()
                                    .flatMap(d -> Stream.of(Side.values()).map(side -> estimate(d, side)))
                                    .flatMap(Optional::stream)
                                    .flatMap(e -> Stream.of(e.low(), e.high())),
                            Stream.of(Side.values()).map(this::limit).flatMap(Optional::stream))
                    .flatMap(s -> s);
        }

        private Optional<Double> limit(Side side) {
            return Optional.ofNullable(
                    side == Side.LEFT ? riderSizes.limitLeftMetres() : riderSizes.limitRightMetres());
        }

        private double x(Side side, double metres) {
            double out = HALF_KERB + (metres - least) * perMetre;
            return side == Side.LEFT ? width / 2 - out : width / 2 + out;
        }

        LaneSheet sheet(int lessonsLeftOut) {
            ticks();
            kerb();
            runs();
            for (Side side : Side.values()) {
                estimates(side);
            }
            return new LaneSheet(
                    PaperDrawing.millimetres(width),
                    PaperDrawing.millimetres(height),
                    lines,
                    areas,
                    rings,
                    words,
                    lessonsLeftOut);
        }

        private double bottom() {
            return height - BOTTOM;
        }

        private void ticks() {
            double widest = (width / 2 - HALF_KERB - SIDE) / perMetre + least;
            for (Side side : Side.values()) {
                word(side.word() + " turns", side == Side.LEFT ? SIDE + 6 : width - SIDE - 6, 3.5);
                double unit = system == LengthSystem.METRIC ? 1 : LengthParser.METRES_PER_FOOT;
                int step = (int) Math.ceil(LEAST_TICK / (perMetre * unit));
                for (int at = step * (int) Math.ceil(least / unit / step); at * unit <= widest; at += step) {
                    vertical("tick", x(side, at * unit), TOP, bottom());
                    word(at + (system == LengthSystem.METRIC ? " m" : " ft"), x(side, at * unit), TOP - 1.5);
                }
                for (SizeLadder.SizeStep size : riderSizes.ladder().sizes()) {
                    double x = x(side, size.settingMetres());
                    vertical("size", x, TOP - HALF_STEP, TOP + HALF_STEP);
                    vertical("size", x, bottom() - HALF_STEP, bottom() + HALF_STEP);
                }
            }
        }

        private void kerb() {
            double left = x(Side.LEFT, limit(Side.LEFT).orElse(least));
            double right = x(Side.RIGHT, limit(Side.RIGHT).orElse(least));
            area("kerb", List.of(at(left, TOP), at(right, TOP), at(right, bottom()), at(left, bottom())));
            vertical("kerb", left, TOP, bottom());
            vertical("kerb", right, TOP, bottom());
        }

        private void runs() {
            int runs = days.stream().mapToInt(LaneSheet::count).sum();
            double perRun = (bottom() - TOP - days.size() * BETWEEN_DAYS) / runs;
            double y = TOP;
            for (ProgressDay day : days) {
                if (y > TOP) {
                    line("day", List.of(at(0, y), at(width, y)));
                }
                double from = y;
                y += BETWEEN_DAYS / 2;
                for (ShownRun run :
                        day.runs().stream().filter(LaneSheet::isDrawn).toList()) {
                    run(run, y + perRun / 2);
                    y += perRun;
                }
                y += BETWEEN_DAYS / 2;
                middles.add((from + y) / 2);
                word(PaperService.DATE.format(day.date()), width / 2, (from + y) / 2 + HALF_LINE);
            }
        }

        private void run(ShownRun run, double y) {
            Side side = Objects.requireNonNull(run.side(), "a kind that is drawn has sides");
            double x = x(side, run.settingMetres());
            if (run.faults().isEmpty()) {
                vertical("clean", x, y - HALF_STROKE, y + HALF_STROKE);
            }
            double out = side == Side.LEFT ? -BESIDE : BESIDE;
            for (int i = 0; i < run.faults().size(); i++) {
                rings.add(Map.of("x", PaperDrawing.millimetres(x + i * out), "y", PaperDrawing.millimetres(y)));
                word(String.valueOf(run.faults().get(i).letter()), x + i * out, y + HALF_LINE);
            }
        }

        /** In metres. */
        private record Estimate(double middle, double low, double high) {}

        private static Optional<Estimate> estimate(ProgressDay day, Side side) {
            @Nullable EstimateJson of = side == Side.LEFT ? day.left() : day.right();
            return of == null || of.metres() == null || of.lowMetres() == null || of.highMetres() == null
                    ? Optional.empty()
                    : Optional.of(new Estimate(of.metres(), of.lowMetres(), of.highMetres()));
        }

        /** Drawn from lesson to lesson. */
        private void estimates(Side side) {
            List<Integer> known = IntStream.range(0, days.size())
                    .filter(i -> estimate(days.get(i), side).isPresent())
                    .boxed()
                    .toList();
            if (known.isEmpty()) {
                return;
            }
            line("estimate", along(side, known, Estimate::middle));
            List<String> band = new ArrayList<>(along(side, known, Estimate::low));
            List<String> back = along(side, known, Estimate::high);
            IntStream.range(0, back.size()).forEach(i -> band.add(back.get(back.size() - 1 - i)));
            area("band", band);
        }

        private List<String> along(Side side, List<Integer> known, Function<Estimate, Double> value) {
            return known.stream()
                    .map(i -> at(x(side, value.apply(estimate(days.get(i), side).orElseThrow())), middles.get(i)))
                    .toList();
        }

        private static String at(double x, double y) {
            return PaperDrawing.millimetres(x) + "," + PaperDrawing.millimetres(y);
        }

        private void vertical(String sort, double x, double from, double to) {
            line(sort, List.of(at(x, from), at(x, to)));
        }

        private void line(String sort, List<String> points) {
            lines.add(drawn(sort, points));
        }

        private void area(String sort, List<String> points) {
            areas.add(drawn(sort, points));
        }

        private static Map<String, String> drawn(String sort, List<String> points) {
            return Map.of("sort", sort, "points", points.stream().collect(Collectors.joining(" ")));
        }

        /** Its middle on x, its foot on y. */
        private void word(String text, double x, double y) {
            words.add(PaperDrawing.Word.at(text, x, y));
        }
    }
}
