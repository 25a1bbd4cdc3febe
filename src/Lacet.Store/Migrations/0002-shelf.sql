-- The Shelf: one row a thing, its data as JSON. A code is unique within its kind.
CREATE TABLE shelf_item (
    id         TEXT PRIMARY KEY,
    kind       TEXT NOT NULL,
    code       TEXT NOT NULL,
    body       TEXT NOT NULL,
    words      TEXT NOT NULL,
    version    INTEGER NOT NULL,
    UNIQUE (kind, code)
) STRICT;

-- What was changed, so that it can be undone: one batch for an import, one for each change by hand.
CREATE TABLE shelf_change (
    batch          TEXT NOT NULL,
    position       INTEGER NOT NULL,
    item           TEXT NOT NULL,
    before         TEXT,
    after          TEXT,
    version_after  INTEGER,
    person         TEXT REFERENCES person (id),
    at             TEXT NOT NULL,
    undone         INTEGER NOT NULL DEFAULT 0,
    PRIMARY KEY (batch, position)
) STRICT;

CREATE VIRTUAL TABLE shelf_search USING fts5 (item UNINDEXED, words, tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3');

CREATE TRIGGER shelf_item_added AFTER INSERT ON shelf_item
BEGIN
    INSERT INTO shelf_search (item, words) VALUES (new.id, new.words);
END;

CREATE TRIGGER shelf_item_changed AFTER UPDATE ON shelf_item
BEGIN
    DELETE FROM shelf_search WHERE item = old.id;
    INSERT INTO shelf_search (item, words) VALUES (new.id, new.words);
END;

CREATE TRIGGER shelf_item_removed AFTER DELETE ON shelf_item
BEGIN
    DELETE FROM shelf_search WHERE item = old.id;
END;
