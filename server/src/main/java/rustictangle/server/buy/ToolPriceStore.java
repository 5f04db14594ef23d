package rustictangle.server.buy;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.log.ToolKind;

/** What the household says a kind of tool costs. */
@Repository
class ToolPriceStore {

    private final JdbcClient jdbc;

    ToolPriceStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Of the kinds that have one. */
    Map<ToolKind, Double> all() {
        Map<ToolKind, Double> prices = new EnumMap<>(ToolKind.class);
        jdbc.sql("SELECT kind, price FROM tool_price").query((RowCallbackHandler)
                row -> prices.put(ToolKind.valueOf(row.getString("kind")), row.getDouble("price")));
        return prices;
    }

    /** @param price empty: it has none any more */
    @Transactional
    public void put(ToolKind kind, Optional<Double> price) {
        jdbc.sql("DELETE FROM tool_price WHERE kind = ?").param(kind.name()).update();
        price.ifPresent(amount -> jdbc.sql("INSERT INTO tool_price (kind, price) VALUES (?, ?)")
                .params(kind.name(), amount)
                .update());
    }
}
