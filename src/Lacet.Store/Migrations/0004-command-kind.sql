-- What kind of change a command is: an import that is sent again is answered by its wires.
ALTER TABLE job_command ADD COLUMN kind TEXT NOT NULL DEFAULT 'change';
UPDATE job_command SET kind = 'import' WHERE says LIKE 'Imported a wire list%';
