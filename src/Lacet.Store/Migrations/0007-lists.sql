-- How a shop keeps its wire lists: what the columns under a set of headings hold, and what was answered of them, so
-- that the next list with those headings asks nothing.
CREATE TABLE list_layout (
    headings TEXT NOT NULL PRIMARY KEY,
    id TEXT NOT NULL UNIQUE,
    name TEXT NOT NULL,
    body TEXT NOT NULL,
    used_at TEXT NOT NULL
) STRICT;

-- What the terminals of devices whose names begin alike were last said to be, to be offered for the next such device.
CREATE TABLE landing_of_prefix (
    prefix TEXT NOT NULL PRIMARY KEY,
    body TEXT NOT NULL
) STRICT;
