-- Who may work here, and as what. A name that was only typed is a person without an account, and may be that of somebody
-- who has one. One that was erased is empty.
DROP INDEX person_name;

CREATE TABLE account (
    person          TEXT PRIMARY KEY REFERENCES person (id),
    name_key        TEXT UNIQUE,
    role            TEXT NOT NULL,
    qualification   TEXT NOT NULL DEFAULT '',
    qualified_until TEXT,
    password        TEXT,
    pin             TEXT,
    code            TEXT,
    code_until      TEXT,
    wrong           INTEGER NOT NULL DEFAULT 0,
    wrong_at        TEXT,
    wrong_pins      INTEGER NOT NULL DEFAULT 0,
    wrong_pin_at    TEXT,
    closed          INTEGER NOT NULL DEFAULT 0
) STRICT;

-- Who is signed in where. What the browser holds is a key; its digest alone lies here, so that a copy of the database
-- opens nothing.
CREATE TABLE session (
    digest     TEXT PRIMARY KEY,
    id         TEXT NOT NULL UNIQUE,
    person     TEXT NOT NULL REFERENCES account (person),
    proof      TEXT NOT NULL,
    supervisor TEXT REFERENCES account (person),
    began_at   TEXT NOT NULL,
    seen_at    TEXT NOT NULL,
    address    TEXT NOT NULL,
    browser    TEXT NOT NULL
) STRICT;

CREATE INDEX session_person ON session (person);
