-- An appointment may have an hour, where the household lives; absent: only its day is known.
ALTER TABLE appointment ADD COLUMN hour TEXT CHECK (length(hour) = 5);
-- What a matted coat costs besides, each visit; absent: nobody said.
ALTER TABLE groom_price ADD COLUMN surcharge REAL CHECK (surcharge BETWEEN 0 AND 1000000);
