-- What happens beside the dog enters the log too. SQLite cannot loosen a CHECK in place: the log moves again.
DROP VIEW comb_check;
DROP VIEW trial;
DROP VIEW section_time;

CREATE TABLE session_event_new (
    seq        INTEGER PRIMARY KEY AUTOINCREMENT,
    id         TEXT NOT NULL UNIQUE,
    session_id TEXT NOT NULL REFERENCES session (id),
    dog_id     INTEGER NOT NULL REFERENCES dog (id),
    at         TEXT NOT NULL,
    day        TEXT NOT NULL,
    type       TEXT NOT NULL CHECK (type IN ('STARTED', 'KNOT_FELT', 'LAYER_DONE', 'HAIR_OUT', 'SIGNALLED', 'TREAT_GIVEN',
                                             'PAUSED', 'RESUMED', 'SECTION_DONE', 'SECTION_SKIPPED',
                                             'SECTION_POSTPONED', 'CAUGHT', 'TEASED', 'STOPPED', 'UNDONE')),
    section    TEXT,
    comb       TEXT,
    tangles    INTEGER NOT NULL DEFAULT 0 CHECK (tangles BETWEEN 0 AND 99),
    signal     TEXT,
    -- What was found where the comb caught.
    skin       TEXT,
    lump       TEXT,
    beneath    TEXT,
    spread     TEXT,
    -- How long it was teased.
    seconds    INTEGER CHECK (seconds BETWEEN 1 AND 1800),
    -- What a pass brought out; grams only when it was weighed.
    hair       TEXT,
    grams      REAL CHECK (grams BETWEEN 0 AND 500),
    -- What a place took that was done, its turns before it was put off included, pauses not.
    spent      INTEGER CHECK (spent >= 0),
    standing   INTEGER NOT NULL DEFAULT 1 CHECK (standing IN (0, 1)),
    CHECK (type <> 'SECTION_DONE' OR (section IS NOT NULL AND comb IS NOT NULL AND signal IS NOT NULL)),
    CHECK (type <> 'CAUGHT' OR (section IS NOT NULL AND skin IS NOT NULL AND lump IS NOT NULL
                                AND beneath IS NOT NULL AND spread IS NOT NULL)),
    CHECK (type <> 'TEASED' OR (section IS NOT NULL AND seconds IS NOT NULL AND signal IS NOT NULL)),
    CHECK (type <> 'SIGNALLED' OR (section IS NOT NULL AND signal IS NOT NULL)),
    CHECK (type <> 'HAIR_OUT' OR (section IS NOT NULL AND hair IS NOT NULL)),
    CHECK (type NOT IN ('KNOT_FELT', 'LAYER_DONE') OR section IS NOT NULL)
) STRICT;

INSERT INTO session_event_new (seq, id, session_id, dog_id, at, day, type, section, comb, tangles, signal, skin, lump,
                               beneath, spread, seconds, standing)
SELECT seq, id, session_id, dog_id, at, day, type, section, comb, tangles, signal, skin, lump, beneath, spread, seconds,
       standing
  FROM session_event;

DROP TABLE session_event;
ALTER TABLE session_event_new RENAME TO session_event;

CREATE INDEX event_of_session ON session_event (session_id, seq);
CREATE INDEX event_of_dog ON session_event (dog_id, type, seq);

-- What the place was expected to take when the session began; absent in older sessions.
ALTER TABLE session_plan ADD COLUMN seconds INTEGER;
ALTER TABLE session ADD COLUMN note TEXT NOT NULL DEFAULT '' CHECK (length(note) <= 1000);

-- What is in the treat bag; absent: nothing was entered.
CREATE TABLE treat (
    dog_id        INTEGER PRIMARY KEY REFERENCES dog (id),
    kcal_per_gram REAL NOT NULL CHECK (kcal_per_gram > 0 AND kcal_per_gram <= 10),
    grams         REAL NOT NULL CHECK (grams > 0 AND grams <= 50)
) STRICT;

CREATE VIEW comb_check AS
SELECT dog_id, seq, section, day, tangles, comb = 'MAT_LEFT' AS mat_left
  FROM session_event
 WHERE type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND standing = 1;

-- The dog's answers, from brushing and from practice. A place in one session answers once: with the least willing
-- signal that was seen there. Being relaxed only counts once the place is done.
CREATE VIEW trial AS
SELECT dog_id, at, section,
       CASE worst WHEN 2 THEN 'OPTED_OUT' WHEN 1 THEN 'UNEASY' ELSE 'RELAXED' END AS signal
  FROM (SELECT dog_id, max(at) AS at, section, max(type = 'SECTION_DONE') AS done,
               max(CASE signal WHEN 'OPTED_OUT' THEN 2 WHEN 'UNEASY' THEN 1 ELSE 0 END) AS worst
          FROM session_event
         WHERE type IN ('SECTION_DONE', 'SIGNALLED') AND standing = 1
         GROUP BY dog_id, session_id, section)
 WHERE done OR worst > 0
UNION ALL
SELECT dog_id, at, section, signal FROM practice_trial;

CREATE VIEW treat_given AS
SELECT dog_id, day FROM session_event WHERE type = 'TREAT_GIVEN' AND standing = 1;

-- The time up to each entry from the one before; a pause counts nothing. A turn is the work between two answers.
CREATE VIEW session_stretch AS
SELECT e.session_id, e.dog_id, e.seq, e.type, e.section, e.comb,
       CASE WHEN sum(CASE e.type WHEN 'PAUSED' THEN 1 WHEN 'RESUMED' THEN -1 ELSE 0 END) OVER before > 0 THEN 0
            ELSE unixepoch(e.at) - unixepoch(coalesce(lag(e.at) OVER log, s.started_at)) END AS seconds,
       coalesce(sum(e.type IN ('STARTED', 'SECTION_DONE', 'SECTION_SKIPPED', 'SECTION_POSTPONED')) OVER before, 0) AS turn
  FROM session_event AS e JOIN session AS s ON s.id = e.session_id
 WHERE e.standing = 1 AND e.type <> 'UNDONE'
WINDOW log AS (PARTITION BY e.dog_id, e.session_id ORDER BY e.seq),
       before AS (PARTITION BY e.dog_id, e.session_id ORDER BY e.seq ROWS BETWEEN UNBOUNDED PRECEDING AND 1 PRECEDING);

-- The same, each turn at the place that was worked in it.
CREATE VIEW place_stretch AS
SELECT dog_id, session_id, seconds,
       max(CASE WHEN type <> 'KNOT_FELT' THEN section END) OVER (PARTITION BY dog_id, session_id, turn) AS section
  FROM session_stretch;

UPDATE session_event SET spent = took.seconds
  FROM (SELECT session_id, section, sum(seconds) AS seconds FROM place_stretch GROUP BY session_id, section) AS took
 WHERE took.session_id = session_event.session_id AND took.section = session_event.section
   AND session_event.type = 'SECTION_DONE' AND session_event.standing = 1;

-- How long each section took.
CREATE VIEW section_time AS
SELECT dog_id, seq, section, spent AS seconds
  FROM session_event
 WHERE type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND standing = 1 AND spent >= 1;
