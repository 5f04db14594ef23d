package rustictangle.server.kit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.SchoolQuestion;

/** One approach per dog: a column for each question. */
@Repository
public class ApproachStore {

    private final JdbcClient jdbc;

    ApproachStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Where the school chosen for a question is kept. */
    public static String column(SchoolQuestion question) {
        return question == SchoolQuestion.ORDER
                ? "brushing_order"
                : question.field().replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }

    private static String each(UnaryOperator<String> written) {
        return Arrays.stream(SchoolQuestion.values())
                .map(question -> written.apply(column(question)))
                .collect(Collectors.joining(", "));
    }

    /** By dog, where the owner has chosen. */
    Map<Long, Approach> all() {
        Map<Long, Approach> chosen = new HashMap<>();
        jdbc.sql("SELECT dog_id, " + each(column -> column) + " FROM approach")
                .query((RowCallbackHandler) row -> chosen.put(row.getLong("dog_id"), approach(row)));
        return chosen;
    }

    private static Approach approach(ResultSet row) throws SQLException {
        Approach approach = Approach.USUAL;
        for (SchoolQuestion question : SchoolQuestion.values()) {
            approach = question.choose(approach, Optional.ofNullable(row.getString(column(question))));
        }
        return approach;
    }

    @Transactional
    public void put(long dogId, Approach approach) {
        var statement = jdbc.sql("INSERT INTO approach (dog_id, " + each(column -> column) + ") VALUES (:dog, "
                        + each(column -> ":" + column) + ") ON CONFLICT (dog_id) DO UPDATE SET "
                        + each(column -> column + " = :" + column))
                .param("dog", dogId);
        for (SchoolQuestion question : SchoolQuestion.values()) {
            statement =
                    statement.param(column(question), question.school(approach).orElse(null));
        }
        statement.update();
    }
}
