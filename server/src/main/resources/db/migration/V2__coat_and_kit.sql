ALTER TABLE dog ADD COLUMN breed TEXT NOT NULL DEFAULT '' CHECK (length(breed) <= 60);

ALTER TABLE coat ADD COLUMN neglected INTEGER NOT NULL DEFAULT 0 CHECK (neglected IN (0, 1));

ALTER TABLE region_coat ADD COLUMN undercoat INTEGER NOT NULL DEFAULT 0 CHECK (undercoat IN (0, 1));
-- What was taken for granted until now.
UPDATE region_coat SET undercoat = 1 WHERE kind IN ('DOUBLE', 'WIRE');

-- What the ruler said: at most one reading a day for each region.
CREATE TABLE length_reading (
    dog_id      INTEGER NOT NULL REFERENCES dog (id),
    region      TEXT NOT NULL,
    day         TEXT NOT NULL,
    millimetres REAL NOT NULL CHECK (millimetres > 0 AND millimetres <= 400),
    -- The length the region had before, so that taking the reading back can be complete.
    before_mm   REAL NOT NULL,
    PRIMARY KEY (dog_id, region, day)
) STRICT, WITHOUT ROWID;

CREATE TABLE tool (
    id         INTEGER PRIMARY KEY,
    name       TEXT NOT NULL CHECK (length(name) <= 40),
    kind       TEXT NOT NULL,
    pin_mm     REAL CHECK (pin_mm > 0 AND pin_mm <= 60),
    pad        TEXT,
    tips       TEXT,
    head       TEXT,
    head_mm    REAL CHECK (head_mm BETWEEN 5 AND 250),
    spacing    TEXT,
    flexible   INTEGER NOT NULL CHECK (flexible IN (0, 1)),
    handle     TEXT,
    -- Kept, so that taking a tool out of the drawer can be undone.
    removed_at TEXT
) STRICT;

-- The look-overs of a tool, oldest first; the newest counts. A replacement is a look-over that begins anew.
CREATE TABLE tool_check (
    id           INTEGER PRIMARY KEY AUTOINCREMENT,
    tool_id      INTEGER NOT NULL REFERENCES tool (id),
    day          TEXT NOT NULL,
    replaced     INTEGER NOT NULL CHECK (replaced IN (0, 1)),
    scratches    INTEGER NOT NULL CHECK (scratches IN (0, 1)),
    tips_missing INTEGER NOT NULL CHECK (tips_missing IN (0, 1)),
    bent         INTEGER NOT NULL CHECK (bent IN (0, 1)),
    rough_teeth  INTEGER NOT NULL CHECK (rough_teeth IN (0, 1))
) STRICT;

CREATE INDEX check_of_tool ON tool_check (tool_id, id);

-- What the owner chose where practitioners disagree; absent: nothing chosen yet.
CREATE TABLE approach (
    dog_id INTEGER PRIMARY KEY REFERENCES dog (id),
    lead   TEXT,
    tips   TEXT NOT NULL,
    mist   TEXT NOT NULL,
    hand   TEXT NOT NULL
) STRICT;
