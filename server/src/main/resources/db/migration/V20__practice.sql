-- What riders practised alone, as they tell it.
CREATE TABLE practice (
    id             INTEGER PRIMARY KEY AUTOINCREMENT,
    rider_id       INTEGER NOT NULL REFERENCES rider (id) ON DELETE CASCADE,
    machine_id     INTEGER NOT NULL REFERENCES machine (id),
    kind           TEXT NOT NULL,
    practised_on   TEXT NOT NULL,
    minutes        REAL NOT NULL,
    setting_m      REAL,
    setting_u_m    REAL,
    setting_method TEXT,
    setting_text   TEXT,
    left_runs      INTEGER NOT NULL,
    left_clean     INTEGER NOT NULL,
    right_runs     INTEGER NOT NULL,
    right_clean    INTEGER NOT NULL,
    note           TEXT NOT NULL
);
CREATE INDEX practice_rider ON practice (rider_id, kind);

-- It says something of what the rider can do, as runs do.
CREATE TRIGGER stamp_practice_insert AFTER INSERT ON practice BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', NEW.rider_id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_practice_delete AFTER DELETE ON practice BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', OLD.rider_id, hex(randomblob(8)));
END;
