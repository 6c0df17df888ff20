package wrenlane.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A length as its words and figures stand, before anything is known of what they mean here.
 *
 * @param parts added up, at least one
 * @param wheel whether it says that a wheel measured it
 */
record TypedLength(List<Part> parts, boolean wheel) {
    TypedLength {
        parts = List.copyOf(parts);
    }

    /**
     * A number and its unit.
     *
     * @param number above zero or zero
     * @param digits how it was typed where it is a plain row of digits; else empty
     * @param unit missing where none is said
     */
    record Quantity(double number, String digits, Optional<LengthUnit> unit) {
        boolean isWhole() {
            return !digits.isEmpty();
        }

        /** The same in a unit. */
        Quantity in(Optional<LengthUnit> other) {
            return new Quantity(number, digits, other);
        }

        boolean is(LengthUnit some) {
            return unit.filter(u -> u == some).isPresent();
        }
    }

    /**
     * Quantities said in one breath: 23 ft 6 in.
     *
     * @param quantities at least one
     */
    record Part(List<Quantity> quantities) {
        Part {
            quantities = List.copyOf(quantities);
        }

        Quantity first() {
            return quantities.get(0);
        }

        Quantity last() {
            return quantities.get(quantities.size() - 1);
        }

        /** The part with the unit that follows from the one before: 23' 6 ends in inches, 7 m 20 in centimetres. */
        Part withUnits() {
            if (quantities.size() == 1 || last().unit().isPresent()) {
                return this;
            }
            List<Quantity> all = new ArrayList<>(quantities);
            all.set(all.size() - 1, last().in(impliedUnit()));
            return new Part(all);
        }

        private Optional<LengthUnit> impliedUnit() {
            Quantity before = quantities.get(quantities.size() - 2);
            if (before.is(LengthUnit.FOOT)) {
                return Optional.of(LengthUnit.INCH);
            }
            boolean isCentimetres =
                    before.is(LengthUnit.METRE) && last().digits().length() == 2;
            return isCentimetres ? Optional.of(LengthUnit.CENTIMETRE) : Optional.empty();
        }
    }

    /** The number that is all of it, with its unit or without. */
    Optional<Quantity> single() {
        return onlyPart().filter(part -> part.quantities().size() == 1).map(Part::first);
    }

    /** The same with a unit for each number that stands alone without one, if no number of the whole has one. */
    TypedLength withUnit(LengthUnit unit) {
        boolean bare = parts.stream()
                .allMatch(p -> p.quantities().size() == 1 && p.first().unit().isEmpty());
        return bare
                ? new TypedLength(
                        parts.stream()
                                .map(p -> new Part(List.of(p.first().in(Optional.of(unit)))))
                                .toList(),
                        wheel)
                : this;
    }

    /** Two numbers side by side, where it is not said what stands between them: 23 6, 7 20 m, 7 m 5. */
    Optional<Part> twoNumbers() {
        return onlyPart()
                .filter(part -> part.quantities().size() == 2)
                .filter(part -> part.first().unit().isEmpty()
                        || (part.first().is(LengthUnit.METRE)
                                && part.withUnits().last().unit().isEmpty()));
    }

    private Optional<Part> onlyPart() {
        return parts.size() == 1 ? Optional.of(parts.get(0)) : Optional.empty();
    }
}
