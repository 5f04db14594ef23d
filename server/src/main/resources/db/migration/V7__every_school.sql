-- Where practitioners disagree: what was chosen for this dog; absent: as most hands do it.
ALTER TABLE approach ADD COLUMN amount TEXT;
ALTER TABLE approach ADD COLUMN direction TEXT;
ALTER TABLE approach ADD COLUMN stroke TEXT;
ALTER TABLE approach ADD COLUMN loop TEXT;
ALTER TABLE approach ADD COLUMN ear_hair TEXT;
ALTER TABLE approach ADD COLUMN nails TEXT;

-- Of a brush with two faces the one that was measured first; each face is a tool of its own.
ALTER TABLE tool ADD COLUMN other_face INTEGER REFERENCES tool (id);
