-- What was measured of a run, where its drill is marked by a length.
ALTER TABLE run ADD COLUMN measured TEXT;
ALTER TABLE run ADD COLUMN score_m REAL;
