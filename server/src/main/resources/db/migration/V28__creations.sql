-- What was created under a key that the client chose: the same request sent again creates nothing more.
CREATE TABLE creation (
    key        TEXT PRIMARY KEY,
    what       TEXT NOT NULL,
    made       TEXT NOT NULL,
    created_at TEXT NOT NULL
);
CREATE INDEX creation_created_at ON creation (created_at);
