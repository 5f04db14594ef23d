-- Where practitioners disagree: what was chosen for this dog; absent: as most hands do it.
ALTER TABLE approach ADD COLUMN brushing_order TEXT;
ALTER TABLE approach ADD COLUMN finish TEXT;
ALTER TABLE approach ADD COLUMN crown TEXT;
ALTER TABLE approach ADD COLUMN mist_when TEXT;
ALTER TABLE approach ADD COLUMN mats TEXT;
ALTER TABLE approach ADD COLUMN loosener TEXT;
