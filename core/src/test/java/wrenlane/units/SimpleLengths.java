package wrenlane.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A second reading of lengths, by one pattern for each spelling and nothing shared with the parser: what cannot be told at a
 * glance is not read at all.
 */
final class SimpleLengths {
    private static final Map<String, Double> METRES = Map.ofEntries(
            Map.entry("m", 1.0),
            Map.entry("cm", 0.01),
            Map.entry("mm", 0.001),
            Map.entry("yd", 0.9144),
            Map.entry("yards", 0.9144),
            Map.entry("ft", 0.3048),
            Map.entry("'", 0.3048),
            Map.entry("in", 0.0254),
            Map.entry("\"", 0.0254));
    private static final List<List<String>> DESCENDING = List.of(
            List.of("m", "cm", "mm"), List.of("yd", "ft", "in"), List.of("yards", "ft", "in"), List.of("'", "\""));
    private static final String NUMBER =
            "(?:\\d+(?: ?- ?| and | )\\d/\\d|\\d/\\d|\\d+ and a half|[1-9]\\d{0,2}(?:,\\d{3})+\\.\\d+|"
                    + "[1-9]\\d{0,2}(?:\\.\\d{3})+,\\d+|[1-9]\\d{0,2}(?:,\\d{3}){2,}|[1-9]\\d{0,2}(?:\\.\\d{3}){2,}|\\d*[.,]\\d+|\\d+)";
    private static final Pattern QUANTITY =
            Pattern.compile("\\s*(?:-|,|and)?\\s*(" + NUMBER + ")\\s*(yards|yd|cm|mm|m|ft|in|'|\"|)");

    private SimpleLengths() {}

    /**
     * A length in metres; empty where this reading has none.
     *
     * @param decimal point or comma
     */
    static OptionalDouble read(String text, LengthSystem bare, char decimal) {
        double metres = 0;
        String plain = text.replace("½", " 1/2")
                .replace("¾", " 3/4")
                .replace("２", "2")
                .replace("７", "7")
                .replaceAll(" +", " ")
                .strip();
        boolean unitless = plain.replaceAll(" and (a half)?", " ").matches("[^a-z'\"]+");
        for (String part : plain.split("\\+", -1)) {
            OptionalDouble one =
                    part(part.strip(), unitless ? (bare == LengthSystem.METRIC ? "m" : "ft") : "", decimal);
            if (one.isEmpty()) {
                return one;
            }
            metres += one.getAsDouble();
        }
        return OptionalDouble.of(metres);
    }

    private static OptionalDouble part(String part, String unit, char decimal) {
        List<String> units = new ArrayList<>();
        List<String> numbers = new ArrayList<>();
        Matcher m = QUANTITY.matcher(part);
        int at = 0;
        while (at < part.length() && m.find(at) && m.start() == at) {
            numbers.add(m.group(1));
            units.add(m.group(2).isEmpty() ? unit : m.group(2));
            at = m.end();
        }
        if (at < part.length() || part.isEmpty() || !part.matches("[\\d.,].*")) {
            return OptionalDouble.empty();
        }
        int last = units.size() - 1;
        if (last > 0 && units.get(last).isEmpty()) {
            String before = units.get(last - 1);
            boolean feet = before.equals("ft") || before.equals("'");
            boolean metres = before.equals("m") && numbers.get(last).matches("\\d\\d");
            units.set(last, feet ? (before.equals("'") ? "\"" : "in") : metres ? "cm" : "");
        }
        return units.size() == 1 || isDescending(units, numbers)
                ? sum(units, numbers, decimal)
                : OptionalDouble.empty();
    }

    private static boolean isDescending(List<String> units, List<String> numbers) {
        List<String> words = units.stream()
                .map(u -> u.equals("'") ? "ft" : u.equals("\"") ? "in" : u.equals("yards") ? "yd" : u)
                .toList();
        return numbers.subList(0, numbers.size() - 1).stream().allMatch(n -> n.matches("\\d+"))
                && DESCENDING.stream().anyMatch(order -> {
                    List<Integer> places = words.stream().map(order::indexOf).toList();
                    return places.stream().allMatch(p -> p >= 0)
                            && places.equals(places.stream().distinct().sorted().toList());
                });
    }

    private static OptionalDouble sum(List<String> units, List<String> numbers, char decimal) {
        double metres = 0;
        double larger = Double.POSITIVE_INFINITY;
        for (int i = 0; i < units.size(); i++) {
            Double unit = METRES.get(units.get(i));
            double number = number(numbers.get(i), decimal);
            if (unit == null || Double.isNaN(number) || number * unit > larger - 1e-9) {
                return OptionalDouble.empty();
            }
            metres += number * unit;
            larger = unit;
        }
        return OptionalDouble.of(metres);
    }

    private static double number(String text, char decimal) {
        if (text.endsWith(" and a half")) {
            return Double.parseDouble(text.split(" ")[0]) + 0.5;
        }
        if (text.contains("/")) {
            String[] parts = text.split(" ?- ?| and | ");
            String[] fraction = parts[parts.length - 1].split("/");
            double share = Double.parseDouble(fraction[0]) / Double.parseDouble(fraction[1]);
            return share < 1 ? share + (parts.length > 1 ? Double.parseDouble(parts[0]) : 0) : Double.NaN;
        }
        if (text.contains(",") && text.contains(".")) {
            char groups = text.indexOf(',') < text.indexOf('.') ? ',' : '.';
            return Double.parseDouble(text.replace(String.valueOf(groups), "").replace(',', '.'));
        }
        if (text.replaceAll("\\d", "").length() > 1) {
            return Double.parseDouble(text.replaceAll("[.,]", ""));
        }
        boolean grouped = text.matches("[1-9]\\d{0,2}[.,]\\d{3}") && text.indexOf(decimal) < 0;
        return Double.parseDouble(grouped ? text.replaceAll("[.,]", "") : text.replace(',', '.'));
    }
}
