-- What the simulated outbox has sent: one message a day for each dog, and one for the household.
CREATE TABLE message (
    id     INTEGER PRIMARY KEY,
    dog_id INTEGER REFERENCES dog (id),
    day    TEXT NOT NULL,
    at     TEXT NOT NULL,
    kind   TEXT NOT NULL,
    text   TEXT NOT NULL
) STRICT;

CREATE UNIQUE INDEX message_once_a_day ON message (coalesce(dog_id, 0), day);

-- No message is sent in these hours.
ALTER TABLE household ADD COLUMN quiet_from TEXT NOT NULL DEFAULT '21:00';
ALTER TABLE household ADD COLUMN quiet_to TEXT NOT NULL DEFAULT '08:00';
