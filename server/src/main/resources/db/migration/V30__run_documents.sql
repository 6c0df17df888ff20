-- A run keeps what it says as one JSON document, which one mapper reads, in place of lists packed into text. What runs are
-- looked up by is generated from it. A course that is ridden straight on has no side any more.
CREATE TABLE run_new (
    id           TEXT PRIMARY KEY,
    day_id       INTEGER NOT NULL REFERENCES day (id),
    rider_id     INTEGER NOT NULL REFERENCES rider (id),
    machine_id   INTEGER NOT NULL REFERENCES machine (id),
    drill_id     TEXT,
    course_id    INTEGER REFERENCES course (id),
    logged_at_ms INTEGER NOT NULL,
    replaces     TEXT REFERENCES run (id),
    withdrawn_at TEXT,
    withdrawn_on TEXT NOT NULL DEFAULT '',
    document     TEXT NOT NULL,
    kind         TEXT GENERATED ALWAYS AS (document ->> '$.course.kind') VIRTUAL,
    side         TEXT GENERATED ALWAYS AS (document ->> '$.side') VIRTUAL,
    sort         TEXT GENERATED ALWAYS AS (document ->> '$.detail.sort') VIRTUAL,
    clean        INTEGER GENERATED ALWAYS AS (json_array_length(document, '$.faults') = 0) VIRTUAL,
    CHECK (drill_id IS NOT NULL OR course_id IS NOT NULL),
    CHECK ((drill_id IS NULL) = (document ->> '$.drillName' IS NULL)),
    -- What is kept of a course is kept whole.
    CHECK ((course_id IS NULL) = (document ->> '$.course.kind' IS NULL)),
    CHECK (document ->> '$.detail.sort' IS NOT NULL AND document ->> '$.faults' IS NOT NULL)
);
-- Lists were joined by commas, counts were fault:number, settings name=value, one to a line. A patch of nothing leaves out
-- what is missing.
INSERT INTO run_new (id, day_id, rider_id, machine_id, drill_id, course_id, logged_at_ms, replaces, withdrawn_at,
                     withdrawn_on, document)
SELECT id, day_id, rider_id, machine_id, drill_id, course_id, logged_at_ms, replaces, withdrawn_at, withdrawn_on,
       json_patch('{}', json_object(
           'version', 1,
           'drillName', drill_name,
           'course', CASE WHEN course_id IS NOT NULL THEN json_object(
               'name', course_name,
               'kind', kind,
               'sizeMetres', setting_m,
               'settings', json((
                   SELECT json_group_object(
                              substr(value, 1, instr(value, '=') - 1), substr(value, instr(value, '=') + 1))
                   FROM json_each('[' || replace(json_quote(settings), '\n', '","') || ']')
                   WHERE instr(value, '=') > 1))) END,
           'side', CASE WHEN kind IS NULL OR kind NOT IN ('lane', 'plank-crossing', 'stop-boxes') THEN side END,
           'faults', json(CASE faults WHEN '' THEN '[]' ELSE '["' || replace(faults, ',', '","') || '"]' END),
           'detail', json_object(
               'sort', sort,
               'seconds', seconds,
               'minutes', minutes,
               'laps', laps,
               'faultCounts', json(CASE WHEN fault_counts != ''
                   THEN '{"' || replace(replace(fault_counts, ':', '":'), ',', ',"') || '}' END),
               'note', nullif(note, ''),
               'observed', CASE WHEN technique != '' OR before_drop IS NOT NULL OR mark IS NOT NULL OR off_m IS NOT NULL
                   THEN json_object(
                       'technique', json(CASE technique WHEN '' THEN '[]'
                           ELSE '["' || replace(technique, ',', '","') || '"]' END),
                       'beforeDrop', before_drop,
                       'mark', mark,
                       'offMetres', off_m) END,
               'score', CASE WHEN measured IS NOT NULL
                   THEN json_object('measured', measured, 'metres', score_m) END),
           'log', json_object(
               'simulated', json(CASE simulated WHEN 1 THEN 'true' ELSE 'false' END),
               'device', nullif(device, ''),
               'correctedAtMs', corrected_at_ms)))
FROM run ORDER BY rowid;
DROP TABLE run;
ALTER TABLE run_new RENAME TO run;

CREATE INDEX run_by_rider ON run (rider_id, kind, side, logged_at_ms);
CREATE INDEX run_by_day ON run (day_id, rider_id, logged_at_ms);
CREATE INDEX run_by_drill ON run (rider_id, drill_id, logged_at_ms) WHERE drill_id IS NOT NULL;
-- No two corrections of the same run.
CREATE UNIQUE INDEX run_replaces ON run (replaces) WHERE replaces IS NOT NULL;

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
