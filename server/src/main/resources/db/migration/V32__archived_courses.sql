-- A course that is no longer offered is archived, as a rider is.
ALTER TABLE course RENAME COLUMN taken_away_at TO archived_at;
-- An archived course loses a marker that leaves the kit, which its own row does not show.
CREATE TRIGGER stamp_course_marker_delete AFTER DELETE ON course_marker
WHEN EXISTS (SELECT 1 FROM course WHERE id = OLD.course_id)
BEGIN
    REPLACE INTO stamp VALUES ('COURSE', OLD.course_id, hex(randomblob(8)));
END;
