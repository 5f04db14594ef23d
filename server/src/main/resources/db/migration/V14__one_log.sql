-- All that was said is one log from here on: entries are only ever added, each with its moment, its sender's id and
-- device. What was a row of its own until now (sessions and their plans, entries of sessions, practice, the life of a
-- day, ruler readings, visits, look-overs of tools) becomes an entry, in the order of its moment.
CREATE TABLE entry (
    seq        INTEGER PRIMARY KEY AUTOINCREMENT,
    id         TEXT NOT NULL UNIQUE,
    -- Absent: of the household.
    dog_id     INTEGER REFERENCES dog (id),
    -- That it belongs to: the id of the entry that began it.
    session_id TEXT REFERENCES entry (id),
    at         TEXT NOT NULL,
    day        TEXT NOT NULL,
    -- That it was said on; empty: not known.
    device     TEXT NOT NULL DEFAULT '' CHECK (length(device) <= 40),
    -- The entry that does not stand because of this one.
    takes_back TEXT REFERENCES entry (id),
    said       TEXT NOT NULL CHECK (json_valid(said) AND length(said) <= 20000),
    CHECK (session_id IS NULL OR dog_id IS NOT NULL)
) STRICT;

CREATE INDEX entry_of_session ON entry (session_id, seq) WHERE session_id IS NOT NULL;
-- Nothing is taken back twice.
CREATE UNIQUE INDEX entry_taken_back ON entry (takes_back) WHERE takes_back IS NOT NULL;

CREATE TEMP TABLE came (
    source     INTEGER NOT NULL,
    old_seq    INTEGER NOT NULL,
    id         TEXT NOT NULL,
    dog_id     INTEGER,
    session_id TEXT,
    at         TEXT NOT NULL,
    day        TEXT NOT NULL,
    takes_back TEXT,
    said       TEXT NOT NULL
);


INSERT INTO came
SELECT 0, 0, s.id, s.dog_id, s.id, s.started_at, substr(s.started_at, 1, 10), NULL,
       json_object('type', 'SESSION_BEGUN', 'plan',
           (SELECT json_group_array(
                       json_patch('{}', json_object('section', section, 'seconds', seconds, 'subject', subject))
                       ORDER BY position)
              FROM session_plan WHERE session_id = s.id))
  FROM session AS s;

-- The n-th undo takes back the last entry that still stands: each entry counts +1, each undo -1, and an undo takes back
-- the last entry before it that brought the sum to one more than it leaves.
CREATE TEMP TABLE counted AS
SELECT seq, id, session_id, type,
       sum(CASE type WHEN 'UNDONE' THEN -1 ELSE 1 END) OVER (PARTITION BY session_id ORDER BY seq) AS height
  FROM session_event;
CREATE INDEX temp.counted_by ON counted (session_id, height, seq);

INSERT INTO came
SELECT 1, e.seq, e.id, e.dog_id, e.session_id, e.at, e.day,
       CASE e.type WHEN 'UNDONE' THEN
           (SELECT target.id FROM counted AS here
              JOIN counted AS target ON target.session_id = here.session_id AND target.height = here.height + 1
                                    AND target.seq < here.seq AND target.type <> 'UNDONE'
             WHERE here.seq = e.seq ORDER BY target.seq DESC LIMIT 1)
       END,
       json_patch('{}', json_object(
           'type', CASE e.type WHEN 'HAIR_OUT' THEN iif(e.grams IS NULL, 'HAIR_CAME_OUT', 'HAIR_WEIGHED') ELSE e.type END,
           'section', e.section,
           'comb', e.comb,
           'tangles', CASE e.type WHEN 'SECTION_DONE' THEN e.tangles END,
           'seconds', e.seconds,
           'signal', e.signal,
           'found', CASE e.type WHEN 'CAUGHT' THEN
               json_object('skin', e.skin, 'lump', e.lump, 'beneath', e.beneath, 'spread', e.spread) END,
           'hair', iif(e.grams IS NULL, e.hair, NULL),
           'grams', e.grams,
           'spent', e.spent))
  FROM session_event AS e;

INSERT INTO came
SELECT 2, 0, '', s.dog_id, s.id,
       coalesce((SELECT max(at) FROM session_event WHERE session_id = s.id), s.started_at), substr(s.started_at, 1, 10),
       NULL, json_object('type', 'SESSION_NOTED', 'text', s.note)
  FROM session AS s WHERE s.note <> '';

INSERT INTO came
SELECT 3, seq, id, dog_id, NULL, at, day, NULL,
       json_patch('{}', json_object('type', 'PRACTISED', 'subject', subject, 'section', section, 'signal', signal))
  FROM practice_trial;

INSERT INTO came
SELECT 4, rowid, '', dog_id, NULL, day || 'T12:00:00.000Z', day, NULL, json_object('type', 'HAPPENED', 'event', event)
  FROM (SELECT row_number() OVER (ORDER BY dog_id, day, event) AS rowid, * FROM life_event);

-- What the ruler said before a visit of the same day, the visit, and what the ruler said otherwise.
INSERT INTO came
SELECT CASE of_visit WHEN 1 THEN 5 ELSE 7 END, row_number() OVER (ORDER BY dog_id, day, region), '', dog_id, NULL,
       day || 'T12:00:00.000Z', day, NULL,
       json_object('type', 'MEASURED', 'region', region, 'millimetres', coalesce(ruler_mm, millimetres), 'before', before_mm)
  FROM length_reading WHERE of_visit = 0 OR ruler_mm IS NOT NULL;

INSERT INTO came
SELECT 6, id, '', dog_id, NULL, day || 'T12:00:00.000Z', day, NULL,
       json_patch('{}', json_object(
           'type', 'VISITED', 'left', left_mm, 'price', price, 'remarks', remarks, 'found', found,
           'tookOver', json(CASE took_over WHEN 1 THEN 'true' ELSE 'false' END),
           'before', (SELECT json_group_object(region, before_mm ORDER BY instr('HEAD EARS NECK BODY LEGS REAR TAIL', region)) FROM length_reading
                       WHERE dog_id = visit.dog_id AND day = visit.day AND of_visit = 1)))
  FROM visit;

INSERT INTO came
SELECT 8, id, '', NULL, NULL, day || 'T12:00:00.000Z', day, NULL,
       CASE replaced WHEN 1 THEN json_object('type', 'TOOL_REPLACED', 'tool', tool_id)
       ELSE json_object('type', 'TOOL_LOOKED_OVER', 'tool', tool_id, 'faults', (
           SELECT json_group_array(fault) FROM (
               SELECT 'SCRATCHES' AS fault WHERE scratches UNION ALL SELECT 'TIPS_MISSING' WHERE tips_missing
               UNION ALL SELECT 'BENT' WHERE bent UNION ALL SELECT 'ROUGH_TEETH' WHERE rough_teeth)))
       END
  FROM tool_check;

UPDATE came
   SET id = lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || substr(hex(randomblob(2)), 2) || '-a'
                  || substr(hex(randomblob(2)), 2) || '-' || hex(randomblob(6)))
 WHERE id = '';

-- Within a session nothing comes before what was said before it, whatever the clock did.
INSERT INTO entry (id, dog_id, session_id, at, day, takes_back, said)
SELECT id, dog_id, session_id, in_order, day, takes_back, said
  FROM (SELECT *, CASE WHEN session_id IS NULL THEN at
                       ELSE max(at) OVER (PARTITION BY session_id ORDER BY source, old_seq) END AS in_order
          FROM came)
 ORDER BY in_order, source, old_seq;

DROP TABLE temp.counted;
DROP TABLE temp.came;

DROP VIEW IF EXISTS comb_check;
DROP VIEW IF EXISTS trial;
DROP VIEW IF EXISTS treat_given;
DROP VIEW IF EXISTS section_time;
DROP VIEW IF EXISTS place_stretch;
DROP VIEW IF EXISTS session_stretch;
DROP TABLE session_event;
DROP TABLE session_plan;
DROP TABLE session;
DROP TABLE practice_trial;
DROP TABLE life_event;
DROP TABLE length_reading;
DROP TABLE visit;
DROP TABLE tool_check;

CREATE INDEX entry_by_kind ON entry (said ->> '$.type', at);
CREATE INDEX session_of_dog ON entry (dog_id, at) WHERE said ->> '$.type' = 'SESSION_BEGUN';

-- What a dog's own room tells without looking into the coat's.
ALTER TABLE dog ADD COLUMN coat_described INTEGER NOT NULL DEFAULT 0 CHECK (coat_described IN (0, 1));
UPDATE dog SET coat_described = 1 WHERE id IN (SELECT dog_id FROM coat);
