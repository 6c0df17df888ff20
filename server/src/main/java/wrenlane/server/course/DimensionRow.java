package wrenlane.server.course;

import wrenlane.server.platform.length.LengthJson;
import wrenlane.units.LengthMethod;

/** A row of the course_dimension table. */
record DimensionRow(String name, Double metres, Double uM, String method, String text) {
    static DimensionRow of(String name, LengthJson l) {
        return new DimensionRow(
                name, l.metres(), l.uncertaintyMetres(), l.method().name(), l.text());
    }

    LengthJson length() {
        return new LengthJson(metres, uM, LengthMethod.valueOf(method), text);
    }
}
