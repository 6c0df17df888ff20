-- Drills come with the app; a row holds what was changed about one here, or one that was made here.
CREATE TABLE drill (
    id       TEXT PRIMARY KEY,
    version  INTEGER NOT NULL,
    document TEXT,
    hidden   INTEGER NOT NULL
);

-- Choices beside the school, one word each, one to a line; empty until somebody chooses.
CREATE TABLE teaching (
    id      INTEGER PRIMARY KEY CHECK (id = 1),
    version INTEGER NOT NULL,
    choices TEXT NOT NULL
);
INSERT INTO teaching (id, version, choices) VALUES (1, 1, '');

-- A drill a rider has shown on a machine, as an instructor saw it; what runs say is reckoned from them.
CREATE TABLE rider_drill (
    rider_id   INTEGER NOT NULL REFERENCES rider (id) ON DELETE CASCADE,
    machine_id INTEGER NOT NULL REFERENCES machine (id) ON DELETE CASCADE,
    drill_id   TEXT NOT NULL,
    shown_on   TEXT NOT NULL,
    PRIMARY KEY (rider_id, machine_id, drill_id)
);
