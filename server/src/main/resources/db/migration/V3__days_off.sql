-- The zone of the clock on the household's wall; absent: the machine's. When the dogs are usually brushed; absent: at no
-- hour in particular.
ALTER TABLE household ADD COLUMN zone TEXT CHECK (length(zone) BETWEEN 1 AND 60);
ALTER TABLE household ADD COLUMN usual_hour TEXT CHECK (length(usual_hour) = 5);

-- A vet has ordered it: it never slips. Absent: nobody has.
ALTER TABLE care_choice ADD COLUMN ordered INTEGER CHECK (ordered = 1);

-- Days on which nothing can be done with a dog, the first and the last among them.
CREATE TABLE day_off (
    id     INTEGER PRIMARY KEY CHECK (id BETWEEN 1 AND 9007199254740991),
    -- Absent: all of them.
    dog_id INTEGER REFERENCES dog (id),
    first  TEXT NOT NULL,
    last   TEXT NOT NULL,
    why    TEXT NOT NULL,
    CHECK (first <= last)
) STRICT;
