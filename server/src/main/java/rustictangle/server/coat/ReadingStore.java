package rustictangle.server.coat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;

/** What the ruler said, region by region. The newest reading is the region's length. */
@Repository
public class ReadingStore {

    private record Row(Region region, LengthReading reading) {}

    private final JdbcClient jdbc;
    private final CoatStore coats;

    ReadingStore(JdbcClient jdbc, CoatStore coats) {
        this.jdbc = jdbc;
        this.coats = coats;
    }

    /** Oldest first. */
    public Map<Region, List<LengthReading>> of(long dogId) {
        return jdbc
                .sql("SELECT region, day, millimetres FROM length_reading WHERE dog_id = ? ORDER BY day")
                .param(dogId)
                .query((row, n) -> new Row(
                        Region.valueOf(row.getString("region")),
                        new LengthReading(
                                LocalDate.parse(row.getString("day")), new HairLength(row.getDouble("millimetres")))))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Row::region, Collectors.mapping(Row::reading, Collectors.toList())));
    }

    /** Keeps a reading; a second one on the same day takes the place of the first. */
    @Transactional
    public void put(long dogId, Region region, LengthReading reading) {
        jdbc.sql(
                        """
                INSERT INTO length_reading (dog_id, region, day, millimetres, before_mm)
                SELECT dog_id, region, :day, :mm, millimetres FROM region_coat WHERE dog_id = :dog AND region = :region
                ON CONFLICT (dog_id, region, day) DO UPDATE SET millimetres = :mm, of_visit = 0, ruler_mm = NULL
                """)
                .param("dog", dogId)
                .param("region", region.name())
                .param("day", reading.day().toString())
                .param("mm", reading.length().millimetres())
                .update();
        takeOver(dogId, region);
    }

    /** What a visit left is a reading like the ruler's, but goes when the visit is taken back. */
    @Transactional
    public void putOfVisit(long dogId, Region region, LengthReading reading) {
        jdbc.sql(
                        """
                INSERT INTO length_reading (dog_id, region, day, millimetres, before_mm, of_visit)
                SELECT dog_id, region, :day, :mm, millimetres, 1 FROM region_coat WHERE dog_id = :dog AND region = :region
                ON CONFLICT (dog_id, region, day) DO UPDATE
                   SET ruler_mm = CASE of_visit WHEN 0 THEN millimetres ELSE ruler_mm END, millimetres = :mm, of_visit = 1
                """)
                .param("dog", dogId)
                .param("region", region.name())
                .param("day", reading.day().toString())
                .param("mm", reading.length().millimetres())
                .update();
        takeOver(dogId, region);
    }

    /** The lengths that a visit of this day left were not; what the ruler had said stands again. */
    @Transactional
    public void takeBackOfVisit(long dogId, LocalDate day) {
        record Left(Region region, boolean measured) {}
        List<Left> left = jdbc.sql(
                        "SELECT region, ruler_mm IS NOT NULL AS measured FROM length_reading WHERE dog_id = ? AND day = ? AND of_visit = 1")
                .params(dogId, day.toString())
                .query((row, n) -> new Left(Region.valueOf(row.getString("region")), row.getBoolean("measured")))
                .list();
        for (Left one : left) {
            if (one.measured()) {
                jdbc.sql(
                                """
                        UPDATE length_reading SET millimetres = ruler_mm, of_visit = 0, ruler_mm = NULL
                         WHERE dog_id = ? AND region = ? AND day = ?
                        """)
                        .params(dogId, one.region().name(), day.toString())
                        .update();
                takeOver(dogId, one.region());
            } else {
                remove(dogId, one.region(), day);
            }
        }
    }

    /** @return whether there was one */
    @Transactional
    public boolean remove(long dogId, Region region, LocalDate day) {
        Optional<Double> before = jdbc.sql(
                        """
                DELETE FROM length_reading WHERE dog_id = ? AND region = ? AND day = ? RETURNING before_mm
                """)
                .params(dogId, region.name(), day.toString())
                .query(Double.class)
                .optional();
        before.ifPresent(mm -> coats.setLength(dogId, region, mm));
        takeOver(dogId, region);
        return before.isPresent();
    }

    /** The newest reading is the length; without any, the length stays. */
    private void takeOver(long dogId, Region region) {
        jdbc.sql("SELECT millimetres FROM length_reading WHERE dog_id = ? AND region = ? ORDER BY day DESC LIMIT 1")
                .params(dogId, region.name())
                .query(Double.class)
                .optional()
                .ifPresent(mm -> coats.setLength(dogId, region, mm));
    }
}
