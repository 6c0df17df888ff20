-- The day a goal is wanted by, and how many days lie between two lessons until then.
ALTER TABLE goal ADD COLUMN wanted_by TEXT;
ALTER TABLE goal ADD COLUMN every_days INTEGER;
