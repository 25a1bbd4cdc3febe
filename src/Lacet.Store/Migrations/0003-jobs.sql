-- Jobs. What a card shows is kept beside the job, so that a list of jobs judges none of them.
CREATE TABLE job (
    id         TEXT PRIMARY KEY,
    summary    TEXT NOT NULL,
    created_at TEXT NOT NULL,
    changed_at TEXT NOT NULL,
    removed    INTEGER NOT NULL DEFAULT 0
) STRICT;

-- The parts of a job, title included: one row a part, its data as JSON.
CREATE TABLE job_part (
    job     TEXT NOT NULL REFERENCES job (id),
    id      TEXT NOT NULL,
    kind    TEXT NOT NULL,
    body    TEXT NOT NULL,
    version INTEGER NOT NULL,
    PRIMARY KEY (job, id)
) STRICT, WITHOUT ROWID;

-- What was changed: a command is all or nothing, and is undone by another one.
CREATE TABLE job_command (
    id       TEXT PRIMARY KEY,
    job      TEXT NOT NULL REFERENCES job (id),
    sequence INTEGER NOT NULL,
    person   TEXT NOT NULL REFERENCES person (id),
    at       TEXT NOT NULL,
    says     TEXT NOT NULL,
    undoes   TEXT REFERENCES job_command (id),
    UNIQUE (job, sequence)
) STRICT;

CREATE INDEX job_command_undoes ON job_command (undoes) WHERE undoes IS NOT NULL;

CREATE TABLE job_change (
    command        TEXT NOT NULL REFERENCES job_command (id),
    position       INTEGER NOT NULL,
    part           TEXT NOT NULL,
    kind           TEXT NOT NULL,
    before         TEXT,
    after          TEXT,
    version_before INTEGER NOT NULL,
    version_after  INTEGER NOT NULL,
    PRIMARY KEY (command, position)
) STRICT, WITHOUT ROWID;

CREATE INDEX job_change_part ON job_change (part);

-- Which job and end an event is about, so that a job's state can be folded without reading every event.
ALTER TABLE event ADD COLUMN job TEXT;
ALTER TABLE event ADD COLUMN wire_end TEXT;
CREATE INDEX event_job ON event (job, sequence) WHERE job IS NOT NULL;
