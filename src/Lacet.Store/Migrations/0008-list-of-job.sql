-- The form of the list that came into a job last, so that its wires go out in the same columns and units.
CREATE TABLE list_of_job (
    job_id TEXT NOT NULL PRIMARY KEY,
    body TEXT NOT NULL
) STRICT;
