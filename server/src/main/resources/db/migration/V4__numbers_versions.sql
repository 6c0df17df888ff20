-- A number is never given twice, and everything that can be changed counts its changes. Tables are made anew, since
-- SQLite takes AUTOINCREMENT only where a table is made; foreign keys are off while this runs, and checked afterwards.

CREATE TABLE yard_new (
    id                 INTEGER PRIMARY KEY AUTOINCREMENT,
    version            INTEGER NOT NULL DEFAULT 1,
    name               TEXT NOT NULL,
    notes              TEXT NOT NULL,
    pace_count         REAL,
    pace_taped_m       REAL,
    pace_taped_u_m     REAL,
    pace_taped_method  TEXT,
    pace_taped_text    TEXT,
    bay_count          REAL,
    bay_taped_m        REAL,
    bay_taped_u_m      REAL,
    bay_taped_method   TEXT,
    bay_taped_text     TEXT,
    ground             TEXT NOT NULL
);
INSERT INTO yard_new
    (id, name, notes, pace_count, pace_taped_m, pace_taped_u_m, pace_taped_method, pace_taped_text,
     bay_count, bay_taped_m, bay_taped_u_m, bay_taped_method, bay_taped_text, ground)
SELECT id, name, notes, pace_count, pace_taped_m, pace_taped_u_m, pace_taped_method, pace_taped_text,
       bay_count, bay_taped_m, bay_taped_u_m, bay_taped_method, bay_taped_text, ground
FROM yard;
DROP TABLE yard;
ALTER TABLE yard_new RENAME TO yard;

CREATE TABLE machine_new (
    id           INTEGER PRIMARY KEY AUTOINCREMENT,
    version      INTEGER NOT NULL DEFAULT 1,
    name         TEXT NOT NULL,
    class_id     TEXT NOT NULL,
    transmission TEXT NOT NULL
);
INSERT INTO machine_new (id, name, class_id, transmission) SELECT id, name, class_id, transmission FROM machine;
DROP TABLE machine;
ALTER TABLE machine_new RENAME TO machine;

CREATE TABLE rider_new (
    id         INTEGER PRIMARY KEY AUTOINCREMENT,
    version    INTEGER NOT NULL DEFAULT 1,
    name       TEXT NOT NULL,
    level      TEXT NOT NULL,
    school     TEXT NOT NULL,
    machine_id INTEGER REFERENCES machine (id),
    notes      TEXT NOT NULL
);
INSERT INTO rider_new (id, name, level, school, machine_id, notes)
SELECT id, name, level, school, machine_id, notes FROM rider;
DROP TABLE rider;
ALTER TABLE rider_new RENAME TO rider;

CREATE TABLE course_new (
    id            INTEGER PRIMARY KEY AUTOINCREMENT,
    version       INTEGER NOT NULL DEFAULT 1,
    name          TEXT NOT NULL,
    kind          TEXT NOT NULL,
    first_turn    TEXT NOT NULL,
    taken_away_at TEXT
);
INSERT INTO course_new (id, name, kind, first_turn, taken_away_at)
SELECT id, name, kind, first_turn, taken_away_at FROM course;
DROP TABLE course;
ALTER TABLE course_new RENAME TO course;

CREATE TABLE day_new (
    id      INTEGER PRIMARY KEY AUTOINCREMENT,
    version INTEGER NOT NULL DEFAULT 1,
    date    TEXT NOT NULL,
    title   TEXT NOT NULL,
    yard_id INTEGER REFERENCES yard (id)
);
INSERT INTO day_new (id, date, title, yard_id) SELECT id, date, title, yard_id FROM day;
DROP TABLE day;
ALTER TABLE day_new RENAME TO day;

-- The kit is one thing however many sorts there are.
CREATE TABLE kit_state (
    id      INTEGER PRIMARY KEY CHECK (id = 1),
    version INTEGER NOT NULL
);
INSERT INTO kit_state (id, version) VALUES (1, 1);

-- What is kept of an imported thing goes with it.
DELETE FROM kept_field WHERE NOT EXISTS (
    SELECT 1 FROM yard WHERE sort = 'yard' AND id = item_id
    UNION ALL SELECT 1 FROM machine WHERE sort = 'machine' AND id = item_id
    UNION ALL SELECT 1 FROM rider WHERE sort = 'rider' AND id = item_id
    UNION ALL SELECT 1 FROM course WHERE sort = 'course' AND id = item_id
    UNION ALL SELECT 1 FROM day WHERE sort = 'day' AND id = item_id);
CREATE TRIGGER yard_kept AFTER DELETE ON yard
BEGIN DELETE FROM kept_field WHERE sort = 'yard' AND item_id = OLD.id; END;
CREATE TRIGGER machine_kept AFTER DELETE ON machine
BEGIN DELETE FROM kept_field WHERE sort = 'machine' AND item_id = OLD.id; END;
CREATE TRIGGER rider_kept AFTER DELETE ON rider
BEGIN DELETE FROM kept_field WHERE sort = 'rider' AND item_id = OLD.id; END;
CREATE TRIGGER day_kept AFTER DELETE ON day
BEGIN DELETE FROM kept_field WHERE sort = 'day' AND item_id = OLD.id; END;

-- Runs are put in order by the instant, in milliseconds since 1970 began, and no longer by how it is written.
CREATE TABLE run_new (
    id           TEXT PRIMARY KEY,
    day_id       INTEGER NOT NULL REFERENCES day (id),
    rider_id     INTEGER NOT NULL REFERENCES rider (id),
    machine_id   INTEGER NOT NULL REFERENCES machine (id),
    course_id    INTEGER NOT NULL REFERENCES course (id),
    course_name  TEXT NOT NULL,
    kind         TEXT NOT NULL,
    side         TEXT NOT NULL,
    setting_m    REAL NOT NULL,
    settings     TEXT NOT NULL,
    limit_m      REAL NOT NULL,
    faults       TEXT NOT NULL,
    logged_at_ms INTEGER NOT NULL,
    simulated    INTEGER NOT NULL,
    withdrawn_at TEXT
);
INSERT INTO run_new
SELECT id, day_id, rider_id, machine_id, course_id, course_name, kind, side, setting_m, settings, limit_m, faults,
       CAST(strftime('%s', logged_at) AS INTEGER) * 1000
           + CAST(round(strftime('%f', logged_at) * 1000) AS INTEGER) % 1000,
       simulated, withdrawn_at
FROM run;
DROP TABLE run;
ALTER TABLE run_new RENAME TO run;
CREATE INDEX run_by_rider ON run (rider_id, kind, side, logged_at_ms);
CREATE INDEX run_by_day ON run (day_id, rider_id, logged_at_ms);
