-- A lesson that was put away is over, and its order is kept to hold the day against.
ALTER TABLE running_lesson ADD COLUMN put_away INTEGER NOT NULL DEFAULT 0;
