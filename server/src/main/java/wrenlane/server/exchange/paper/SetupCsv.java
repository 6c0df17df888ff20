package wrenlane.server.exchange.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wrenlane.plane.Point;
import wrenlane.setup.SetupSheet;
import wrenlane.setup.SetupStep;
import wrenlane.setup.TwoTapes;

/** A setup sheet as CSV (RFC 4180), lengths in metres; the marks of the two tapes come first. */
final class SetupCsv {
    private static final String[] HEAD = {
        "label", "sort", "role", "walking_order", "along_m", "across_m", "error_m", "from_p_m", "from_q_m"
    };

    private SetupCsv() {}

    static String of(SetupSheet sheet) {
        TwoTapes tapes = TwoTapes.of(sheet);
        List<Integer> walked = sheet.walk().order();
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter out =
                new CSVPrinter(csv, CSVFormat.RFC4180.builder().setHeader(HEAD).get())) {
            mark(out, "P", tapes.first());
            mark(out, "Q", tapes.second());
            for (int i = 0; i < sheet.steps().size(); i++) {
                SetupStep s = sheet.steps().get(i);
                TwoTapes.Crossing t = tapes.steps().get(i);
                out.printRecord(
                        s.cone().label(),
                        s.cone().marker().name(),
                        s.cone().role().name().toLowerCase(Locale.ROOT),
                        1 + walked.indexOf(i),
                        metres(s.alongMetres()),
                        metres(s.acrossMetres()),
                        metres(s.errorMetres()),
                        metres(t.firstMetres()),
                        metres(t.secondMetres()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private static void mark(CSVPrinter out, String label, Point at) throws IOException {
        out.printRecord(label, "chalk mark", "", "", metres(at.x()), metres(at.y()), "", "", "");
    }

    private static String metres(double m) {
        return String.format(Locale.ROOT, "%.4f", m + 0.0);
    }
}
