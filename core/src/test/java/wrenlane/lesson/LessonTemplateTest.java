package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wrenlane.finding.Finding;

class LessonTemplateTest {
    private static List<String> stations(LessonTemplate template, LessonBrief brief) {
        return template.draft(brief).wishes().stream().map(Wish::station).toList();
    }

    /** Of a weave, a box and an eight, the weave is the easiest and the eight the hardest. */
    @Test
    void eachHasItsOwnOrder() {
        LessonBrief brief = Briefs.usual(4);
        List<String> byHardness = brief.stations().stream()
                .filter(s -> !s.id().equals(Station.OPEN))
                .sorted(java.util.Comparator.comparingInt(Station::hardness))
                .map(Station::id)
                .toList();
        assertThat(stations(LessonTemplate.FIRST, brief))
                .containsExactly(Station.OPEN, byHardness.get(0), Station.OPEN);
        assertThat(stations(LessonTemplate.SECOND, brief))
                .containsExactlyElementsOf(Stream.concat(
                                Stream.of(Station.OPEN), byHardness.stream().limit(3))
                        .toList());
        assertThat(stations(LessonTemplate.ONE_TO_ONE, brief)).hasSize(2).isSubsetOf(byHardness);
        assertThat(stations(LessonTemplate.GROUP, brief)).isEmpty();
        assertThat(LessonTemplate.ONE_TO_ONE.draft(Briefs.usual(1)).minutes()).isEqualTo(60);
    }

    @ParameterizedTest
    @EnumSource
    void isLongEnoughForEverybodyAndBreaksNothing(LessonTemplate template) {
        for (long seed = 0; seed < 60; seed++) {
            LessonBrief brief = Briefs.random(seed);
            LessonTemplate.Draft draft = template.draft(brief);
            Lesson lesson = LessonPlanner.plan(brief.with(draft.minutes(), draft.wishes()));
            assertThat(draft.minutes()).isLessThanOrEqualTo(LessonBrief.LONGEST);
            if (draft.minutes() < LessonBrief.LONGEST) {
                assertThat(lesson.findings()).extracting(Finding::code).doesNotContain("too-short", "unequal", "sides");
            }
        }
    }

    @Test
    void withoutACourseThePlannerChooses() {
        LessonBrief brief = Briefs.usual(3);
        LessonBrief open = new LessonBrief(
                brief.minutes(),
                brief.riders(),
                brief.stations().stream()
                        .filter(s -> s.id().equals(Station.OPEN))
                        .toList(),
                brief.areas(),
                brief.helpers(),
                brief.weather(),
                List.of());
        assertThat(stations(LessonTemplate.FIRST, open)).isEmpty();
        assertThat(stations(LessonTemplate.SECOND, open)).containsExactly(Station.OPEN);
    }
}
