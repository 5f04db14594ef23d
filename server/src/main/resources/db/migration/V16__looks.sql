-- Whether a groomer keeps the hair of a region short is an attribute of its own. Until now it followed from the kind.
ALTER TABLE region_coat ADD COLUMN clipped INTEGER NOT NULL DEFAULT 0 CHECK (clipped IN (0, 1));
UPDATE region_coat SET clipped = 1 WHERE kind IN ('DROP', 'CURLY');

-- Fleece is a kind. Until now it was curly hair with a soft texture.
UPDATE region_coat SET kind = 'FLEECE' WHERE kind = 'CURLY' AND texture = 'SOFT';

-- Pale was all that was known of the colour.
ALTER TABLE region_coat ADD COLUMN colour TEXT NOT NULL DEFAULT 'GOLD';
UPDATE region_coat SET colour = 'PALE' WHERE pale = 1;
ALTER TABLE region_coat DROP COLUMN pale;

-- How the dog is drawn.
ALTER TABLE dog ADD COLUMN build TEXT NOT NULL DEFAULT 'SQUARE';
ALTER TABLE dog ADD COLUMN ears TEXT NOT NULL DEFAULT 'HANGING';
ALTER TABLE dog ADD COLUMN tail TEXT NOT NULL DEFAULT 'SABRE';
