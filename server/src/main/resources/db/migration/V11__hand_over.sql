-- What the owner adds to the sheet for the groomer.
CREATE TABLE hand_over (
    dog_id INTEGER PRIMARY KEY REFERENCES dog (id),
    wish   TEXT NOT NULL CHECK (length(wish) <= 1000),
    health TEXT NOT NULL CHECK (length(health) <= 1000)
) STRICT;
