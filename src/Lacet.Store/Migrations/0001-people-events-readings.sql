-- Who works. A typed name makes a person who is not proved. The name lies here and only here, so that it can be erased;
-- events hold its salted digest.
CREATE TABLE person (
    id         TEXT PRIMARY KEY,
    name       TEXT NOT NULL,
    proved     INTEGER NOT NULL DEFAULT 0,
    salt       BLOB NOT NULL,
    created_at TEXT NOT NULL
) STRICT;

CREATE UNIQUE INDEX person_name ON person (name);

-- What happened, as exact bytes. Append-only: the triggers below refuse everything else.
CREATE TABLE event (
    sequence       INTEGER PRIMARY KEY,
    id             TEXT NOT NULL UNIQUE,
    request_digest TEXT NOT NULL,
    corrects       TEXT,
    bytes          BLOB NOT NULL,
    hash           TEXT NOT NULL
) STRICT;

CREATE INDEX event_corrects ON event (corrects) WHERE corrects IS NOT NULL;

CREATE TRIGGER event_no_update BEFORE UPDATE ON event
BEGIN
    SELECT RAISE(ABORT, 'events are never changed');
END;

CREATE TRIGGER event_no_delete BEFORE DELETE ON event
BEGIN
    SELECT RAISE(ABORT, 'events are never deleted');
END;

-- Peaks that a device read, kept from the moment the hand let go until somebody records with them.
CREATE TABLE reading (
    id            TEXT PRIMARY KEY,
    tool          TEXT NOT NULL,
    newton_metres REAL NOT NULL,
    simulated     INTEGER NOT NULL,
    read_at       TEXT NOT NULL
) STRICT;
