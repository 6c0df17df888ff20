package wrenlane.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wrenlane.server.fixture.OldDatabase;

/** Sizes and choices that earlier versions packed into one text mean the same now. */
class DayMigrationTest {
    @TempDir
    private Path folder;

    @Test
    void keepsSizesOfCourseAndChoicesOfTeaching() throws SQLException {
        OldDatabase old = new OldDatabase(folder);
        old.migrate(
                "30",
                "INSERT INTO course (id, name, kind, first_turn) VALUES (1, 'Box', 'u-turn-box', 'LEFT')",
                "INSERT INTO course (id, name, kind, first_turn) VALUES (2, 'Lane', 'lane', 'LEFT')",
                "INSERT INTO day (id, date, title) VALUES (1, '2026-05-14', 'A day')",
                "INSERT INTO day_course (day_id, course_id, position, stands_at) VALUES (1, 1, 0, '8.0,7.25')",
                "INSERT INTO day_course (day_id, course_id, position, stands_at) VALUES (1, 2, 1, '')",
                "UPDATE teaching SET choices = 'CLUTCH_FIRST_HALF' || char(10) || 'BARS_LATE'");
        old.migrate();
        assertThat(old.column("SELECT course_id || ' at ' || size_m FROM day_course_size ORDER BY size_m DESC"))
                .containsExactly("1 at 8.0", "1 at 7.25");
        assertThat(old.column("SELECT choice FROM teaching_choice ORDER BY choice"))
                .containsExactly("BARS_LATE", "CLUTCH_FIRST_HALF");
    }

    @Test
    void choosesNothingWhereNothingWasChosen() throws SQLException {
        OldDatabase old = new OldDatabase(folder);
        old.migrate("30");
        old.migrate();
        assertThat(old.column("SELECT choice FROM teaching_choice")).isEmpty();
    }
}
