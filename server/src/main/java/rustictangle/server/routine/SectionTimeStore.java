package rustictangle.server.routine;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import rustictangle.core.dog.Section;

/** How long sections took, read off the sessions' log. */
@Repository
class SectionTimeStore {

    /** Older times say little about today's hand and today's coat. */
    private static final int NEWEST = 600;

    private record Row(Section section, int seconds) {}

    private final JdbcClient jdbc;

    SectionTimeStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Seconds, each at least 1. */
    Map<Section, List<Integer>> of(long dogId) {
        return jdbc
                .sql("SELECT section, seconds FROM section_time WHERE dog_id = ? ORDER BY seq DESC LIMIT ?")
                .params(dogId, NEWEST)
                .query((row, n) -> new Row(Section.valueOf(row.getString("section")), row.getInt("seconds")))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Row::section, Collectors.mapping(Row::seconds, Collectors.toList())));
    }
}
