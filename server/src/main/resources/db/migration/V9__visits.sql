-- What is kept of a visit once it was; absent: not said.
ALTER TABLE visit ADD COLUMN left_mm REAL CHECK (left_mm > 0 AND left_mm <= 400);
ALTER TABLE visit ADD COLUMN price REAL CHECK (price >= 0);
ALTER TABLE visit ADD COLUMN remarks TEXT NOT NULL DEFAULT '' CHECK (length(remarks) <= 1000);
ALTER TABLE visit ADD COLUMN found TEXT NOT NULL DEFAULT '' CHECK (length(found) <= 1000);

-- What grooming this dog costs, in the household's currency.
CREATE TABLE groom_price (
    dog_id     INTEGER PRIMARY KEY REFERENCES dog (id),
    price      REAL NOT NULL CHECK (price >= 0),
    tip        REAL NOT NULL CHECK (tip >= 0),
    credit     REAL NOT NULL CHECK (credit >= 0),
    membership REAL NOT NULL CHECK (membership >= 0)
) STRICT;

ALTER TABLE household ADD COLUMN currency TEXT NOT NULL DEFAULT 'EUR' CHECK (length(currency) = 3);
