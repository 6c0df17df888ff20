-- Markers of the school's own beside the usual cone and the usual flat one.
CREATE TABLE marker (
    id       INTEGER PRIMARY KEY,
    name     TEXT NOT NULL UNIQUE COLLATE NOCASE,
    sort     TEXT NOT NULL,
    base_m   REAL NOT NULL,
    height_m REAL NOT NULL,
    colour   TEXT NOT NULL,
    owned    INTEGER
);

-- Which of them a course is set out in, in place of the usual one of its sort; where it stands at several settings, also
-- what lies at the second widest (place 1) and the third (2). Never written without the course.
CREATE TABLE course_marker (
    course_id INTEGER NOT NULL REFERENCES course (id) ON DELETE CASCADE,
    place     INTEGER NOT NULL,
    -- Nothing for the usual flat one.
    marker_id INTEGER REFERENCES marker (id),
    UNIQUE (course_id, place, marker_id)
);

-- A course is another where what it stands in is.
CREATE TRIGGER stamp_marker_update AFTER UPDATE ON marker BEGIN
    REPLACE INTO stamp SELECT 'COURSE', course_id, hex(randomblob(8)) FROM course_marker WHERE marker_id = NEW.id;
END;
