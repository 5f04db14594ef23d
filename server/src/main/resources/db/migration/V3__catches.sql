-- SQLite cannot loosen a CHECK in place: the log moves into a new table, seq and all.
DROP VIEW comb_check;
DROP VIEW trial;

CREATE TABLE session_event_new (
    seq        INTEGER PRIMARY KEY AUTOINCREMENT,
    id         TEXT NOT NULL UNIQUE,
    session_id TEXT NOT NULL REFERENCES session (id),
    dog_id     INTEGER NOT NULL REFERENCES dog (id),
    at         TEXT NOT NULL,
    day        TEXT NOT NULL,
    type       TEXT NOT NULL CHECK (type IN ('SECTION_DONE', 'SECTION_SKIPPED', 'SECTION_POSTPONED', 'CAUGHT',
                                             'TEASED', 'STOPPED', 'UNDONE')),
    section    TEXT,
    comb       TEXT,
    tangles    INTEGER NOT NULL DEFAULT 0 CHECK (tangles BETWEEN 0 AND 99),
    signal     TEXT,
    -- What was found where the comb caught.
    skin       TEXT,
    lump       TEXT,
    beneath    TEXT,
    spread     TEXT,
    -- How long it was teased.
    seconds    INTEGER CHECK (seconds BETWEEN 1 AND 1800),
    standing   INTEGER NOT NULL DEFAULT 1 CHECK (standing IN (0, 1)),
    CHECK (type <> 'SECTION_DONE' OR (section IS NOT NULL AND comb IS NOT NULL AND signal IS NOT NULL)),
    CHECK (type <> 'CAUGHT' OR (section IS NOT NULL AND skin IS NOT NULL AND lump IS NOT NULL
                                AND beneath IS NOT NULL AND spread IS NOT NULL)),
    CHECK (type <> 'TEASED' OR (section IS NOT NULL AND seconds IS NOT NULL AND signal IS NOT NULL))
) STRICT;

INSERT INTO session_event_new (seq, id, session_id, dog_id, at, day, type, section, comb, tangles, signal, standing)
SELECT seq, id, session_id, dog_id, at, day, type, section, comb, tangles, signal, standing FROM session_event;

DROP TABLE session_event;
ALTER TABLE session_event_new RENAME TO session_event;

CREATE INDEX event_of_session ON session_event (session_id, seq);
CREATE INDEX event_of_dog ON session_event (dog_id, seq);

CREATE VIEW comb_check AS
SELECT dog_id, seq, section, day, tangles, comb = 'MAT_LEFT' AS mat_left
  FROM session_event
 WHERE type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND standing = 1;

CREATE VIEW trial AS
SELECT dog_id, at, section, signal FROM session_event WHERE type = 'SECTION_DONE' AND standing = 1
UNION ALL
SELECT dog_id, at, section, signal FROM practice_trial;
