CREATE TABLE household (
    id          INTEGER PRIMARY KEY CHECK (id = 1),
    name        TEXT NOT NULL,
    comfort     TEXT NOT NULL,
    length_unit TEXT NOT NULL,
    mass_unit   TEXT NOT NULL,
    week_start  TEXT NOT NULL,
    date_format TEXT NOT NULL
) STRICT;

INSERT INTO household VALUES (1, '', 'BALANCED', 'MILLIMETRES', 'KILOGRAMS', 'MONDAY', 'DAY_MONTH');

CREATE TABLE dog (
    id             INTEGER PRIMARY KEY,
    name           TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
    kilograms      REAL NOT NULL CHECK (kilograms BETWEEN 0.3 AND 120),
    life_stage     TEXT NOT NULL,
    flat_face      INTEGER NOT NULL CHECK (flat_face IN (0, 1)),
    skin           TEXT NOT NULL,
    history        TEXT NOT NULL,
    harness        INTEGER NOT NULL CHECK (harness IN (0, 1)),
    dog_coat       INTEGER NOT NULL CHECK (dog_coat IN (0, 1)),
    swims          INTEGER NOT NULL CHECK (swims IN (0, 1)),
    fields_or_sand INTEGER NOT NULL CHECK (fields_or_sand IN (0, 1)),
    snow           INTEGER NOT NULL CHECK (snow IN (0, 1)),
    -- Kept, so that removing a dog can be undone.
    removed_at     TEXT
) STRICT;

CREATE TABLE coat (
    dog_id           INTEGER PRIMARY KEY REFERENCES dog (id),
    shedding_heavily INTEGER NOT NULL CHECK (shedding_heavily IN (0, 1))
) STRICT;

CREATE TABLE region_coat (
    dog_id      INTEGER NOT NULL REFERENCES coat (dog_id),
    region      TEXT NOT NULL,
    kind        TEXT NOT NULL,
    millimetres REAL NOT NULL CHECK (millimetres > 0 AND millimetres <= 400),
    density     TEXT NOT NULL,
    texture     TEXT NOT NULL,
    pale        INTEGER NOT NULL CHECK (pale IN (0, 1)),
    PRIMARY KEY (dog_id, region)
) STRICT, WITHOUT ROWID;

CREATE TABLE session (
    id         TEXT PRIMARY KEY,
    dog_id     INTEGER NOT NULL REFERENCES dog (id),
    started_at TEXT NOT NULL,
    -- Absent while the session goes on.
    ended_at   TEXT
) STRICT;

CREATE INDEX session_of_dog ON session (dog_id, started_at);
-- One session at a time for each dog.
CREATE UNIQUE INDEX open_session_of_dog ON session (dog_id) WHERE ended_at IS NULL;

CREATE TABLE session_plan (
    session_id TEXT NOT NULL REFERENCES session (id),
    position   INTEGER NOT NULL,
    section    TEXT NOT NULL,
    PRIMARY KEY (session_id, position)
) STRICT, WITHOUT ROWID;

-- The log: rows are only ever added; standing turns 0 when a later event takes one back.
CREATE TABLE session_event (
    seq        INTEGER PRIMARY KEY AUTOINCREMENT,
    id         TEXT NOT NULL UNIQUE,
    session_id TEXT NOT NULL REFERENCES session (id),
    dog_id     INTEGER NOT NULL REFERENCES dog (id),
    at         TEXT NOT NULL,
    day        TEXT NOT NULL,
    type       TEXT NOT NULL CHECK (type IN ('SECTION_DONE', 'SECTION_SKIPPED', 'STOPPED', 'UNDONE')),
    section    TEXT,
    comb       TEXT,
    tangles    INTEGER NOT NULL DEFAULT 0 CHECK (tangles BETWEEN 0 AND 99),
    signal     TEXT,
    standing   INTEGER NOT NULL DEFAULT 1 CHECK (standing IN (0, 1)),
    CHECK (type <> 'SECTION_DONE' OR (section IS NOT NULL AND comb IS NOT NULL AND signal IS NOT NULL))
) STRICT;

CREATE INDEX event_of_session ON session_event (session_id, seq);
CREATE INDEX event_of_dog ON session_event (dog_id, seq);

CREATE TABLE practice_trial (
    seq     INTEGER PRIMARY KEY AUTOINCREMENT,
    id      TEXT NOT NULL UNIQUE,
    dog_id  INTEGER NOT NULL REFERENCES dog (id),
    at      TEXT NOT NULL,
    section TEXT NOT NULL,
    signal  TEXT NOT NULL
) STRICT;

CREATE INDEX practice_of_dog ON practice_trial (dog_id, at);

-- What the rhythm learns from: facts read off the log, kept nowhere else.
CREATE VIEW comb_check AS
SELECT dog_id, seq, section, day, tangles, comb = 'MAT_LEFT' AS mat_left
  FROM session_event
 WHERE type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND standing = 1;

-- The dog's answers, from brushing and from practice.
CREATE VIEW trial AS
SELECT dog_id, at, section, signal FROM session_event WHERE type = 'SECTION_DONE' AND standing = 1
UNION ALL
SELECT dog_id, at, section, signal FROM practice_trial;
