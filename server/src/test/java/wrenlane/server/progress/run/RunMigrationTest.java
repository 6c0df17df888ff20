package wrenlane.server.progress.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.machine.Side;
import wrenlane.run.DropCause;
import wrenlane.run.Fault;
import wrenlane.run.Observation;
import wrenlane.run.Run;
import wrenlane.run.RunSort;
import wrenlane.run.Score;
import wrenlane.run.Technique;
import wrenlane.server.fixture.OldDatabase;

/** Runs stored by earlier versions mean the same now. */
class RunMigrationTest {
    private static final RunRows ROWS = new RunRows(new JsonMapper());
    private static final String PLAIN =
            "INSERT INTO run (id, day_id, rider_id, machine_id, course_id, course_name, kind,"
                    + " side, setting_m, settings, faults, logged_at_ms, simulated, withdrawn_at, note, replaces) VALUES ";

    @TempDir
    private Path folder;

    private OldDatabase old;

    @BeforeEach
    void namesFile() {
        old = new OldDatabase(folder);
    }

    private void migrateWithPeople(String target) throws SQLException {
        old.migrate(
                target,
                "INSERT INTO machine (id, name, class_id, transmission) VALUES (1, 'Twin', 'twin-300', 'HAND_CLUTCH')",
                "INSERT INTO rider (id, name, level, school, notes) VALUES (1, 'Ada', 'NOVICE', 'DRAG', '')",
                "INSERT INTO course (id, name, kind, first_turn) VALUES (1, 'Box', 'u-turn-box', 'LEFT')",
                "INSERT INTO course (id, name, kind, first_turn) VALUES (2, 'Lane', 'lane', 'LEFT')",
                "INSERT INTO day (id, date, title) VALUES (1, '2026-05-14', 'A day')");
    }

    private Map<String, Run> runs() throws SQLException {
        Map<String, Run> runs = new LinkedHashMap<>();
        try (Connection connection = old.connect();
                Statement sql = connection.createStatement();
                ResultSet row = sql.executeQuery("SELECT rowid, * FROM run ORDER BY logged_at_ms, rowid")) {
            while (row.next()) {
                runs.put(row.getString("id"), ROWS.run(row(row)));
            }
        }
        return runs;
    }

    private static RunRow row(ResultSet row) throws SQLException {
        long course = row.getLong("course_id");
        return new RunRow(
                row.getLong("rowid"),
                row.getString("id"),
                row.getLong("day_id"),
                row.getLong("rider_id"),
                row.getLong("machine_id"),
                row.getString("drill_id"),
                course == 0 ? null : course,
                row.getLong("logged_at_ms"),
                row.getString("replaces"),
                row.getString("withdrawn_at"),
                row.getString("withdrawn_on"),
                row.getString("document"));
    }

    /** Runs of before drills were logged name none; a correction still stands in the place of what it corrects. */
    @ParameterizedTest
    @ValueSource(strings = {"24", "29"})
    void keepsCourseSideAndCorrection(String version) throws SQLException {
        migrateWithPeople(version);
        old.migrate(
                version,
                PLAIN + "('aaaaaaaa', 1, 1, 1, 1, 'Box', 'u-turn-box', 'LEFT', 7.2, 'depthMetres=7.5', 'FOOT', 5, 0,"
                        + " '2026-05-14T09:00:00Z', '', NULL)",
                PLAIN + "('bbbbbbbb', 1, 1, 1, 1, 'Box', 'u-turn-box', 'RIGHT', 7.2, 'depthMetres=7.5', '', 5, 0,"
                        + " NULL, 'eyes \"up\"', 'aaaaaaaa')",
                "UPDATE run SET corrected_at_ms = 9 WHERE id = 'bbbbbbbb'");
        old.migrate();
        Map<String, Run> runs = runs();
        Run before = Objects.requireNonNull(runs.get("aaaaaaaa"));
        assertThat(before.isWithdrawn()).isTrue();
        assertThat(before.faults()).containsExactly(Fault.FOOT);
        Run run = Objects.requireNonNull(runs.get("bbbbbbbb"));
        assertThat(run.context().drill()).isEmpty();
        assertThat(run.ride().orElseThrow().courseName()).isEqualTo("Box");
        assertThat(run.isAt(7.2)).isTrue();
        assertThat(run.ride().orElseThrow().course().settings().saying()).containsEntry("depthMetres", "7.5");
        assertThat(run.side()).contains(Side.RIGHT);
        assertThat(run.isClean()).isTrue();
        assertThat(run.detail().note()).isEqualTo("eyes \"up\"");
        assertThat(run.log().correction().orElseThrow().at()).isEqualTo(Instant.ofEpochMilli(9));
        assertThat(run.log().replaces().orElseThrow().value()).isEqualTo("aaaaaaaa");
    }

    @Test
    void keepsCountsObservationsAndScores() throws SQLException {
        migrateWithPeople("29");
        old.migrate(
                "29",
                "INSERT INTO run (id, day_id, rider_id, machine_id, course_id, course_name, kind, side, setting_m, settings,"
                        + " faults, logged_at_ms, simulated, sort, laps, minutes, fault_counts, technique, before_drop, mark,"
                        + " off_m, device) VALUES ('spell-01', 1, 1, 1, 1, 'Box', 'u-turn-box', 'LEFT', 6.4,"
                        + " 'marker.name=a=\"b\"' || char(10) || 'start=FROM_A_STOP', 'LINE,DROP', 5, 1, 'SPELL', 9, 4.5,"
                        + " 'LINE:3,DROP:1', 'LOOKED_DOWN', 'CLUTCH_IN', 'C2', 0.4, 'Ada''s phone')",
                "INSERT INTO run (id, day_id, rider_id, machine_id, drill_id, drill_name, settings, faults, logged_at_ms,"
                        + " simulated, measured, score_m) VALUES"
                        + " ('plank-01', 1, 1, 1, 'plank', 'The plank', '', '', 6, 0, 'PLANK', 0.2)",
                PLAIN + "('lane-run', 1, 1, 1, 2, 'Lane', 'lane', 'LEFT', 0.6, '', '', 7, 0, NULL, '', NULL)");
        old.migrate();
        Map<String, Run> runs = runs();
        Run timedRide = Objects.requireNonNull(runs.get("spell-01"));
        assertThat(timedRide.detail().sort()).isEqualTo(RunSort.SPELL);
        assertThat(timedRide.detail().faultCounts()).isEqualTo(Map.of(Fault.LINE, 3, Fault.DROP, 1));
        assertThat(timedRide.detail().laps()).contains(9);
        assertThat(timedRide.detail().minutes()).contains(4.5);
        assertThat(timedRide.detail().observed())
                .isEqualTo(new Observation(
                        Set.of(Technique.LOOKED_DOWN),
                        Optional.of(DropCause.CLUTCH_IN),
                        Optional.of("C2"),
                        Optional.of(0.4)));
        assertThat(timedRide.ride().orElseThrow().course().settings().options()).containsEntry("start", "FROM_A_STOP");
        assertThat(timedRide.log().simulated()).isTrue();
        assertThat(timedRide.log().device()).isEqualTo("Ada's phone");
        Run plank = Objects.requireNonNull(runs.get("plank-01"));
        assertThat(plank.ride()).isEmpty();
        assertThat(plank.detail().score()).contains(new Score(Score.TapeMeasure.PLANK, 0.2));
        assertThat(Objects.requireNonNull(runs.get("lane-run")).side()).isEmpty();
    }

    @Test
    void changesStampAndRejectsHalfARun() throws SQLException {
        keepsCourseSideAndCorrection("29");
        try (Connection connection = old.connect();
                Statement sql = connection.createStatement()) {
            String stamp = stamp(sql);
            sql.execute("UPDATE run SET withdrawn_on = 'phone' WHERE id = 'bbbbbbbb'");
            assertThat(stamp(sql))
                    .as("what was read of a rider's runs is old now")
                    .isNotEqualTo(stamp);
            assertThatThrownBy(() -> sql.execute("UPDATE run SET course_id = NULL WHERE id = 'bbbbbbbb'"))
                    .hasMessageContaining("CHECK constraint failed");
            assertThatThrownBy(() -> sql.execute("UPDATE run SET document = '{}' WHERE id = 'bbbbbbbb'"))
                    .hasMessageContaining("CHECK constraint failed");
        }
    }

    /** What is written is read again as it was. */
    @Test
    void writesRowsThatReadTheSame() throws SQLException {
        keepsCountsObservationsAndScores();
        for (Run run : runs().values()) {
            assertThat(ROWS.run(ROWS.row(run))).isEqualTo(run);
        }
    }

    private static String stamp(Statement sql) throws SQLException {
        try (ResultSet row = sql.executeQuery("SELECT stamp FROM stamp WHERE what = 'RUNS_OF_RIDER' AND id = 1")) {
            return row.getString(1);
        }
    }
}
