-- What a thing is now, as a mark that never comes twice, not even in a copy that is restored: what was read under it is
-- still so as long as the mark is the same.
CREATE TABLE stamp (
    what  TEXT NOT NULL,
    id    INTEGER NOT NULL,
    stamp TEXT NOT NULL,
    PRIMARY KEY (what, id)
) WITHOUT ROWID;

INSERT INTO stamp SELECT 'RUNS_OF_RIDER', rider_id, hex(randomblob(8)) FROM run GROUP BY rider_id;
INSERT INTO stamp SELECT 'MACHINE', id, hex(randomblob(8)) FROM machine;
INSERT INTO stamp SELECT 'COURSE', id, hex(randomblob(8)) FROM course;

CREATE TRIGGER stamp_run_insert AFTER INSERT ON run BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', NEW.rider_id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_run_update AFTER UPDATE ON run BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', OLD.rider_id, hex(randomblob(8)));
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', NEW.rider_id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_run_delete AFTER DELETE ON run BEGIN
    REPLACE INTO stamp VALUES ('RUNS_OF_RIDER', OLD.rider_id, hex(randomblob(8)));
END;
-- A machine's figures and circles are never written without the machine.
CREATE TRIGGER stamp_machine_insert AFTER INSERT ON machine BEGIN
    REPLACE INTO stamp VALUES ('MACHINE', NEW.id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_machine_update AFTER UPDATE ON machine BEGIN
    REPLACE INTO stamp VALUES ('MACHINE', NEW.id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_machine_delete AFTER DELETE ON machine BEGIN
    DELETE FROM stamp WHERE what = 'MACHINE' AND id = OLD.id;
END;
-- Neither is a course's dimensions, counts and options without the course.
CREATE TRIGGER stamp_course_insert AFTER INSERT ON course BEGIN
    REPLACE INTO stamp VALUES ('COURSE', NEW.id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_course_update AFTER UPDATE ON course BEGIN
    REPLACE INTO stamp VALUES ('COURSE', NEW.id, hex(randomblob(8)));
END;
CREATE TRIGGER stamp_course_delete AFTER DELETE ON course BEGIN
    DELETE FROM stamp WHERE what = 'COURSE' AND id = OLD.id;
END;
CREATE TRIGGER stamp_rider_delete AFTER DELETE ON rider BEGIN
    DELETE FROM stamp WHERE what = 'RUNS_OF_RIDER' AND id = OLD.id;
END;
