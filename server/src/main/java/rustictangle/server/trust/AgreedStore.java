package rustictangle.server.trust;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.log.Exercise;
import rustictangle.core.trust.Agreed;
import rustictangle.core.trust.Station;

/** What is agreed with each dog. */
@Repository
class AgreedStore {

    private final JdbcClient jdbc;

    AgreedStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** By dog, where there is something. */
    Map<Long, Agreed> all() {
        Map<Long, Map<Exercise, String>> cues = new HashMap<>();
        jdbc.sql("SELECT dog_id, position, word FROM cue").query((RowCallbackHandler)
                row -> cues.computeIfAbsent(row.getLong("dog_id"), dog -> new EnumMap<>(Exercise.class))
                        .put(Exercise.valueOf(row.getString("position")), row.getString("word")));
        Map<Long, Agreed> all = new HashMap<>();
        jdbc.sql("SELECT dog_id, marker, release_word, station FROM agreed").query((RowCallbackHandler) row -> all.put(
                row.getLong("dog_id"),
                new Agreed(
                        Optional.ofNullable(row.getString("marker")),
                        Optional.ofNullable(row.getString("release_word")),
                        cues.getOrDefault(row.getLong("dog_id"), Map.of()),
                        Optional.ofNullable(row.getString("station")).map(Station::valueOf))));
        return all;
    }

    @Transactional
    void put(long dogId, Agreed agreed) {
        jdbc.sql(
                        """
                INSERT INTO agreed (dog_id, marker, release_word, station) VALUES (:dog, :marker, :release, :station)
                ON CONFLICT (dog_id) DO UPDATE SET marker = :marker, release_word = :release, station = :station
                """)
                .param("dog", dogId)
                .param("marker", agreed.marker().orElse(null))
                .param("release", agreed.release().orElse(null))
                .param("station", agreed.station().map(Enum::name).orElse(null))
                .update();
        jdbc.sql("DELETE FROM cue WHERE dog_id = ?").param(dogId).update();
        agreed.cues().forEach((position, word) -> jdbc.sql("INSERT INTO cue (dog_id, position, word) VALUES (?, ?, ?)")
                .params(dogId, position.name(), word)
                .update());
    }
}
