package rustictangle.server.coat;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Region;
import rustictangle.server.coat.CoatForm.RegionForm;
import rustictangle.server.dog.DogStore;

/** One coat per dog, one row per region. */
@Repository
public class CoatStore {

    private final JdbcClient jdbc;
    private final DogStore dogs;

    CoatStore(JdbcClient jdbc, DogStore dogs) {
        this.jdbc = jdbc;
        this.dogs = dogs;
    }

    /** Of every dog whose coat is described. */
    Map<Long, CoatForm> all() {
        record Of(long dog, RegionForm form) {}
        Map<Long, List<RegionForm>> regions = jdbc
                .sql(
                        """
                SELECT dog_id, region, kind, millimetres, density, texture, undercoat, clipped, colour
                  FROM region_coat ORDER BY dog_id, region
                """)
                .query((row, n) -> new Of(row.getLong("dog_id"), region(row)))
                .list()
                .stream()
                .collect(Collectors.groupingBy(Of::dog, Collectors.mapping(Of::form, Collectors.toList())));
        Map<Long, CoatForm> coats = new HashMap<>();
        jdbc.sql("SELECT dog_id, shedding_heavily, neglected FROM coat").query((RowCallbackHandler) row -> coats.put(
                row.getLong("dog_id"),
                new CoatForm(
                        regions.getOrDefault(row.getLong("dog_id"), List.of()),
                        row.getBoolean("shedding_heavily"),
                        row.getBoolean("neglected"))));
        return coats;
    }

    public Optional<CoatForm> find(long dogId) {
        List<RegionForm> regions = regions(dogId);
        return jdbc.sql("SELECT shedding_heavily, neglected FROM coat WHERE dog_id = ?")
                .param(dogId)
                .query((row, n) ->
                        new CoatForm(regions, row.getBoolean("shedding_heavily"), row.getBoolean("neglected")))
                .optional();
    }

    /** Replaces the dog's coat as a whole. */
    @Transactional
    public void put(long dogId, CoatForm coat) {
        jdbc.sql(
                        """
                INSERT INTO coat (dog_id, shedding_heavily, neglected) VALUES (:dog, :shedding, :neglected)
                ON CONFLICT (dog_id) DO UPDATE SET shedding_heavily = :shedding, neglected = :neglected
                """)
                .param("dog", dogId)
                .param("shedding", coat.sheddingHeavily())
                .param("neglected", coat.neglected())
                .update();
        dogs.setCoatDescribed(dogId);
        jdbc.sql("DELETE FROM region_coat WHERE dog_id = ?").param(dogId).update();
        for (RegionForm form : coat.regions()) {
            jdbc.sql(
                            """
                    INSERT INTO region_coat (dog_id, region, kind, millimetres, density, texture, undercoat, clipped, colour)
                    VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)
                    """)
                    .params(
                            dogId,
                            form.region().name(),
                            form.kind().name(),
                            form.millimetres(),
                            form.density().name(),
                            form.texture().name(),
                            form.undercoat(),
                            form.clipped(),
                            form.colour().name())
                    .update();
        }
    }

    /** What was measured becomes the length of the region; the rest of the coat stays. */
    void setLength(long dogId, Region region, double millimetres) {
        jdbc.sql("UPDATE region_coat SET millimetres = ? WHERE dog_id = ? AND region = ?")
                .params(millimetres, dogId, region.name())
                .update();
    }

    private List<RegionForm> regions(long dogId) {
        return jdbc.sql(
                        """
                SELECT region, kind, millimetres, density, texture, undercoat, clipped, colour
                  FROM region_coat WHERE dog_id = ? ORDER BY region
                """)
                .param(dogId)
                .query((row, n) -> region(row))
                .list();
    }

    private static RegionForm region(ResultSet row) throws SQLException {
        return new RegionForm(
                Region.valueOf(row.getString("region")),
                CoatKind.valueOf(row.getString("kind")),
                row.getDouble("millimetres"),
                Density.valueOf(row.getString("density")),
                Texture.valueOf(row.getString("texture")),
                row.getBoolean("undercoat"),
                row.getBoolean("clipped"),
                Colour.valueOf(row.getString("colour")));
    }
}
