-- Settings of its ladder that a course of a day stands at, in metres, joined by commas; empty where it stands as it is set.
ALTER TABLE day_course ADD COLUMN stands_at TEXT NOT NULL DEFAULT '';
