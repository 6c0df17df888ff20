-- Difficulty takes the place of tightness. What was kept of it is calculated again.
DROP TABLE tightness;
CREATE TABLE difficulty (
    key    TEXT PRIMARY KEY,
    points TEXT NOT NULL
);

-- Most lean a rider uses at walking pace, where it is not that of the level.
ALTER TABLE rider ADD COLUMN most_lean_rad REAL;
