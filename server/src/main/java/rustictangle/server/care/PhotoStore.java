package rustictangle.server.care;

import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Photos, small. What each shows, the log says. */
@Repository
public class PhotoStore {

    private final JdbcClient jdbc;

    PhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public Optional<byte[]> find(long dogId, UUID id) {
        return jdbc.sql("SELECT jpeg FROM photo WHERE id = ? AND dog_id = ?")
                .params(id.toString(), dogId)
                .query((row, n) -> row.getBytes("jpeg"))
                .optional();
    }

    /** Within the transaction that says what it shows. */
    public void add(long dogId, UUID id, byte[] jpeg) {
        jdbc.sql("INSERT INTO photo (id, dog_id, jpeg) VALUES (?, ?, ?)")
                .params(id.toString(), dogId, jpeg)
                .update();
    }

    public void remove(long dogId, UUID id) {
        jdbc.sql("DELETE FROM photo WHERE id = ? AND dog_id = ?")
                .params(id.toString(), dogId)
                .update();
    }
}
