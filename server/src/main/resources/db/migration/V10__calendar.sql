-- The unguessable part of the address under which the plan can be subscribed to; empty: not asked for yet.
ALTER TABLE household ADD COLUMN calendar_key TEXT NOT NULL DEFAULT '';
