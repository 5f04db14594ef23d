-- Place by place or tool by tool: what was chosen for this dog; absent: as the coat asks.
ALTER TABLE approach ADD COLUMN structure TEXT;
