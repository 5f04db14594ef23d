-- What happened to a dog on a day besides its habits.
CREATE TABLE life_event (
    dog_id INTEGER NOT NULL REFERENCES dog (id),
    day    TEXT NOT NULL,
    event  TEXT NOT NULL,
    PRIMARY KEY (dog_id, day, event)
) STRICT, WITHOUT ROWID;
