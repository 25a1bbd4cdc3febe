-- What a part became is what the next change of it found, or what it is now: it is no longer written a second time.
-- Rows of before keep it.
CREATE VIEW job_change_whole AS
SELECT g.command, g.position, g.part, g.kind, g.before, g.version_before, g.version_after,
       CASE WHEN g.version_after = 0 THEN NULL ELSE coalesce(
           g.after,
           (SELECT n.before FROM job_change n JOIN job_command later ON later.id = n.command
            WHERE n.part = g.part AND later.job = c.job AND (later.sequence, n.position) > (c.sequence, g.position)
            ORDER BY later.sequence, n.position LIMIT 1),
           (SELECT p.body FROM job_part p WHERE p.job = c.job AND p.id = g.part)) END AS after
FROM job_change g JOIN job_command c ON c.id = g.command;
