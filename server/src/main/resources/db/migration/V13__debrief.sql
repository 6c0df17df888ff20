-- What a rider is told of a day, where it was put in the instructor's own words.
CREATE TABLE debrief (
    day_id   INTEGER NOT NULL REFERENCES day (id) ON DELETE CASCADE,
    rider_id INTEGER NOT NULL REFERENCES rider (id) ON DELETE CASCADE,
    version  INTEGER NOT NULL,
    text     TEXT NOT NULL,
    PRIMARY KEY (day_id, rider_id)
);
