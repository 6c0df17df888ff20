package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Names of types, packages, paths and JSON fields keep to {@code docs/glossary.md}. */
class NamesTest {
    /** Prepositions, pronouns and adverbs. */
    private static final Set<String> PARTICLES = Set.of(
            "of", "in", "on", "at", "by", "for", "from", "to", "with", "without", "within", "into", "off", "out", "up",
            "down", "over", "under", "among", "beside", "between", "behind", "before", "after", "also", "then", "there",
            "here", "now", "away", "enough", "else", "until", "like", "what", "where", "who", "whose", "which",
            "whether", "that", "this", "it", "they", "me", "them", "himself", "likely", "so", "as");

    /** Participles without the endings of regular ones. */
    private static final Set<String> PARTICIPLES = Set.of(
            "kept",
            "said",
            "told",
            "untold",
            "read",
            "held",
            "laid",
            "met",
            "made",
            "gone",
            "seen",
            "shown",
            "drawn",
            "ridden",
            "given",
            "taken",
            "found",
            "understood",
            "swept",
            "worn",
            "known",
            "unknown",
            "begun",
            "left",
            "put",
            "set");

    /** Nouns that end like participles. */
    private static final Set<String> NOUNS = Set.of(
            "speed",
            "feed",
            "seed",
            "need",
            "bed",
            "ring",
            "string",
            "bracing",
            "tracing",
            "crossing",
            "marking",
            "setting",
            "reading",
            "drawing",
            "briefing",
            "heading",
            "scoring",
            "meaning",
            "teaching",
            "numbering",
            "timing",
            "warning",
            "spacing",
            "building",
            "rating",
            "finding",
            "coaching",
            "riding");

    /** Nouns of two words, the second a particle. */
    private static final Set<String> COMPOUNDS = Set.of("run out", "swing out", "sign in", "warm up");

    private static final Pattern WORD = Pattern.compile("[A-Z]+(?![a-z])|[A-Z][a-z0-9]*|[a-z0-9]+");

    /** A word in bold of the last column of the glossary's table. */
    private static final Pattern BANNED = Pattern.compile("\\*\\*([^*]+)\\*\\*");

    private static final List<JavaClass> TYPES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("wrenlane").stream()
                    .filter(t -> !t.isAnonymousClass() && !t.getSimpleName().isEmpty())
                    .toList();

    @Test
    void typeIsNamedWithNoun() {
        assertThat(TYPES.stream().filter(t -> !isNoun(t.getSimpleName())).map(JavaClass::getName))
                .isEmpty();
    }

    @Test
    void packageIsNamedWithNoun() {
        assertThat(TYPES.stream()
                        .map(JavaClass::getPackageName)
                        .distinct()
                        .filter(p -> Arrays.stream(p.split("\\.")).anyMatch(w -> !isNoun(w))))
                .isEmpty();
    }

    @Test
    void recognizesParticiplesAndParticles() {
        assertThat(Stream.of("Kept", "Asked", "OfDay", "KeptUntilStored", "RidesThere", "OnYard", "Reckoned", "Likely")
                        .filter(NamesTest::isNoun))
                .isEmpty();
        assertThat(Stream.of("BoundedCache", "StoredLesson", "ExtraRun", "SpeedBand", "CourseSetting", "UTurnBox")
                        .filter(n -> !isNoun(n)))
                .isEmpty();
    }

    @Test
    void nothingUsesWordTheGlossaryRejects() throws IOException {
        Set<String> banned = banned();
        JsonNode api = JsonMapper.shared().readTree(Path.of("openapi.json").toFile());
        Set<String> names = new HashSet<>();
        TYPES.stream().map(JavaClass::getSimpleName).forEach(names::add);
        api.get("paths").propertyNames().forEach(names::add);
        api.at("/components/schemas").forEachEntry((name, schema) -> {
            names.add(name);
            schema.path("properties").propertyNames().forEach(names::add);
        });
        assertThat(names.stream()
                        .filter(n -> banned.stream().anyMatch(b -> (" " + words(n) + " ").contains(" " + b + " "))))
                .isEmpty();
    }

    private static Set<String> banned() throws IOException {
        Set<String> all = new HashSet<>();
        for (String line : Files.readAllLines(Path.of("..", "docs", "glossary.md"))) {
            String[] cells = line.split("\\|");
            if (cells.length >= 5) {
                BANNED.matcher(cells[cells.length - 1])
                        .results()
                        .map(m -> m.group(1).toLowerCase(Locale.ROOT).replace('-', ' '))
                        .forEach(all::add);
            }
        }
        assertThat(all).contains("rung", "spell", "stands at");
        return all;
    }

    private static String words(String name) {
        return String.join(" ", split(name));
    }

    private static List<String> split(String name) {
        return WORD.matcher(name)
                .results()
                .map(MatchResult::group)
                .map(w -> w.toLowerCase(Locale.ROOT))
                .toList();
    }

    /** A name ends in a noun, and does not begin with a particle. */
    private static boolean isNoun(String name) {
        List<String> words = split(name);
        return COMPOUNDS.contains(String.join(" ", words))
                || !PARTICLES.contains(words.get(0)) && !isVerbForm(words.get(words.size() - 1));
    }

    private static boolean isVerbForm(String word) {
        return PARTICLES.contains(word)
                || PARTICIPLES.contains(word)
                || (word.endsWith("ed") || word.endsWith("ing")) && !NOUNS.contains(word);
    }
}
