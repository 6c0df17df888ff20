package wrenlane.server.yard;

import org.jspecify.annotations.Nullable;
import wrenlane.server.length.CalibrationJson;
import wrenlane.server.length.LengthJson;
import wrenlane.units.LengthMethod;
import wrenlane.yard.Surface;
import wrenlane.yard.Yard;

/** A row of the yard table, columns in their order. */
record YardRow(
        @Nullable Long id,
        String name,
        Double lengthM,
        Double lengthUM,
        String lengthMethod,
        String lengthText,
        Double widthM,
        Double widthUM,
        String widthMethod,
        String widthText,
        String surface,
        Double fallPercent,
        String notes,
        @Nullable Double paceCount,
        @Nullable Double paceTapedM,
        @Nullable Double paceTapedUM,
        @Nullable String paceTapedMethod,
        @Nullable String paceTapedText,
        @Nullable Double bayCount,
        @Nullable Double bayTapedM,
        @Nullable Double bayTapedUM,
        @Nullable String bayTapedMethod,
        @Nullable String bayTapedText) {

    static YardRow of(@Nullable Long id, YardRequest y) {
        CalibrationJson p = y.pace();
        CalibrationJson b = y.bay();
        return new YardRow(
                id,
                y.name().strip(),
                y.length().metres(),
                y.length().uncertaintyMetres(),
                y.length().method().name(),
                y.length().text(),
                y.width().metres(),
                y.width().uncertaintyMetres(),
                y.width().method().name(),
                y.width().text(),
                y.surface().name(),
                y.fallPercent(),
                y.notes(),
                p == null ? null : p.count(),
                p == null ? null : p.taped().metres(),
                p == null ? null : p.taped().uncertaintyMetres(),
                p == null ? null : p.taped().method().name(),
                p == null ? null : p.taped().text(),
                b == null ? null : b.count(),
                b == null ? null : b.taped().metres(),
                b == null ? null : b.taped().uncertaintyMetres(),
                b == null ? null : b.taped().method().name(),
                b == null ? null : b.taped().text());
    }

    YardResponse response() {
        LengthJson length = length(lengthM, lengthUM, lengthMethod, lengthText);
        LengthJson width = length(widthM, widthUM, widthMethod, widthText);
        Surface ground = Surface.valueOf(surface);
        Yard yard = new Yard(length.measured("length"), width.measured("width"), ground, fallPercent);
        return new YardResponse(
                id == null ? 0 : id,
                name,
                length,
                width,
                ground,
                fallPercent,
                notes,
                calibration(paceCount, paceTapedM, paceTapedUM, paceTapedMethod, paceTapedText),
                calibration(bayCount, bayTapedM, bayTapedUM, bayTapedMethod, bayTapedText),
                yard.cautions());
    }

    private static LengthJson length(double metres, double uncertainty, String method, String text) {
        return new LengthJson(metres, uncertainty, LengthMethod.valueOf(method), text);
    }

    private static @Nullable CalibrationJson calibration(
            @Nullable Double count,
            @Nullable Double metres,
            @Nullable Double uncertainty,
            @Nullable String method,
            @Nullable String text) {
        return count == null || metres == null || uncertainty == null || method == null || text == null
                ? null
                : new CalibrationJson(count, length(metres, uncertainty, method, text));
    }
}
