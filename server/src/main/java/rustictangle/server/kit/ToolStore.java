package rustictangle.server.kit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolCheck;
import rustictangle.core.kit.ToolCheck.Fault;
import rustictangle.core.kit.ToolKind;
import rustictangle.server.frame.NotThere;

/** The household's drawer; a tool taken out is kept for undo and not shown. */
@Repository
public class ToolStore {

    /** @param checkId id of the latest look-over or replacement; absent: none yet */
    record StoredTool(ToolForm form, Tool tool, Optional<Long> checkId) {}

    private static final String SELECT =
            """
            SELECT tool.id, name, kind, pin_mm, pad, tips, head, head_mm, spacing, flexible, handle,
                   latest.id AS check_id, latest.day, replaced, scratches, tips_missing, bent, rough_teeth
              FROM tool LEFT JOIN tool_check AS latest
                ON latest.id = (SELECT max(id) FROM tool_check WHERE tool_id = tool.id)
             WHERE removed_at IS NULL
            """;

    private final JdbcClient jdbc;

    ToolStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    List<StoredTool> all() {
        return jdbc.sql(SELECT + " ORDER BY tool.id").query(ToolStore::read).list();
    }

    /** Every tool in the drawer, put aside or not, as the rules see it. */
    public List<Tool> drawer() {
        return all().stream().map(StoredTool::tool).toList();
    }

    StoredTool get(long id) {
        return jdbc.sql(SELECT + " AND tool.id = ?")
                .param(id)
                .query(ToolStore::read)
                .optional()
                .orElseThrow(() -> new NotThere("tool", id));
    }

    @Transactional
    public long add(ToolForm form) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        bind(
                        jdbc.sql(
                                """
                INSERT INTO tool (name, kind, pin_mm, pad, tips, head, head_mm, spacing, flexible, handle)
                VALUES (:name, :kind, :pinMm, :pad, :tips, :head, :headMm, :spacing, :flexible, :handle)
                """),
                        form)
                .update(key);
        return key.getKeyAs(Number.class).longValue();
    }

    /** @return whether there was such a tool */
    @Transactional
    boolean replace(long id, ToolForm form) {
        return bind(
                                jdbc.sql(
                                        """
                UPDATE tool SET name = :name, kind = :kind, pin_mm = :pinMm, pad = :pad, tips = :tips, head = :head,
                       head_mm = :headMm, spacing = :spacing, flexible = :flexible, handle = :handle
                 WHERE id = :id AND removed_at IS NULL
                """),
                                form)
                        .param("id", id)
                        .update()
                == 1;
    }

    @Transactional
    boolean remove(long id, Instant at) {
        return jdbc.sql("UPDATE tool SET removed_at = ? WHERE id = ? AND removed_at IS NULL")
                        .params(at.toString(), id)
                        .update()
                == 1;
    }

    @Transactional
    boolean restore(long id) {
        return jdbc.sql("UPDATE tool SET removed_at = NULL WHERE id = ?")
                        .param(id)
                        .update()
                == 1;
    }

    /** Adds a look-over; the core refuses one that would heal a scratch. */
    @Transactional
    public void check(long id, ToolCheck check) {
        get(id).tool().checked(check);
        insertCheck(id, check.day(), false, check.faults());
    }

    /** A new one of the same kind lies in its place. */
    @Transactional
    public void replaced(long id, LocalDate day) {
        get(id);
        insertCheck(id, day, true, Set.of());
    }

    /** Undo of the latest look-over or replacement. @return whether it was the latest */
    @Transactional
    boolean removeCheck(long id, long checkId) {
        return jdbc.sql(
                                """
                DELETE FROM tool_check
                 WHERE id = :check AND id = (SELECT max(id) FROM tool_check WHERE tool_id = :tool)
                """)
                        .param("check", checkId)
                        .param("tool", id)
                        .update()
                == 1;
    }

    private void insertCheck(long id, LocalDate day, boolean replaced, Set<Fault> faults) {
        jdbc.sql(
                        """
                INSERT INTO tool_check (tool_id, day, replaced, scratches, tips_missing, bent, rough_teeth)
                VALUES (?, ?, ?, ?, ?, ?, ?)
                """)
                .params(
                        id,
                        day.toString(),
                        replaced,
                        faults.contains(Fault.SCRATCHES),
                        faults.contains(Fault.TIPS_MISSING),
                        faults.contains(Fault.BENT),
                        faults.contains(Fault.ROUGH_TEETH))
                .update();
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
                .param("handle", name(form.handle()));
    }

    private static @Nullable String name(@Nullable Enum<?> value) {
        return value == null ? null : value.name();
    }

    private static StoredTool read(ResultSet row, int n) throws SQLException {
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
                value(Handle.class, row.getString("handle")));
        Optional<Long> checkId = Optional.ofNullable(number(row, "check_id")).map(Double::longValue);
        Optional<ToolCheck> check = checkId.isEmpty() || row.getBoolean("replaced")
                ? Optional.empty()
                : Optional.of(new ToolCheck(LocalDate.parse(row.getString("day")), faults(row)));
        return new StoredTool(form, form.tool(row.getLong("id"), check), checkId);
    }

    private static Set<Fault> faults(ResultSet row) throws SQLException {
        Set<Fault> faults = EnumSet.noneOf(Fault.class);
        for (Fault fault : Fault.values()) {
            if (row.getBoolean(fault.name().toLowerCase(java.util.Locale.ROOT))) {
                faults.add(fault);
            }
        }
        return faults;
    }

    private static @Nullable Double number(ResultSet row, String column) throws SQLException {
        double value = row.getDouble(column);
        return row.wasNull() ? null : value;
    }

    private static <E extends Enum<E>> @Nullable E value(Class<E> type, @Nullable String name) {
        return name == null ? null : Enum.valueOf(type, name);
    }
}
