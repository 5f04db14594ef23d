package rustictangle.server.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import rustictangle.core.Refused;
import rustictangle.server.exchange.StagingStore.Staging;

/** The tables of earlier versions of the format, and what had to fit together in them. */
final class OldTablesStore {

    private static final List<String> OF_2 = List.of(
            "household",
            "day_minutes",
            "dog",
            "coat",
            "region_coat",
            "length_reading",
            "tool",
            "tool_check",
            "approach",
            "treat",
            "session",
            "session_plan",
            "session_event",
            "practice_trial",
            "life_event",
            "appointment",
            "visit",
            "groom_price",
            "hand_over",
            "message");
    /** The version of the format from which on all that was said is one log. */
    private static final int ONE_LOG = 3;
    /** By version of the format: the version of the data that it was written from. */
    private static final Map<Integer, String> SCHEMAS = Map.of(1, "12", 2, "13", 3, "15", 4, "17");

    private OldTablesStore() {}

    /** The tables of a version, in order. */
    static List<String> of(int version) {
        if (version >= ONE_LOG) {
            List<String> tables = new ArrayList<>(ExportStore.TABLES);
            if (version < 5) {
                tables.removeAll(List.of("care_choice", "claws", "supply", "photo"));
            }
            if (version == ONE_LOG) {
                tables.remove("tool_price");
            }
            return tables;
        }
        List<String> tables = new ArrayList<>(OF_2);
        if (version == 1) {
            tables.remove("appointment");
        }
        return tables;
    }

    /** Of the data that a file of this earlier version was written from. */
    static String schema(int version) {
        return SCHEMAS.get(version);
    }

    /** @throws Refused when rows do not fit together that each by itself are right */
    static void check(int version, Staging staging) {
        if (version >= ONE_LOG) {
            return;
        }
        none(
                staging.jdbc,
                "entries of a session are of another dog than the session",
                "SELECT 1 FROM session_event AS e JOIN session AS s ON s.id = e.session_id WHERE e.dog_id <> s.dog_id");
        none(
                staging.jdbc,
                "the plan of a session has gaps or is missing",
                """
                SELECT 1 FROM session AS s
                 WHERE (SELECT count(*) FROM session_plan WHERE session_id = s.id) IS NOT
                       (SELECT 1 + max(position) FROM session_plan WHERE session_id = s.id)
                    OR EXISTS (SELECT 1 FROM session_plan WHERE session_id = s.id AND position < 0)""");
        none(
                staging.jdbc,
                "an undo has nothing to take back, or takes back another entry than the last",
                STANDING_IS_WRONG);
    }

    /**
     * The n-th undo takes back the last entry that still stands: with each entry counted +1 and each undo -1, an entry
     * stands when that sum never falls below its own afterwards.
     */
    private static final String STANDING_IS_WRONG =
            """
            WITH counted AS (
                SELECT session_id, seq, type, standing,
                       sum(CASE type WHEN 'UNDONE' THEN -1 ELSE 1 END) OVER (PARTITION BY session_id ORDER BY seq) AS height
                  FROM session_event),
            later AS (
                SELECT *, min(height) OVER (PARTITION BY session_id ORDER BY seq ROWS BETWEEN CURRENT ROW AND UNBOUNDED FOLLOWING) AS lowest
                  FROM counted)
            SELECT 1 FROM later
             WHERE height < 0 OR (type <> 'UNDONE' AND standing <> (lowest >= height)) OR (type = 'UNDONE' AND standing <> 1)""";

    private static void none(JdbcClient beside, String problem, String sql) {
        if (beside.sql(sql + " LIMIT 1").query(Integer.class).optional().isPresent()) {
            throw StagingStore.refused(0, problem);
        }
    }
}
