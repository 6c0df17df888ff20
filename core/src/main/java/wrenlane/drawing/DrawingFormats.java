package wrenlane.drawing;

import java.util.List;
import java.util.Optional;

/** Every format a drawing can be written in, in the order they are offered. */
public final class DrawingFormats {
    private static final List<DrawingFormat> ALL = List.of(new Svg(), new Dxf());

    private DrawingFormats() {}

    public static List<DrawingFormat> all() {
        return ALL;
    }

    /** The format of an id, if there is one. */
    public static Optional<DrawingFormat> find(String id) {
        return ALL.stream().filter(format -> format.id().equals(id)).findFirst();
    }
}
