-- Every kind of course: counts and choices beside the lengths; the side of the first turn; taken away and brought back.

CREATE TABLE course_count (
    course_id INTEGER NOT NULL REFERENCES course (id) ON DELETE CASCADE,
    name      TEXT NOT NULL,
    value     INTEGER NOT NULL,
    PRIMARY KEY (course_id, name)
);

CREATE TABLE course_option (
    course_id INTEGER NOT NULL REFERENCES course (id) ON DELETE CASCADE,
    name      TEXT NOT NULL,
    value     TEXT NOT NULL,
    PRIMARY KEY (course_id, name)
);

INSERT INTO course_option (course_id, name, value) SELECT id, 'start', start FROM course;

ALTER TABLE course ADD COLUMN first_turn TEXT NOT NULL DEFAULT 'LEFT';
UPDATE course SET first_turn = CASE entry_side WHEN 'RIGHT' THEN 'LEFT' ELSE 'RIGHT' END;
ALTER TABLE course DROP COLUMN entry_side;
ALTER TABLE course DROP COLUMN start;
ALTER TABLE course ADD COLUMN taken_away_at TEXT;

-- What else the course was set to when a run was ridden: name=value, one to a line.
ALTER TABLE run ADD COLUMN settings TEXT NOT NULL DEFAULT '';
UPDATE run SET settings = 'depthMetres=' || depth_m || char(10) || 'start=' || start;
ALTER TABLE run DROP COLUMN depth_m;
ALTER TABLE run DROP COLUMN start;
