package rustictangle.server.kit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.kit.Handle;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Tips;
import rustictangle.core.log.ToolKind;

/** The household's drawer; a tool taken out is kept for undo and not shown. */
@Repository
public class ToolStore {

    record Owned(long id, ToolForm form) {}

    private static final String SELECT =
            """
            SELECT id, name, kind, pin_mm, pad, tips, head, head_mm, spacing, flexible, handle, other_face FROM tool
             WHERE removed_at IS NULL
            """;

    private final JdbcClient jdbc;

    ToolStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    List<Owned> all() {
        return jdbc.sql(SELECT + " ORDER BY id").query(ToolStore::read).list();
    }

    @Transactional
    public long add(ToolForm form) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        bind(
                        jdbc.sql(
                                """
                INSERT INTO tool (name, kind, pin_mm, pad, tips, head, head_mm, spacing, flexible, handle, other_face)
                VALUES (:name, :kind, :pinMm, :pad, :tips, :head, :headMm, :spacing, :flexible, :handle, :otherFace)
                """),
                        form)
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    /** @return whether there was such a tool */
    @Transactional
    boolean replace(long id, ToolForm form) {
        return bind(
                                jdbc.sql(
                                        """
                UPDATE tool SET name = :name, kind = :kind, pin_mm = :pinMm, pad = :pad, tips = :tips, head = :head,
                       head_mm = :headMm, spacing = :spacing, flexible = :flexible, handle = :handle,
                       other_face = :otherFace
                 WHERE id = :id AND removed_at IS NULL
                """),
                                form)
                        .param("id", id)
                        .update()
                == 1;
    }

    /** A tool, and the other face of the same brush. */
    private static final String BOTH_FACES =
            " WHERE (id = :id OR other_face = :id OR id = (SELECT other_face FROM tool WHERE id = :id))";

    @Transactional
    boolean remove(long id, Instant at) {
        return jdbc.sql("UPDATE tool SET removed_at = :at" + BOTH_FACES + " AND removed_at IS NULL")
                        .param("at", at.toString())
                        .param("id", id)
                        .update()
                > 0;
    }

    @Transactional
    boolean restore(long id) {
        return jdbc.sql("UPDATE tool SET removed_at = NULL" + BOTH_FACES)
                        .param("id", id)
                        .update()
                > 0;
    }

    /** Every tool that was taken out lies in the drawer again; within a transaction. */
    public void restoreAll() {
        jdbc.sql("UPDATE tool SET removed_at = NULL").update();
    }

    private static JdbcClient.StatementSpec bind(JdbcClient.StatementSpec sql, ToolForm form) {
        return sql.param("name", form.name().strip())
                .param("kind", form.kind().name())
                .param("pinMm", form.pinMillimetres())
                .param("pad", name(form.pad()))
                .param("tips", name(form.tips()))
                .param("head", name(form.head()))
                .param("headMm", form.headMillimetres())
                .param("spacing", name(form.spacing()))
                .param("flexible", form.flexible())
                .param("handle", name(form.handle()))
                .param("otherFace", form.otherFace());
    }

    private static @Nullable String name(@Nullable Enum<?> value) {
        return value == null ? null : value.name();
    }

    private static Owned read(ResultSet row, int n) throws SQLException {
        ToolForm form = new ToolForm(
                row.getString("name"),
                ToolKind.valueOf(row.getString("kind")),
                number(row, "pin_mm"),
                value(PadKind.class, row.getString("pad")),
                value(Tips.class, row.getString("tips")),
                value(HeadShape.class, row.getString("head")),
                number(row, "head_mm"),
                value(Spacing.class, row.getString("spacing")),
                row.getBoolean("flexible"),
                value(Handle.class, row.getString("handle")),
                row.getObject("other_face") == null ? null : row.getLong("other_face"));
        return new Owned(row.getLong("id"), form);
    }

    private static @Nullable Double number(ResultSet row, String column) throws SQLException {
        double value = row.getDouble(column);
        return row.wasNull() ? null : value;
    }

    private static <E extends Enum<E>> @Nullable E value(Class<E> type, @Nullable String name) {
        return name == null ? null : Enum.valueOf(type, name);
    }
}
