-- Where the household lives, for the length of its days; degrees, south below 0.
ALTER TABLE household ADD COLUMN latitude REAL NOT NULL DEFAULT 50 CHECK (latitude BETWEEN -90 AND 90);

-- Minutes for brushing on each day of the week; no rows: as many as it takes.
CREATE TABLE day_minutes (
    weekday TEXT PRIMARY KEY,
    minutes INTEGER NOT NULL CHECK (minutes BETWEEN 0 AND 180)
) STRICT, WITHOUT ROWID;

-- Appointments with a groomer.
CREATE TABLE visit (
    id     INTEGER PRIMARY KEY,
    dog_id INTEGER NOT NULL REFERENCES dog (id),
    day    TEXT NOT NULL,
    UNIQUE (dog_id, day)
) STRICT;

-- The newest entry of a dog's log is found at once, however long the log.
CREATE INDEX event_of_dog_in_order ON session_event (dog_id, seq, session_id);

-- Read off the log by session now, so that no question grows with the years.
DROP VIEW trial;
DROP VIEW treat_given;
DROP VIEW comb_check;

-- What all dogs' sessions of today took is found without reading the years before.
CREATE INDEX session_by_time ON session (started_at);
