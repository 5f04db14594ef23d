ALTER TABLE dog ADD COLUMN neutered INTEGER NOT NULL DEFAULT 1 CHECK (neutered IN (0, 1));

-- The tool that led there when the session began; absent in older sessions and where nothing leads.
ALTER TABLE session_plan ADD COLUMN subject TEXT;

DROP VIEW trial;
DROP VIEW treat_given;

-- A position is practised nowhere in particular, and a tool is named: the table moves.
CREATE TABLE practice_trial_new (
    seq     INTEGER PRIMARY KEY AUTOINCREMENT,
    id      TEXT NOT NULL UNIQUE,
    dog_id  INTEGER NOT NULL REFERENCES dog (id),
    at      TEXT NOT NULL,
    day     TEXT NOT NULL,
    -- Absent in older answers: the tool that leads there.
    subject TEXT,
    section TEXT,
    signal  TEXT NOT NULL,
    CHECK (subject IS NOT NULL OR section IS NOT NULL)
) STRICT;

INSERT INTO practice_trial_new (seq, id, dog_id, at, day, section, signal)
SELECT seq, id, dog_id, at, substr(at, 1, 10), section, signal FROM practice_trial;

DROP TABLE practice_trial;
ALTER TABLE practice_trial_new RENAME TO practice_trial;
CREATE INDEX practice_of_dog ON practice_trial (dog_id, at);

-- The dog's answers, from brushing and from practice. A place in one session answers once: with the least willing
-- signal that was seen there. Being relaxed only counts once the place is done.
CREATE VIEW trial AS
SELECT a.dog_id, a.at, a.day, p.subject, a.section,
       CASE a.worst WHEN 3 THEN 'AFRAID' WHEN 2 THEN 'OPTED_OUT' WHEN 1 THEN 'UNEASY' ELSE 'RELAXED' END AS signal
  FROM (SELECT dog_id, session_id, max(at) AS at, max(day) AS day, section, max(type = 'SECTION_DONE') AS done,
               max(CASE signal WHEN 'AFRAID' THEN 3 WHEN 'OPTED_OUT' THEN 2 WHEN 'UNEASY' THEN 1 ELSE 0 END) AS worst
          FROM session_event
         WHERE type IN ('SECTION_DONE', 'SIGNALLED') AND standing = 1
         GROUP BY dog_id, session_id, section) AS a
  LEFT JOIN session_plan AS p ON p.session_id = a.session_id AND p.section = a.section
 WHERE a.done OR a.worst > 0
UNION ALL
SELECT dog_id, at, day, subject, section, signal FROM practice_trial;

-- Each piece counts: those given in a session, and the one that pays each answer in practice.
CREATE VIEW treat_given AS
SELECT dog_id, day FROM session_event WHERE type = 'TREAT_GIVEN' AND standing = 1
UNION ALL
SELECT dog_id, day FROM practice_trial;
