package wrenlane.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wrenlane.finding.Sentence;
import wrenlane.units.LengthReading.Offer;
import wrenlane.units.LengthUnit.Family;
import wrenlane.units.TypedLength.Part;
import wrenlane.units.TypedLength.Quantity;

/** Texts that say without a doubt what a doubtful length could mean. */
final class LengthMeanings {
    private static final List<LengthUnit> METRIC =
            List.of(LengthUnit.CENTIMETRE, LengthUnit.MILLIMETRE, LengthUnit.METRE);
    private static final List<LengthUnit> IMPERIAL = List.of(LengthUnit.INCH, LengthUnit.FOOT);

    /** Lengths nearer than this are one, in metres; chosen by us: a tenth of what can be marked on a tape. */
    private static final double SAME_METRES = 1e-4;

    private LengthMeanings() {}

    /**
     * What two numbers side by side could mean: 23 6 could be feet and inches, metres and centimetres, or lack a decimal sign.
     *
     * @param figures of whoever reads
     */
    static List<String> between(Part part, Figures figures) {
        Quantity first = part.first();
        Quantity second = part.last();
        if (first.digits().isEmpty()) {
            return List.of();
        }
        String mark = String.valueOf(figures.sign().sign());
        Optional<LengthUnit> unit = first.unit().or(second::unit);
        Family own = figures.system() == LengthSystem.METRIC ? Family.METRIC : Family.IMPERIAL;
        Family family = unit.map(LengthUnit::family).orElse(own);
        String number = second.digits().isEmpty() ? NumberText.write(second.number(), figures.sign()) : second.digits();
        String feet = first.digits() + "' " + number + "\"";
        String joined = first.digits() + (second.digits().isEmpty() ? "" : mark + second.digits());
        String together = first.digits() + second.digits();
        return switch (family) {
            case COUNTED -> List.of(joined + " " + unit.orElseThrow().symbol());
            case IMPERIAL ->
                unit.isPresent()
                        ? List.of(
                                feet,
                                joined + " " + unit.get().symbol(),
                                together + " " + unit.get().symbol())
                        : List.of(feet, joined + " m");
            case METRIC ->
                unit.isPresent()
                        ? List.of(
                                joined + " " + unit.get().symbol(),
                                first.digits() + " m " + number + " cm",
                                together + " " + unit.get().symbol())
                        : List.of(joined + " m", feet, together + " cm", together + " mm");
        };
    }

    /** What a number with a unit could mean: the same number in another unit of its family. */
    static List<String> inOtherUnits(Quantity typed, Figures figures) {
        return said(typed.number(), units(typed.unit().orElseThrow().family()), figures);
    }

    /**
     * What a number without a unit could mean.
     *
     * @param alsoForeign whether in units of the other system too
     */
    static List<String> inAnyUnit(Quantity typed, Figures figures, boolean alsoForeign) {
        Family own = bare(figures).family();
        Family foreign = own == Family.METRIC ? Family.IMPERIAL : Family.METRIC;
        List<String> texts = new ArrayList<>(said(typed.number(), units(own), figures));
        if (alsoForeign) {
            texts.addAll(said(typed.number(), units(foreign), figures));
        }
        return texts;
    }

    private static List<LengthUnit> units(Family family) {
        return switch (family) {
            case METRIC -> METRIC;
            case IMPERIAL -> IMPERIAL;
            case COUNTED -> List.of();
        };
    }

    private static List<String> said(double number, List<LengthUnit> units, Figures figures) {
        return units.stream().map(unit -> said(number, unit, figures)).toList();
    }

    /** The unit of a number without one. */
    static LengthUnit bare(Figures figures) {
        return figures.system() == LengthSystem.METRIC ? LengthUnit.METRE : LengthUnit.FOOT;
    }

    /** A number with a unit, as whoever reads writes it. */
    static String said(double number, LengthUnit unit, Figures figures) {
        return NumberText.write(number, figures.sign()) + " " + unit.symbol();
    }

    /** The first of those that say the same length. */
    static List<Offer> distinct(List<Offer> offers) {
        List<Offer> distinct = new ArrayList<>();
        for (Offer offer : offers) {
            double metres = offer.length().metres();
            if (distinct.stream().noneMatch(o -> Math.abs(o.length().metres() - metres) < SAME_METRES)) {
                distinct.add(offer);
            }
        }
        return distinct;
    }

    /** The offers in words: "7.20 m, 23' 6" or 720 cm". */
    static String listed(List<Offer> offers) {
        List<String> texts = offers.stream().map(Offer::text).toList();
        int last = texts.size() - 1;
        return last < 1 ? Sentence.listed(texts) : String.join(", ", texts.subList(0, last)) + " or " + texts.get(last);
    }
}
