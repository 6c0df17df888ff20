package wrenlane.server.lesson;

import java.util.List;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonTemplate;
import wrenlane.server.lesson.LessonSettings.WishJson;

/**
 * A lesson to begin from.
 *
 * @param summary what it is, in one sentence
 * @param minutes long enough for everybody to ride
 * @param wishes stations in their order; empty where the planner chooses
 */
record TemplateJson(LessonTemplate template, String label, String summary, int minutes, List<WishJson> wishes) {
    static TemplateJson of(LessonTemplate template, LessonBrief brief) {
        LessonTemplate.Draft draft = template.draft(brief);
        return new TemplateJson(
                template,
                template.label(),
                template.summary(),
                draft.minutes(),
                draft.wishes().stream()
                        .map(w -> new WishJson(w.station(), w.minutes().orElse(null)))
                        .toList());
    }
}
