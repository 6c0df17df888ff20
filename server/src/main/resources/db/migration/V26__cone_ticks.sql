-- Cones of a course that are on the ground on a day, by the label on the sheet: ticked on any device, seen on all.
CREATE TABLE cone_tick (
    day_id    INTEGER NOT NULL REFERENCES day (id) ON DELETE CASCADE,
    course_id INTEGER NOT NULL REFERENCES course (id) ON DELETE CASCADE,
    label     TEXT NOT NULL,
    PRIMARY KEY (day_id, course_id, label)
) WITHOUT ROWID;
