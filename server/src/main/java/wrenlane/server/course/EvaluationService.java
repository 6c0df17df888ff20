package wrenlane.server.course;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.CourseStart;
import wrenlane.course.Point;
import wrenlane.course.UTurnBox;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.Ladder;
import wrenlane.rideline.LinePoint;
import wrenlane.rideline.SweptBand;
import wrenlane.rideline.UTurnBoxFit;
import wrenlane.rideline.UTurnBoxFit.BoxUncertainty;
import wrenlane.rideline.UTurnNeed;
import wrenlane.rider.RiderLevel;
import wrenlane.server.course.EvaluationResponse.DrawnLine;
import wrenlane.server.course.EvaluationResponse.PairFit;
import wrenlane.server.machine.MachineService;
import wrenlane.server.yard.YardService;
import wrenlane.yard.Caution;

/** Reckons a course for machines and riders. */
@Service
class EvaluationService {
    /** Every third point of the 2 cm line is drawn: finer than a pen stroke on any screen. */
    private static final int DRAWN_EVERY = 3;

    /** Needs kept: more than every rider of a large day to both sides, rolling and from a stop. */
    private static final int NEEDS_KEPT = 1000;

    /** What a need is reckoned from; while a dimension is dragged it stays the same. */
    private record NeedOf(CourseStart start, MachineTurn turn, Side side, RiderLevel level) {}

    private final Cache<NeedOf, UTurnNeed> needs =
            Caffeine.newBuilder().maximumSize(NEEDS_KEPT).build();

    private final MachineService machines;
    private final YardService yards;

    EvaluationService(MachineService machines, YardService yards) {
        this.machines = machines;
        this.yards = yards;
    }

    EvaluationResponse evaluate(EvaluationRequest request) {
        UTurnBox box = request.course().box();
        Map<Long, MachineTurn> turns = machines.turns(request.pairs().stream()
                .map(EvaluationRequest.Pair::machineId)
                .distinct()
                .toList());
        List<PairFit> pairs = request.pairs().stream()
                .map(p -> fit(box, request, p, turn(turns, p)))
                .toList();
        EvaluationRequest.Pair first =
                request.pairs().isEmpty() ? null : request.pairs().get(0);
        return new EvaluationResponse(
                box.cones(),
                box.lines(),
                box.turnSide(),
                pairs,
                first == null ? null : drawn(box, request, first, turn(turns, first)),
                first == null ? null : Ladder.of(turn(turns, first).uTurnLimitBothSidesMetres(), UTurnBox.WIDTH),
                cautions(box, request.yardId()));
    }

    private static MachineTurn turn(Map<Long, MachineTurn> turns, EvaluationRequest.Pair pair) {
        MachineTurn turn = turns.get(pair.machineId());
        if (turn == null) {
            throw new IllegalStateException("machine " + pair.machineId() + " was not read");
        }
        return turn;
    }

    private PairFit fit(UTurnBox box, EvaluationRequest request, EvaluationRequest.Pair pair, MachineTurn turn) {
        BoxUncertainty measured = request.course().uncertainty();
        return new PairFit(
                pair.machineId(),
                FitJson.of(UTurnBoxFit.of(box, measured, need(box, turn, pair, box.turnSide()))),
                FitJson.of(UTurnBoxFit.of(
                        box.mirrored(),
                        measured,
                        need(box, turn, pair, box.turnSide().opposite()))));
    }

    private UTurnNeed need(UTurnBox box, MachineTurn turn, EvaluationRequest.Pair pair, Side side) {
        return needs.get(
                new NeedOf(box.start(), turn, side, pair.level()),
                of -> UTurnNeed.of(of.start(), of.turn(), of.side(), of.level().limits()));
    }

    private DrawnLine drawn(UTurnBox box, EvaluationRequest request, EvaluationRequest.Pair pair, MachineTurn turn) {
        UTurnBoxFit fit = UTurnBoxFit.of(
                box, request.course().uncertainty(), turn, pair.level().limits(), box.turnSide());
        List<LinePoint> all = fit.line();
        List<LinePoint> line = IntStream.range(0, all.size())
                .filter(i -> i % DRAWN_EVERY == 0 || i == all.size() - 1)
                .mapToObj(all::get)
                .toList();
        SweptBand band = SweptBand.of(line, turn.machine().value(MachineDimension.WIDTH));
        List<Point> rear = line.stream().map(LinePoint::rear).toList();
        List<Point> front = line.stream().map(LinePoint::front).toList();
        return new DrawnLine(rear, front, band.left(), band.right());
    }

    private List<Caution> cautions(UTurnBox box, @Nullable Long yardId) {
        if (yardId == null) {
            return List.of();
        }
        return yards.get(yardId).yard().cautionsFor(box);
    }
}
