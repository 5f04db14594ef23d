-- How much brushing a day asked for, as it stood when it was looked at last. A day without it was never looked at.
CREATE TABLE asked_day (
    day     TEXT PRIMARY KEY,
    seconds INTEGER NOT NULL CHECK (seconds BETWEEN 0 AND 86400)
) STRICT;
