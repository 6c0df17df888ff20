package wrenlane.run;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Reads the outcome of a run as people write it: {@code clean}, or faults by their letter, their name or their label, parted by
 * commas, semicolons, plus signs or slashes; any case. Letters alone may stand side by side: {@code L F}, {@code LF}. How often
 * a fault was seen in a timed ride stands behind it: {@code line crossed x3}; once where nothing stands there.
 */
public final class OutcomeText {
    /** What stands for a clean run. */
    private static final Set<String> CLEAN = Set.of("clean", "ok", "none", "0");

    private static final Map<String, Fault> NAMED = Arrays.stream(Fault.values())
            .flatMap(f -> Stream.of(f.label(), f.name(), String.valueOf(f.letter()))
                    .map(word -> Map.entry(word.toLowerCase(Locale.ROOT), f)))
            .distinct()
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    private static final Pattern TIMES = Pattern.compile("(.*?)\\s*[x\u00d7]\\s*(\\d{1,3})");

    private OutcomeText() {}

    /** As it would be read again: {@code clean}, or labels parted by commas. */
    public static String of(Set<Fault> faults) {
        return faults.isEmpty()
                ? "clean"
                : faults.stream().sorted().map(Fault::label).collect(Collectors.joining(", "));
    }

    /** The same of a timed ride, with how often each was seen. */
    public static String of(Map<Fault, Integer> counted) {
        return counted.isEmpty()
                ? "clean"
                : counted.entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(e -> e.getKey().label() + (e.getValue() == 1 ? "" : " x" + e.getValue()))
                        .collect(Collectors.joining(", "));
    }

    /** How often each fault of a timed ride was seen; empty where a word is not understood. */
    public static Optional<Map<Fault, Integer>> counted(String text) {
        Map<Fault, Integer> counted = new EnumMap<>(Fault.class);
        for (String part : text.split("[,;+/]")) {
            Matcher times = TIMES.matcher(part.strip());
            Optional<Set<Fault>> read = read(times.matches() ? times.group(1) : part);
            if (read.isEmpty()) {
                return Optional.empty();
            }
            int often = times.matches() ? Integer.parseInt(times.group(2)) : 1;
            read.get().forEach(fault -> counted.merge(fault, often, Integer::sum));
        }
        return Optional.of(counted);
    }

    /** The faults, none for a clean run; empty where a word is not understood, and where nothing is said. */
    public static Optional<Set<Fault>> read(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (CLEAN.contains(plain)) {
            return Optional.of(Set.of());
        }
        Set<Fault> faults = EnumSet.noneOf(Fault.class);
        for (String part : plain.split("[,;+/]")) {
            String word = part.strip().replaceAll("\\s+", " ");
            Optional<Set<Fault>> read = NAMED.containsKey(word) ? Optional.of(Set.of(NAMED.get(word))) : letters(word);
            if (read.isEmpty()) {
                return Optional.empty();
            }
            faults.addAll(read.get());
        }
        return Optional.of(faults);
    }

    private static Optional<Set<Fault>> letters(String word) {
        Set<Fault> faults = EnumSet.noneOf(Fault.class);
        for (String letter : word.replace(" ", "").split("")) {
            if (!NAMED.containsKey(letter)) {
                return Optional.empty();
            }
            faults.add(NAMED.get(letter));
        }
        return Optional.of(faults);
    }
}
