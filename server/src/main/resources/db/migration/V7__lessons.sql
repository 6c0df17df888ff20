-- What a day's lesson is planned from, as one JSON value: it is only read and written whole.
CREATE TABLE lesson (
    day_id   INTEGER PRIMARY KEY REFERENCES day (id) ON DELETE CASCADE,
    version  INTEGER NOT NULL,
    settings TEXT NOT NULL
);

-- The range check of a day, item by item: by whom and when, or why it was passed over.
CREATE TABLE range_check (
    day_id    INTEGER NOT NULL REFERENCES day (id) ON DELETE CASCADE,
    item      TEXT NOT NULL,
    done_by   TEXT NOT NULL,
    done_at   TEXT NOT NULL,
    reason    TEXT NOT NULL,
    PRIMARY KEY (day_id, item)
);
