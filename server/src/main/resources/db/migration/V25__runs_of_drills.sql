-- A run is of a drill, of a course, or of a drill on a course. Runs stored before name no drill and keep their meaning: they
-- count for every drill such a course is for. The table is made anew, since SQLite cannot take a constraint away.
CREATE TABLE run_new (
    id              TEXT PRIMARY KEY,
    day_id          INTEGER NOT NULL REFERENCES day (id),
    rider_id        INTEGER NOT NULL REFERENCES rider (id),
    machine_id      INTEGER NOT NULL REFERENCES machine (id),
    drill_id        TEXT,
    drill_name      TEXT,
    course_id       INTEGER REFERENCES course (id),
    course_name     TEXT,
    kind            TEXT,
    side            TEXT,
    setting_m       REAL,
    settings        TEXT NOT NULL,
    faults          TEXT NOT NULL,
    logged_at_ms    INTEGER NOT NULL,
    simulated       INTEGER NOT NULL,
    withdrawn_at    TEXT,
    sort            TEXT NOT NULL DEFAULT 'RUN',
    seconds         REAL,
    minutes         REAL,
    laps            INTEGER,
    fault_counts    TEXT NOT NULL DEFAULT '',
    note            TEXT NOT NULL DEFAULT '',
    technique       TEXT NOT NULL DEFAULT '',
    before_drop     TEXT,
    mark            TEXT,
    off_m           REAL,
    replaces        TEXT REFERENCES run (id),
    corrected_at_ms INTEGER,
    device          TEXT NOT NULL DEFAULT '',
    withdrawn_on    TEXT NOT NULL DEFAULT '',
    measured        TEXT,
    score_m         REAL,
    CHECK (drill_id IS NOT NULL OR course_id IS NOT NULL),
    CHECK ((drill_id IS NULL) = (drill_name IS NULL)),
    -- What is kept of a course is kept whole.
    CHECK ((course_id IS NULL) = (kind IS NULL)),
    CHECK ((course_id IS NULL) = (course_name IS NULL)),
    CHECK ((course_id IS NULL) = (setting_m IS NULL)),
    CHECK (course_id IS NULL OR side IS NOT NULL)
);
INSERT INTO run_new
SELECT id, day_id, rider_id, machine_id, NULL, NULL, course_id, course_name, kind, side, setting_m, settings, faults,
       logged_at_ms, simulated, withdrawn_at, sort, seconds, minutes, laps, fault_counts, note, technique, before_drop,
       mark, off_m, replaces, corrected_at_ms, device, withdrawn_on, measured, score_m
FROM run ORDER BY rowid;
DROP TABLE run;
ALTER TABLE run_new RENAME TO run;

CREATE INDEX run_by_rider ON run (rider_id, kind, side, logged_at_ms);
CREATE INDEX run_by_day ON run (day_id, rider_id, logged_at_ms);
CREATE INDEX run_by_drill ON run (rider_id, drill_id, logged_at_ms) WHERE drill_id IS NOT NULL;
-- No two corrections of the same run.
CREATE UNIQUE INDEX run_replaces ON run (replaces) WHERE replaces IS NOT NULL;

CREATE TRIGGER stamp_run_insert AFTER INSERT ON run BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', NEW.rider_id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_run_update AFTER UPDATE ON run BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', OLD.rider_id, hex(randomblob(8)));
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', NEW.rider_id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_run_delete AFTER DELETE ON run BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', OLD.rider_id, hex(randomblob(8)));
END;
