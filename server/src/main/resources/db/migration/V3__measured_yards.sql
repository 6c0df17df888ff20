-- A yard's ground is a measured outline with what stands on it, read and written whole; a course has a place on it.

ALTER TABLE yard ADD COLUMN ground TEXT NOT NULL DEFAULT '';
UPDATE yard
SET ground = json_object(
    'outline', json_object(
        'sides', json_array(
            json_object('metres', length_m, 'uncertaintyMetres', length_u_m, 'method', length_method, 'text', length_text),
            json_object('metres', width_m, 'uncertaintyMetres', width_u_m, 'method', width_method, 'text', width_text),
            json_object('metres', length_m, 'uncertaintyMetres', length_u_m, 'method', length_method, 'text', length_text),
            json_object('metres', width_m, 'uncertaintyMetres', width_u_m, 'method', width_method, 'text', width_text)),
        'corners', json_array('SQUARE', 'SQUARE', 'SQUARE', 'SQUARE'),
        'diagonals', json_array()),
    'surface', surface,
    'fallPercent', fall_percent,
    'fallTowardsRadians', 0.0,
    'obstacles', json_array(),
    'bayRows', json_array());
ALTER TABLE yard DROP COLUMN length_m;
ALTER TABLE yard DROP COLUMN length_u_m;
ALTER TABLE yard DROP COLUMN length_method;
ALTER TABLE yard DROP COLUMN length_text;
ALTER TABLE yard DROP COLUMN width_m;
ALTER TABLE yard DROP COLUMN width_u_m;
ALTER TABLE yard DROP COLUMN width_method;
ALTER TABLE yard DROP COLUMN width_text;
ALTER TABLE yard DROP COLUMN surface;
ALTER TABLE yard DROP COLUMN fall_percent;

-- Where a course stands on the yard of the day; nothing where it is set up after another.
ALTER TABLE day_course ADD COLUMN stand_x_m REAL;
ALTER TABLE day_course ADD COLUMN stand_y_m REAL;
ALTER TABLE day_course ADD COLUMN stand_turn_rad REAL;

-- How many cones of a sort the school owns.
CREATE TABLE kit (
    sort  TEXT PRIMARY KEY,
    owned INTEGER NOT NULL
);

-- Fields of an imported file that this version does not know, so that they go out again as they came in.
CREATE TABLE kept_field (
    sort    TEXT NOT NULL,
    item_id INTEGER NOT NULL,
    fields  TEXT NOT NULL,
    PRIMARY KEY (sort, item_id)
);
