-- A row for each size that a course of a day is set up at, in metres; none where it is set up as the course itself says.
CREATE TABLE day_course_size (
    day_id    INTEGER NOT NULL,
    course_id INTEGER NOT NULL,
    size_m    REAL NOT NULL,
    PRIMARY KEY (day_id, course_id, size_m),
    FOREIGN KEY (day_id, course_id) REFERENCES day_course (day_id, course_id) ON DELETE CASCADE
) WITHOUT ROWID;
INSERT OR IGNORE INTO day_course_size (day_id, course_id, size_m)
SELECT day_id, course_id, size.value FROM day_course, json_each('[' || stands_at || ']') AS size;
ALTER TABLE day_course DROP COLUMN stands_at;

-- A row for each choice in teaching the controls; none until somebody chooses.
CREATE TABLE teaching_choice (
    choice TEXT PRIMARY KEY
) WITHOUT ROWID;
INSERT INTO teaching_choice (choice)
SELECT word.value FROM teaching, json_each('["' || replace(choices, char(10), '","') || '"]') AS word WHERE choices <> '';
ALTER TABLE teaching DROP COLUMN choices;
