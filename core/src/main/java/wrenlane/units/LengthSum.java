package wrenlane.units;

import java.util.List;
import java.util.Optional;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.units.TypedLength.Part;
import wrenlane.units.TypedLength.Quantity;

/** Adds up the quantities of a typed length, once every one of them has a unit of fixed length. */
final class LengthSum {
    /** Twelve inches are a foot, whatever binary rounding makes of them. */
    private static final double ROUNDING = 1e-9;

    private LengthSum() {}

    /** Why a length cannot be added up; empty where it can. */
    static Optional<Finding> check(TypedLength typed) {
        return typed.parts().stream()
                .map(Part::withUnits)
                .flatMap(part -> check(part).stream())
                .findFirst();
    }

    /**
     * The length, in metres, with the uncertainties of its parts, which are independent: u = √(u₁² + u₂² + …).
     *
     * @param method it was measured by
     */
    static MeasuredLength of(TypedLength typed, LengthMethod method) {
        double metres = 0;
        double uncertaintyMetres = 0;
        for (Part part : typed.parts()) {
            double one = metres(part.withUnits());
            metres += one;
            uncertaintyMetres = Math.hypot(uncertaintyMetres, method.uncertaintyMetres(one));
        }
        return new MeasuredLength(metres, uncertaintyMetres, method);
    }

    /** The length, in metres, also where it is zero or longer than any length here. */
    static double metres(TypedLength typed) {
        return typed.parts().stream()
                .mapToDouble(part -> metres(part.withUnits()))
                .sum();
    }

    private static double metres(Part part) {
        return part.quantities().stream()
                .mapToDouble(q -> q.number() * q.unit().orElseThrow().metres())
                .sum();
    }

    private static Optional<Finding> check(Part part) {
        List<Quantity> all = part.quantities();
        if (all.stream().anyMatch(q -> q.unit().filter(u -> !u.isCounted()).isEmpty())) {
            return Optional.of(
                    finding("length-unit-missing", "Give every number a unit of its own, such as m, cm, ft or in."));
        }
        for (int i = 1; i < all.size(); i++) {
            Optional<Finding> wrong = check(all.get(i - 1), all.get(i));
            if (wrong.isPresent()) {
                return wrong;
            }
        }
        return Optional.empty();
    }

    private static Optional<Finding> check(Quantity before, Quantity after) {
        LengthUnit larger = before.unit().orElseThrow();
        LengthUnit smaller = after.unit().orElseThrow();
        double most = larger.metres() / smaller.metres();
        if (larger.family() != smaller.family() || most <= 1 || !before.isWhole()) {
            return Optional.of(finding(
                    "length-not-understood",
                    "Say whole numbers of the larger unit first, such as %s or %s.",
                    "7 m 20 cm",
                    "23' 6\""));
        }
        if (after.number() < most - ROUNDING) {
            return Optional.empty();
        }
        return Optional.of(
                smaller == LengthUnit.INCH && larger == LengthUnit.FOOT
                        ? finding("inches-too-many", "There are 12 inches in a foot: say the inches below 12.")
                        : finding(
                                "part-too-large",
                                "%s %s make %s or more. Say fewer.",
                                new Sentence.Number(NumberText.write(after.number(), DecimalSign.POINT)),
                                smaller.symbol(),
                                "1 " + larger.symbol()));
    }

    private static Finding finding(String code, String format, Object... arguments) {
        return new Finding(code, "length", Sentence.of(format, arguments));
    }
}
