package wrenlane.server.exchange.paper;

import java.util.ArrayList;
import java.util.List;
import wrenlane.course.NestedCourse;
import wrenlane.units.Figures;

/** Settings that stand, in words for paper. */
final class SettingText {
    private SettingText() {}

    /** All of them, the widest first, each with its letter where there are several. */
    static String all(List<Double> metres, Figures figures) {
        if (metres.size() == 1) {
            return figures.length(metres.get(0));
        }
        List<String> each = new ArrayList<>();
        for (int i = 0; i < metres.size(); i++) {
            each.add(NestedCourse.letter(i) + " " + figures.length(metres.get(i)));
        }
        return String.join(" · ", each);
    }
}
