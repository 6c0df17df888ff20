-- How often a run should be clean, in 100, for a rider to learn most: chosen by the instructor.
CREATE TABLE aim (
    id            INTEGER PRIMARY KEY CHECK (id = 1),
    version       INTEGER NOT NULL,
    clean_percent INTEGER NOT NULL
);
INSERT INTO aim (id, version, clean_percent) VALUES (1, 1, 75);
