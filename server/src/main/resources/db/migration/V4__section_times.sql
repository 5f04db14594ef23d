-- How long each section took: from the answer before it, or from the beginning of the session.
CREATE VIEW section_time AS
SELECT dog_id, seq, section, seconds
  FROM (SELECT e.dog_id, e.seq, e.section, e.type, e.comb,
               unixepoch(e.at) - unixepoch(coalesce(
                   lag(e.at) OVER (PARTITION BY e.session_id ORDER BY e.seq), s.started_at)) AS seconds
          FROM session_event AS e JOIN session AS s ON s.id = e.session_id
         WHERE e.type IN ('SECTION_DONE', 'SECTION_SKIPPED') AND e.standing = 1)
 WHERE type = 'SECTION_DONE' AND comb <> 'NOT_COMBED' AND seconds >= 1;
