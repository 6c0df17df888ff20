package wrenlane.server.exchange.runs;

import jakarta.validation.constraints.NotNull;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.units.LengthSystem;

/**
 * A table of runs, and how it is to be read.
 *
 * @param text of the file
 * @param dates how dates are written that do not begin with the year
 * @param lengths what a setting without a unit is in: metres or feet
 * @param columns the heading of the column that says each thing; where it is missing, columns are taken by their names
 */
record RunFileRequest(
        @NotNull String text,
        @NotNull DateOrder dates,
        @NotNull LengthSystem lengths,
        @Nullable Map<RunColumn, @NotNull String> columns) {}
