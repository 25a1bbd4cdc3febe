-- What is recorded of enclosures, and not of ends: found at a start without reading every event.
CREATE INDEX event_of_enclosure ON event (job) WHERE job IS NOT NULL AND wire_end IS NULL;
