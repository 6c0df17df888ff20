-- What a rider wants to be able to ride: a setting of a kind of course on a machine. Taken away, only the version stays.
CREATE TABLE goal (
    rider_id       INTEGER PRIMARY KEY REFERENCES rider (id) ON DELETE CASCADE,
    version        INTEGER NOT NULL,
    name           TEXT NOT NULL DEFAULT '',
    kind           TEXT,
    machine_id     INTEGER REFERENCES machine (id),
    setting_m      REAL,
    setting_u_m    REAL,
    setting_method TEXT,
    setting_text   TEXT
);
