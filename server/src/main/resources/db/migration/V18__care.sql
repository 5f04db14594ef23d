-- Days between two turns of a job at the table, where the owner has chosen; 0: when it is wanted.
CREATE TABLE care_choice (
    dog_id     INTEGER NOT NULL REFERENCES dog (id),
    job        TEXT    NOT NULL,
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

-- Things in the drawer that are no brushes; of a shampoo, the parts of water to one that its label says (0: used as it is).
CREATE TABLE supply (
    kind  TEXT PRIMARY KEY,
    parts INTEGER CHECK (parts BETWEEN 0 AND 100)
) STRICT, WITHOUT ROWID;

-- Photos of places on the dog, made small and without where and when they were taken. The log says what each shows.
CREATE TABLE photo (
    id     TEXT PRIMARY KEY,
    dog_id INTEGER NOT NULL REFERENCES dog (id),
    jpeg   BLOB NOT NULL CHECK (length(jpeg) BETWEEN 1 AND 1000000)
) STRICT, WITHOUT ROWID;
