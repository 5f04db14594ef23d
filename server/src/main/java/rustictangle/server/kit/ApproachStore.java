package rustictangle.server.kit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.CrownSchool;
import rustictangle.core.kit.FinishSchool;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.Loosener;
import rustictangle.core.kit.MatSchool;
import rustictangle.core.kit.MistSchool;
import rustictangle.core.kit.MistWhen;
import rustictangle.core.kit.Order;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.TipSchool;
import rustictangle.core.kit.Ways;

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
        jdbc.sql(
                        """
                SELECT dog_id, lead, tips, mist, hand, brushing_order, structure, finish, crown, mist_when, mats, loosener
                FROM approach
                """)
                .query((RowCallbackHandler) row -> chosen.put(row.getLong("dog_id"), approach(row)));
        return chosen;
    }

    private static Approach approach(ResultSet row) throws SQLException {
        return new Approach(
                value(LeadSchool.class, row.getString("lead")),
                TipSchool.valueOf(row.getString("tips")),
                MistSchool.valueOf(row.getString("mist")),
                Hand.valueOf(row.getString("hand")),
                new Ways(
                        value(Order.class, row.getString("brushing_order")),
                        value(Structure.class, row.getString("structure")),
                        value(FinishSchool.class, row.getString("finish")).orElse(Ways.USUAL.finish()),
                        value(CrownSchool.class, row.getString("crown")).orElse(Ways.USUAL.crown()),
                        value(MistWhen.class, row.getString("mist_when")).orElse(Ways.USUAL.mistWhen()),
                        value(MatSchool.class, row.getString("mats")).orElse(Ways.USUAL.mats()),
                        value(Loosener.class, row.getString("loosener")).orElse(Ways.USUAL.loosener())));
    }

    private static <E extends Enum<E>> Optional<E> value(Class<E> type, @Nullable String name) {
        return Optional.ofNullable(name).map(known -> Enum.valueOf(type, known));
    }

    @Transactional
    public void put(long dogId, Approach approach) {
        Ways ways = approach.ways();
        jdbc.sql(
                        """
                INSERT INTO approach (dog_id, lead, tips, mist, hand, brushing_order, structure, finish, crown, mist_when, mats, loosener)
                VALUES (:dog, :lead, :tips, :mist, :hand, :order, :structure, :finish, :crown, :mistWhen, :mats, :loosener)
                ON CONFLICT (dog_id) DO UPDATE SET lead = :lead, tips = :tips, mist = :mist, hand = :hand,
                    brushing_order = :order, structure = :structure, finish = :finish, crown = :crown, mist_when = :mistWhen, mats = :mats,
                    loosener = :loosener
                """)
                .param("dog", dogId)
                .param("lead", approach.lead().map(Enum::name).orElse(null))
                .param("tips", approach.tips().name())
                .param("mist", approach.mist().name())
                .param("hand", approach.hand().name())
                .param("order", ways.order().map(Enum::name).orElse(null))
                .param("structure", ways.structure().map(Enum::name).orElse(null))
                .param("finish", ways.finish().name())
                .param("crown", ways.crown().name())
                .param("mistWhen", ways.mistWhen().name())
                .param("mats", ways.mats().name())
                .param("loosener", ways.loosener().name())
                .update();
    }
}
