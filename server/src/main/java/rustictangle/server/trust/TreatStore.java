package rustictangle.server.trust;

import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.trust.Treat;

/** What is in the treat bag. */
@Repository
class TreatStore {

    private final JdbcClient jdbc;

    TreatStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    Optional<Treat> find(long dogId) {
        return jdbc.sql("SELECT kcal_per_gram, grams FROM treat WHERE dog_id = ?")
                .param(dogId)
                .query((row, n) -> new Treat(row.getDouble("kcal_per_gram"), row.getDouble("grams")))
                .optional();
    }

    @Transactional
    void put(long dogId, Treat treat) {
        jdbc.sql(
                        """
                INSERT INTO treat (dog_id, kcal_per_gram, grams) VALUES (?, ?, ?)
                ON CONFLICT (dog_id) DO UPDATE SET kcal_per_gram = excluded.kcal_per_gram, grams = excluded.grams
                """)
                .params(dogId, treat.kcalPerGram(), treat.grams())
                .update();
    }
}
