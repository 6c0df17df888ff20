-- How a run was ridden, where somebody said; names joined by commas.
ALTER TABLE run ADD COLUMN technique TEXT NOT NULL DEFAULT '';
ALTER TABLE run ADD COLUMN before_drop TEXT;
ALTER TABLE run ADD COLUMN mark TEXT;
ALTER TABLE run ADD COLUMN off_m REAL;
-- A correction is a run of its own that stands in the place of one withdrawn; what it replaces stays on record.
ALTER TABLE run ADD COLUMN replaces TEXT REFERENCES run (id);
ALTER TABLE run ADD COLUMN corrected_at_ms INTEGER;
-- The device it was logged on, and withdrawn on, by the name it goes by; empty where it did not say.
ALTER TABLE run ADD COLUMN device TEXT NOT NULL DEFAULT '';
ALTER TABLE run ADD COLUMN withdrawn_on TEXT NOT NULL DEFAULT '';
-- No two corrections of the same run.
CREATE UNIQUE INDEX run_replaces ON run (replaces) WHERE replaces IS NOT NULL;
