-- How hard courses are on machines, as reckoned: kept so that the next start does not reckon it anew. May be emptied at any time.
CREATE TABLE tightness (
    key    TEXT PRIMARY KEY,
    points TEXT NOT NULL
);
