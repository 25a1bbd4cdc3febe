-- Names that were only typed, joined to a person by a lead’s word. Written with the event that says it, of which this is
-- a projection: one that was taken back counts no more.
CREATE TABLE joined_name (
    event  TEXT PRIMARY KEY REFERENCES event (id),
    typed  TEXT NOT NULL REFERENCES person (id),
    person TEXT NOT NULL REFERENCES account (person)
) STRICT;
CREATE INDEX joined_name_typed ON joined_name (typed);
