-- Versions given out after a restored copy lie above all that were given out before it: a page that was opened before
-- cannot take one for the other. A thing that is not stored has this version; its first is one more.
CREATE TABLE numbering (
    id            INTEGER PRIMARY KEY CHECK (id = 1),
    least_version INTEGER NOT NULL
);
INSERT INTO numbering (id, least_version) VALUES (1, 0);
