-- 1: nobody has weighed it yet, it was only looked at; absent: its owner said so.
ALTER TABLE dog ADD COLUMN weight_guessed INTEGER CHECK (weight_guessed = 1);
