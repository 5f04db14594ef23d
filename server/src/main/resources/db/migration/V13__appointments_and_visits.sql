-- An appointment is to come, or was and waits to be confirmed; a visit is one that was recorded as done. Until now both
-- were rows of visit, and a row that says nothing of what was done was an appointment: it counts no more until it is
-- confirmed.
CREATE TABLE appointment (
    id     INTEGER PRIMARY KEY,
    dog_id INTEGER NOT NULL REFERENCES dog (id),
    day    TEXT NOT NULL,
    -- It did not take place.
    missed INTEGER NOT NULL DEFAULT 0 CHECK (missed IN (0, 1)),
    UNIQUE (dog_id, day)
) STRICT;

-- Such rows before a visit of which something was said stay visits: that one has settled them.
INSERT INTO appointment (id, dog_id, day)
SELECT id, dog_id, day FROM visit AS bare
 WHERE left_mm IS NULL AND price IS NULL AND remarks = '' AND found = ''
   AND day > coalesce((SELECT max(day) FROM visit
                        WHERE dog_id = bare.dog_id
                          AND (left_mm IS NOT NULL OR price IS NOT NULL OR remarks <> '' OR found <> '')), '');
DELETE FROM visit WHERE id IN (SELECT id FROM appointment);

-- Whether the length that was left became a reading, so that taking the visit back takes that back, too.
ALTER TABLE visit ADD COLUMN took_over INTEGER NOT NULL DEFAULT 0 CHECK (took_over IN (0, 1));
ALTER TABLE length_reading ADD COLUMN of_visit INTEGER NOT NULL DEFAULT 0 CHECK (of_visit IN (0, 1));
-- What the ruler had said that day before the visit; absent: nothing.
ALTER TABLE length_reading ADD COLUMN ruler_mm REAL CHECK (ruler_mm > 0 AND ruler_mm <= 400);

UPDATE length_reading SET of_visit = 1
 WHERE EXISTS (SELECT 1 FROM visit
                WHERE visit.dog_id = length_reading.dog_id AND visit.day = length_reading.day
                  AND visit.left_mm = length_reading.millimetres);
UPDATE visit SET took_over = 1
 WHERE EXISTS (SELECT 1 FROM length_reading
                WHERE length_reading.dog_id = visit.dog_id AND length_reading.day = visit.day AND of_visit = 1);

-- The private address of the calendar is there from the beginning: asking for it must not write.
UPDATE household SET calendar_key = lower(hex(randomblob(16))) WHERE calendar_key = '';
