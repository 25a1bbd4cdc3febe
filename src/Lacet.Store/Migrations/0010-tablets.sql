-- Screens that several people share: a lead paired each once. What it holds is a key, of which the digest alone lies here.
CREATE TABLE tablet (
    digest    TEXT PRIMARY KEY,
    id        TEXT NOT NULL UNIQUE,
    name      TEXT NOT NULL,
    paired_by TEXT NOT NULL REFERENCES account (person),
    paired_at TEXT NOT NULL
) STRICT;

-- On which of them somebody is signed in; when it is unpaired, they are no more.
ALTER TABLE session ADD COLUMN tablet TEXT REFERENCES tablet (id);
