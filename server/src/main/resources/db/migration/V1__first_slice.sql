-- Lengths in metres, angles in radians, revolutions per second, kilograms; _u is one standard deviation.

CREATE TABLE yard (
    id                 INTEGER PRIMARY KEY,
    name               TEXT NOT NULL,
    length_m           REAL NOT NULL,
    length_u_m         REAL NOT NULL,
    length_method      TEXT NOT NULL,
    length_text        TEXT NOT NULL,
    width_m            REAL NOT NULL,
    width_u_m          REAL NOT NULL,
    width_method       TEXT NOT NULL,
    width_text         TEXT NOT NULL,
    surface            TEXT NOT NULL,
    fall_percent       REAL NOT NULL,
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
    bay_taped_text     TEXT
);

CREATE TABLE machine (
    id           INTEGER PRIMARY KEY,
    name         TEXT NOT NULL,
    class_id     TEXT NOT NULL,
    transmission TEXT NOT NULL
);

CREATE TABLE machine_figure (
    machine_id INTEGER NOT NULL REFERENCES machine (id) ON DELETE CASCADE,
    dimension  TEXT NOT NULL,
    value_si   REAL NOT NULL,
    provenance TEXT NOT NULL,
    PRIMARY KEY (machine_id, dimension)
);

CREATE TABLE machine_circle (
    machine_id     INTEGER NOT NULL REFERENCES machine (id) ON DELETE CASCADE,
    side           TEXT NOT NULL,
    posture        TEXT NOT NULL,
    diameter_m     REAL NOT NULL,
    diameter_u_m   REAL NOT NULL,
    diameter_method TEXT NOT NULL,
    diameter_text  TEXT NOT NULL,
    PRIMARY KEY (machine_id, side, posture)
);

CREATE TABLE rider (
    id         INTEGER PRIMARY KEY,
    name       TEXT NOT NULL,
    level      TEXT NOT NULL,
    school     TEXT NOT NULL,
    machine_id INTEGER REFERENCES machine (id),
    notes      TEXT NOT NULL
);

CREATE TABLE course (
    id         INTEGER PRIMARY KEY,
    name       TEXT NOT NULL,
    kind       TEXT NOT NULL,
    entry_side TEXT NOT NULL,
    start      TEXT NOT NULL
);

CREATE TABLE course_dimension (
    course_id INTEGER NOT NULL REFERENCES course (id) ON DELETE CASCADE,
    name      TEXT NOT NULL,
    metres    REAL NOT NULL,
    u_m       REAL NOT NULL,
    method    TEXT NOT NULL,
    text      TEXT NOT NULL,
    PRIMARY KEY (course_id, name)
);

CREATE TABLE day (
    id      INTEGER PRIMARY KEY,
    date    TEXT NOT NULL,
    title   TEXT NOT NULL,
    yard_id INTEGER REFERENCES yard (id)
);

CREATE TABLE day_course (
    day_id    INTEGER NOT NULL REFERENCES day (id) ON DELETE CASCADE,
    course_id INTEGER NOT NULL REFERENCES course (id),
    position  INTEGER NOT NULL,
    PRIMARY KEY (day_id, course_id)
);

CREATE TABLE day_rider (
    day_id     INTEGER NOT NULL REFERENCES day (id) ON DELETE CASCADE,
    rider_id   INTEGER NOT NULL REFERENCES rider (id),
    machine_id INTEGER NOT NULL REFERENCES machine (id),
    position   INTEGER NOT NULL,
    PRIMARY KEY (day_id, rider_id)
);

-- A run keeps the setting it was ridden at; its id is made by the page, so that sending it twice stores it once.
CREATE TABLE run (
    id           TEXT PRIMARY KEY,
    day_id       INTEGER NOT NULL REFERENCES day (id),
    rider_id     INTEGER NOT NULL REFERENCES rider (id),
    machine_id   INTEGER NOT NULL REFERENCES machine (id),
    course_id    INTEGER NOT NULL REFERENCES course (id),
    course_name  TEXT NOT NULL,
    kind         TEXT NOT NULL,
    side         TEXT NOT NULL,
    start        TEXT NOT NULL,
    setting_m    REAL NOT NULL,
    depth_m      REAL NOT NULL,
    limit_m      REAL NOT NULL,
    faults       TEXT NOT NULL,
    logged_at    TEXT NOT NULL,
    simulated    INTEGER NOT NULL,
    withdrawn_at TEXT
);

CREATE INDEX run_by_rider ON run (rider_id, logged_at);
CREATE INDEX run_by_day ON run (day_id, logged_at);
