-- Who took a finding as it is stood there by name, and so outlived the erasure of that name: from here on by their id. It
-- is that of whoever gave the command; where a file brought it, nobody here is known to have said so.
CREATE TEMP TABLE accepted AS
SELECT h.part, max(CASE WHEN c.says LIKE 'Accepted: %' THEN c.person ELSE '' END) AS person
FROM job_change h JOIN job_command c ON c.id = h.command
WHERE h.kind = 'acceptance' AND h.version_before = 0 AND h.before IS NULL
GROUP BY h.part;

UPDATE job_part
SET body = json_set(body, '$.person', coalesce((SELECT a.person FROM accepted a WHERE a.part = job_part.id), ''))
WHERE kind = 'acceptance';

UPDATE job_change
SET before = json_set(before, '$.person', coalesce((SELECT a.person FROM accepted a WHERE a.part = job_change.part), '')),
    after = json_set(after, '$.person', coalesce((SELECT a.person FROM accepted a WHERE a.part = job_change.part), ''))
WHERE kind = 'acceptance';

DROP TABLE accepted;
