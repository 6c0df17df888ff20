-- A course that is no longer offered is archived, as a rider is.
ALTER TABLE course RENAME COLUMN taken_away_at TO archived_at;
