package wrenlane.server.paper;

import java.util.ArrayList;
import java.util.List;
import wrenlane.course.NestedCourse;
import wrenlane.units.LengthFormat;
import wrenlane.units.LengthSystem;

/** Settings that stand, in words for paper. */
final class SettingText {
    private SettingText() {}

    /** All of them, the widest first, each with its letter where there are several. */
    static String all(List<Double> metres, LengthSystem system) {
        if (metres.size() == 1) {
            return LengthFormat.of(metres.get(0), system);
        }
        List<String> each = new ArrayList<>();
        for (int i = 0; i < metres.size(); i++) {
            each.add(NestedCourse.letter(i) + " " + LengthFormat.of(metres.get(i), system));
        }
        return String.join(" · ", each);
    }
}
