-- Tools that a lead paired, each under the digest of a token of its own. The serial is what the tool said of itself when
-- it first came: from then on the token is good for no other.
CREATE TABLE tool (
    digest    TEXT PRIMARY KEY,
    id        TEXT NOT NULL UNIQUE,
    name      TEXT NOT NULL,
    stand_in  INTEGER NOT NULL CHECK (stand_in IN (0, 1)),
    serial    TEXT UNIQUE,
    paired_by TEXT NOT NULL REFERENCES account (person),
    paired_at TEXT NOT NULL
) STRICT;
