package wrenlane.server.exchange.runs;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import wrenlane.server.platform.problem.RefusedException;

/**
 * A table read from CSV, whatever parts its columns: commas, semicolons or tabs. A byte-order mark is passed over, and so are
 * empty lines.
 *
 * @param headings of the first line
 * @param lines of cells, as many as there are headings or fewer
 */
record CsvTable(List<String> headings, List<Line> lines) {
    /** Most lines at once; chosen by us: some years of a school. */
    static final int MOST_LINES = 100_000;

    /** Most ends of lines; a line may hold some within quotation marks, and empty ones do not count. */
    private static final int MOST_ENDS = 3 * MOST_LINES;

    /** Most columns; chosen by us: several times what this app writes. */
    static final int MOST_COLUMNS = 200;

    /** Longest line, in characters; chosen by us: a note in full takes a third of it. */
    static final int LONGEST_LINE = 20_000;

    private static final String BYTE_ORDER_MARK = "\uFEFF";

    /** What spreadsheets would run as a formula is led by this in files this app writes. */
    private static final String GUARD = "'";

    /** What a formula begins with, also as full-width signs, which some spreadsheets take for the others. */
    private static final String FORMULA = "=+-@\uFF1D\uFF0B\uFF0D\uFF20";

    /**
     * One line.
     *
     * @param number in the file, counted from 1
     */
    record Line(long number, List<String> cells) {
        /** Empty where the line is shorter. */
        String cell(int column) {
            return column < cells.size() ? cells.get(column) : "";
        }
    }

    /**
     * Reads a table.
     *
     * @throws RefusedException where it is none, or has too many lines
     */
    static CsvTable read(String text) {
        String table = text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(table))
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        checkLengths(table);
        try (CSVParser parser = CSVParser.parse(new StringReader(table), format)) {
            List<String> headings = null;
            List<Line> lines = new ArrayList<>();
            for (CSVRecord read : parser) {
                checkColumns(read);
                List<String> cells = read.stream().map(CsvTable::unguarded).toList();
                if (headings == null) {
                    headings = cells;
                } else if (cells.stream().anyMatch(c -> !c.isEmpty())) {
                    if (lines.size() == MOST_LINES) {
                        throw tooManyLines();
                    }
                    lines.add(new Line(parser.getCurrentLineNumber(), cells));
                }
            }
            if (headings == null) {
                throw RefusedException.of("no-table", "text", "This file is empty. The first line names the columns.");
            }
            return new CsvTable(headings, List.copyOf(lines));
        } catch (IOException | UncheckedIOException | IllegalStateException e) {
            throw RefusedException.of(
                    "no-table", "text", "This file cannot be read as a table: look for a quotation mark left open.");
        }
    }

    /** Looks at lines as they stand, before any is taken apart: a long one of commas alone takes a minute. */
    private static void checkLengths(String table) {
        int length = 0;
        int ends = 0;
        for (int i = 0; i < table.length(); i++) {
            length = table.charAt(i) == '\n' || table.charAt(i) == '\r' ? 0 : length + 1;
            ends += table.charAt(i) == '\n' ? 1 : 0;
            if (ends > MOST_ENDS) {
                throw tooManyLines();
            }
            if (length > LONGEST_LINE) {
                throw RefusedException.of(
                        "line-too-long", "text", "A line of this table has more than " + LONGEST_LINE + " characters.");
            }
        }
    }

    private static RefusedException tooManyLines() {
        return RefusedException.of("too-many-lines", "text", "A table has at most " + MOST_LINES + " lines. Split it.");
    }

    private static void checkColumns(CSVRecord read) {
        if (read.size() > MOST_COLUMNS) {
            throw RefusedException.of(
                    "too-many-columns",
                    "text",
                    "Line " + read.getRecordNumber() + " has " + read.size() + " columns: a table has at most "
                            + MOST_COLUMNS + ".");
        }
    }

    /** What parts the columns of the first line most often. */
    private static char delimiter(String table) {
        String first = table.lines().findFirst().orElse("");
        return Stream.of(',', ';', '\t')
                .max(Comparator.comparingLong(
                        d -> first.chars().filter(c -> c == d).count()))
                .orElseThrow();
    }

    /** Led so that no spreadsheet runs it as a formula. */
    static String guarded(String cell) {
        return cell.isEmpty() || cell.charAt(0) != '\t' && FORMULA.indexOf(cell.charAt(0)) < 0 ? cell : GUARD + cell;
    }

    private static String unguarded(String cell) {
        return cell.startsWith(GUARD) && cell.length() > 1 && FORMULA.indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }
}
