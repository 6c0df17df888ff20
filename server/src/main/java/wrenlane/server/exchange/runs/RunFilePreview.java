package wrenlane.server.exchange.runs;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * What a table of runs would bring in.
 *
 * @param headings of its columns
 * @param columns which of them says what
 * @param lines with something on them
 * @param adds runs that would be added
 * @param already runs that came in before
 * @param newDays dates that a day would be made for
 * @param findings what is wrong, line by line, the first of them; nothing comes in while there is any
 * @param more how many findings are left out
 */
record RunFilePreview(
        List<String> headings,
        Map<RunColumn, String> columns,
        int lines,
        int adds,
        int already,
        List<LocalDate> newDays,
        List<LineFinding> findings,
        int more) {
    /** Most findings told at once; chosen by us: nobody mends more before looking again. */
    static final int MOST_FINDINGS = 100;

    /**
     * Something that is wrong with a line.
     *
     * @param line counted from 1, the headings among them; 0 for the table as a whole
     */
    record LineFinding(long line, String message) {}
}
