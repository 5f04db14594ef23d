package rustictangle.server.kit;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.MistSchool;
import rustictangle.core.kit.TipSchool;

/** One approach per dog. */
@Repository
public class ApproachStore {

    private final JdbcClient jdbc;

    ApproachStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** By dog, where the owner has chosen. */
    Map<Long, Approach> all() {
        Map<Long, Approach> chosen = new HashMap<>();
        jdbc.sql("SELECT dog_id, lead, tips, mist, hand FROM approach").query((RowCallbackHandler) row -> chosen.put(
                row.getLong("dog_id"),
                new Approach(
                        Optional.ofNullable(row.getString("lead")).map(LeadSchool::valueOf),
                        TipSchool.valueOf(row.getString("tips")),
                        MistSchool.valueOf(row.getString("mist")),
                        Hand.valueOf(row.getString("hand")))));
        return chosen;
    }

    @Transactional
    public void put(long dogId, Approach approach) {
        jdbc.sql(
                        """
                INSERT INTO approach (dog_id, lead, tips, mist, hand) VALUES (:dog, :lead, :tips, :mist, :hand)
                ON CONFLICT (dog_id) DO UPDATE SET lead = :lead, tips = :tips, mist = :mist, hand = :hand
                """)
                .param("dog", dogId)
                .param("lead", approach.lead().map(Enum::name).orElse(null))
                .param("tips", approach.tips().name())
                .param("mist", approach.mist().name())
                .param("hand", approach.hand().name())
                .update();
    }
}
