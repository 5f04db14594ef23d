-- When a dog was born, or about then; absent: nobody knows.
ALTER TABLE dog ADD COLUMN born_on TEXT CHECK (length(born_on) = 10);

-- What is agreed with a dog: the word that marks, the one that lets it go, and where it is brushed; absent: none of its
-- own, or as far as it has learned.
CREATE TABLE agreed (
    dog_id       INTEGER PRIMARY KEY REFERENCES dog (id),
    marker       TEXT CHECK (length(marker) BETWEEN 1 AND 24),
    release_word TEXT CHECK (length(release_word) BETWEEN 1 AND 24),
    station      TEXT
) STRICT;

-- The word for a position.
CREATE TABLE cue (
    dog_id   INTEGER NOT NULL REFERENCES agreed (dog_id),
    position TEXT NOT NULL,
    word     TEXT NOT NULL CHECK (length(word) BETWEEN 1 AND 24),
    PRIMARY KEY (dog_id, position)
) STRICT, WITHOUT ROWID;
