-- What faults come from, as somebody put it right: the whole table as one document; none where it is as it came.
CREATE TABLE causes (
    id       INTEGER PRIMARY KEY CHECK (id = 1),
    version  INTEGER NOT NULL,
    document TEXT
);
INSERT INTO causes (id, version, document) VALUES (1, 1, NULL);

-- What an instructor holds to be behind a rider's faults on a kind of course; taken away, only the version stays.
CREATE TABLE opinion (
    rider_id INTEGER NOT NULL REFERENCES rider (id) ON DELETE CASCADE,
    kind     TEXT NOT NULL,
    version  INTEGER NOT NULL,
    words    TEXT NOT NULL,
    said_on  TEXT NOT NULL,
    PRIMARY KEY (rider_id, kind)
);
