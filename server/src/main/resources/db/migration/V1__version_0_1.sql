-- The data of version 0.1. From here on it is kept: what changes comes in a migration of its own. The database checks
-- numbers, lengths of texts, and what refers to what; words are checked where they come in. An id is a number that a
-- browser holds exactly, up to 2^53 - 1.
CREATE TABLE household (
    id           INTEGER PRIMARY KEY CHECK (id = 1),
    name         TEXT NOT NULL CHECK (length(name) <= 60),
    comfort      TEXT NOT NULL,
    length_unit  TEXT NOT NULL,
    mass_unit    TEXT NOT NULL,
    week_start   TEXT NOT NULL,
    date_format  TEXT NOT NULL,
    latitude     REAL NOT NULL DEFAULT 50 CHECK (latitude BETWEEN -90 AND 90),
    currency     TEXT NOT NULL DEFAULT 'EUR' CHECK (length(currency) = 3),
    quiet_from   TEXT NOT NULL DEFAULT '21:00' CHECK (length(quiet_from) = 5),
    quiet_to     TEXT NOT NULL DEFAULT '08:00' CHECK (length(quiet_to) = 5),
    -- The unguessable part of the address under which the plan can be subscribed to.
    calendar_key TEXT NOT NULL DEFAULT ''
) STRICT;

-- Minutes there are for the dogs; absent: as many as it takes.
CREATE TABLE day_minutes (
    weekday TEXT PRIMARY KEY,
    minutes INTEGER NOT NULL CHECK (minutes BETWEEN 0 AND 180)
) STRICT, WITHOUT ROWID;

CREATE TABLE dog (
    id             INTEGER PRIMARY KEY CHECK (id BETWEEN 1 AND 9007199254740991),
    name           TEXT NOT NULL CHECK (length(name) BETWEEN 1 AND 40),
    breed          TEXT NOT NULL DEFAULT '' CHECK (length(breed) <= 60),
    kilograms      REAL NOT NULL CHECK (kilograms BETWEEN 0.3 AND 120),
    life_stage     TEXT NOT NULL,
    flat_face      INTEGER NOT NULL CHECK (flat_face IN (0, 1)),
    neutered       INTEGER NOT NULL DEFAULT 1 CHECK (neutered IN (0, 1)),
    skin           TEXT NOT NULL,
    history        TEXT NOT NULL,
    harness        INTEGER NOT NULL CHECK (harness IN (0, 1)),
    dog_coat       INTEGER NOT NULL CHECK (dog_coat IN (0, 1)),
    swims          INTEGER NOT NULL CHECK (swims IN (0, 1)),
    fields_or_sand INTEGER NOT NULL CHECK (fields_or_sand IN (0, 1)),
    snow           INTEGER NOT NULL CHECK (snow IN (0, 1)),
    -- How it is drawn.
    build          TEXT NOT NULL DEFAULT 'SQUARE',
    ears           TEXT NOT NULL DEFAULT 'HANGING',
    tail           TEXT NOT NULL DEFAULT 'SABRE',
    -- What a dog's own room tells without looking into the coat's.
    coat_described INTEGER NOT NULL DEFAULT 0 CHECK (coat_described IN (0, 1)),
    -- Kept, so that removing a dog can be undone.
    removed_at     TEXT
) STRICT;

CREATE TABLE coat (
    dog_id           INTEGER PRIMARY KEY REFERENCES dog (id),
    shedding_heavily INTEGER NOT NULL CHECK (shedding_heavily IN (0, 1)),
    -- No comb went to the skin for weeks.
    neglected        INTEGER NOT NULL DEFAULT 0 CHECK (neglected IN (0, 1))
) STRICT;

CREATE TABLE region_coat (
    dog_id      INTEGER NOT NULL REFERENCES coat (dog_id),
    region      TEXT NOT NULL,
    kind        TEXT NOT NULL,
    millimetres REAL NOT NULL CHECK (millimetres BETWEEN 1 AND 400),
    density     TEXT NOT NULL,
    texture     TEXT NOT NULL,
    undercoat   INTEGER NOT NULL DEFAULT 0 CHECK (undercoat IN (0, 1)),
    clipped     INTEGER NOT NULL DEFAULT 0 CHECK (clipped IN (0, 1)),
    colour      TEXT NOT NULL DEFAULT 'GOLD',
    PRIMARY KEY (dog_id, region)
) STRICT, WITHOUT ROWID;

-- What is in the drawer.
CREATE TABLE tool (
    id         INTEGER PRIMARY KEY CHECK (id BETWEEN 1 AND 9007199254740991),
    name       TEXT NOT NULL CHECK (length(name) <= 40),
    kind       TEXT NOT NULL,
    pin_mm     REAL CHECK (pin_mm BETWEEN 1 AND 60),
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

-- What a kind of tool costs where the owner lives.
CREATE TABLE tool_price (
    kind  TEXT PRIMARY KEY,
    price REAL NOT NULL CHECK (price BETWEEN 0 AND 10000)
) STRICT, WITHOUT ROWID;

-- The schools chosen for a dog; absent: the usual ones.
CREATE TABLE approach (
    dog_id INTEGER PRIMARY KEY REFERENCES dog (id),
    lead   TEXT,
    tips   TEXT NOT NULL,
    mist   TEXT NOT NULL,
    hand   TEXT NOT NULL
) STRICT;

CREATE TABLE treat (
    dog_id        INTEGER PRIMARY KEY REFERENCES dog (id),
    kcal_per_gram REAL NOT NULL CHECK (kcal_per_gram > 0 AND kcal_per_gram <= 10),
    grams         REAL NOT NULL CHECK (grams > 0 AND grams <= 50)
) STRICT;

-- Days between two turns of a job at the table, where the owner has chosen; 0: when it is wanted.
CREATE TABLE care_choice (
    dog_id     INTEGER NOT NULL REFERENCES dog (id),
    job        TEXT NOT NULL,
    every_days INTEGER NOT NULL CHECK (every_days BETWEEN 0 AND 365),
    PRIMARY KEY (dog_id, job)
) STRICT, WITHOUT ROWID;

-- Which paws have dew claws, and whether the claws are dark; absent: as most dogs' are.
CREATE TABLE claws (
    dog_id    INTEGER PRIMARY KEY REFERENCES dog (id),
    front_dew INTEGER NOT NULL CHECK (front_dew IN (0, 1)),
    hind_dew  INTEGER NOT NULL CHECK (hind_dew IN (0, 1)),
    dark      INTEGER NOT NULL CHECK (dark IN (0, 1))
) STRICT;

-- Things in the drawer that are no brushes; of a shampoo, the parts of water to one that its label says (0: as it is).
CREATE TABLE supply (
    kind  TEXT PRIMARY KEY,
    parts INTEGER CHECK (parts BETWEEN 0 AND 100)
) STRICT, WITHOUT ROWID;

-- Pictures of places, small; a look-over in the log names the one it shows.
CREATE TABLE photo (
    id     TEXT PRIMARY KEY,
    dog_id INTEGER NOT NULL REFERENCES dog (id),
    jpeg   BLOB NOT NULL CHECK (length(jpeg) BETWEEN 1 AND 1000000)
) STRICT, WITHOUT ROWID;

-- All that was said: one log. Entries are only ever added.
CREATE TABLE entry (
    seq        INTEGER PRIMARY KEY AUTOINCREMENT CHECK (seq BETWEEN 1 AND 9007199254740991),
    id         TEXT NOT NULL UNIQUE,
    -- Absent: of the household.
    dog_id     INTEGER REFERENCES dog (id),
    -- That it belongs to: the id of the entry that began it.
    session_id TEXT REFERENCES entry (id),
    at         TEXT NOT NULL,
    day        TEXT NOT NULL,
    -- That it was said on; empty: not known.
    device     TEXT NOT NULL DEFAULT '' CHECK (length(device) <= 40),
    -- The entry that does not stand because of this one.
    takes_back TEXT REFERENCES entry (id),
    said       TEXT NOT NULL CHECK (json_valid(said) AND length(said) <= 20000),
    CHECK (session_id IS NULL OR dog_id IS NOT NULL)
) STRICT;

CREATE INDEX entry_of_session ON entry (session_id, seq) WHERE session_id IS NOT NULL;
-- Nothing is taken back twice.
CREATE UNIQUE INDEX entry_taken_back ON entry (takes_back) WHERE takes_back IS NOT NULL;
CREATE INDEX entry_by_kind ON entry (said ->> '$.type', at);
CREATE INDEX session_of_dog ON entry (dog_id, at) WHERE said ->> '$.type' = 'SESSION_BEGUN';

-- With a groomer, to come, or waiting to be confirmed; a visit that took place is an entry of the log.
CREATE TABLE appointment (
    id     INTEGER PRIMARY KEY CHECK (id BETWEEN 1 AND 9007199254740991),
    dog_id INTEGER NOT NULL REFERENCES dog (id),
    day    TEXT NOT NULL,
    -- Absent: only its day is known.
    hour   TEXT CHECK (length(hour) = 5),
    -- It did not take place.
    missed INTEGER NOT NULL DEFAULT 0 CHECK (missed IN (0, 1)),
    UNIQUE (dog_id, day)
) STRICT;

-- What grooming this dog costs, in the household's currency.
CREATE TABLE groom_price (
    dog_id     INTEGER PRIMARY KEY REFERENCES dog (id),
    price      REAL NOT NULL CHECK (price BETWEEN 0 AND 1000000),
    tip        REAL NOT NULL CHECK (tip BETWEEN 0 AND 1000000),
    credit     REAL NOT NULL CHECK (credit BETWEEN 0 AND 1000000),
    membership REAL NOT NULL CHECK (membership BETWEEN 0 AND 1000000),
    -- For a matted coat.
    surcharge  REAL CHECK (surcharge BETWEEN 0 AND 1000000)
) STRICT;

-- What the owner adds to the sheet for the groomer.
CREATE TABLE hand_over (
    dog_id INTEGER PRIMARY KEY REFERENCES dog (id),
    wish   TEXT NOT NULL CHECK (length(wish) <= 1000),
    health TEXT NOT NULL CHECK (length(health) <= 1000)
) STRICT;

-- What the simulated outbox has sent: one message a day for each dog, and one for the household.
CREATE TABLE message (
    id     INTEGER PRIMARY KEY CHECK (id BETWEEN 1 AND 9007199254740991),
    dog_id INTEGER REFERENCES dog (id),
    day    TEXT NOT NULL,
    at     TEXT NOT NULL,
    kind   TEXT NOT NULL,
    text   TEXT NOT NULL CHECK (length(text) <= 2000)
) STRICT;

CREATE UNIQUE INDEX message_once_a_day ON message (coalesce(dog_id, 0), day);

INSERT INTO household (id, name, comfort, length_unit, mass_unit, week_start, date_format, calendar_key)
VALUES (1, '', 'BALANCED', 'MILLIMETRES', 'KILOGRAMS', 'MONDAY', 'DAY_MONTH', lower(hex(randomblob(16))));
