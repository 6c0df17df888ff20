-- A lesson while it is given, with the running order it was begun with, as one JSON value: it is only read and written whole.
CREATE TABLE running_lesson (
    day_id INTEGER PRIMARY KEY REFERENCES day (id) ON DELETE CASCADE,
    state  TEXT NOT NULL
);
