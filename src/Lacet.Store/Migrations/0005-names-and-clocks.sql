-- A name is compared by its key: the same whatever its case, its accents’ spelling and what cannot be seen in it. The server
-- fills it in for names that were there before.
ALTER TABLE person ADD COLUMN name_key TEXT;
CREATE INDEX person_name_key ON person (name_key);

-- The last that each device’s clock said, so that one that goes backwards is noticed. The server’s own has an empty name.
CREATE TABLE device_clock (
    device        TEXT PRIMARY KEY,
    last_sequence INTEGER NOT NULL,
    last_at       INTEGER NOT NULL
) STRICT;
