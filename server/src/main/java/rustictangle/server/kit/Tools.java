package rustictangle.server.kit;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.Refused;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.ToolCheck;
import rustictangle.core.kit.ToolChecks;
import rustictangle.core.log.Entry;
import rustictangle.core.log.ToolCleaned;
import rustictangle.core.log.ToolFault;
import rustictangle.core.log.ToolLookedOver;
import rustictangle.core.log.ToolReplaced;
import rustictangle.server.frame.NotThere;
import rustictangle.server.log.Logs;

/** The household's tools as they were looked over last, and their look-overs. */
@Service
public class Tools {

    /**
     * @param checkId of the latest look-over or replacement; absent: none yet
     * @param cleaned when that was said last; absent: never
     */
    record StoredTool(ToolForm form, Tool tool, Optional<UUID> checkId, Optional<Entry> cleaned) {}

    private final ToolStore store;
    private final Logs logs;
    private final Clock clock;

    Tools(ToolStore store, Logs logs, Clock clock) {
        this.store = store;
        this.logs = logs;
        this.clock = clock;
    }

    List<StoredTool> all() {
        ToolChecks checks = ToolChecks.of(logs.ofHousehold());
        return store.all().stream()
                .map(owned -> new StoredTool(
                        owned.form(),
                        owned.form().tool(owned.id(), checks.of(owned.id())),
                        checks.latest(owned.id()).map(Entry::id),
                        checks.cleaned(owned.id())))
                .toList();
    }

    StoredTool get(long id) {
        return all().stream()
                .filter(stored -> stored.tool().id() == id)
                .findFirst()
                .orElseThrow(() -> new NotThere("tool", id));
    }

    /** Whether they are the two faces of one brush. */
    static boolean faces(StoredTool one, StoredTool other) {
        return one.form().otherFace() != null
                        && one.form().otherFace() == other.tool().id()
                || other.form().otherFace() != null
                        && other.form().otherFace() == one.tool().id();
    }

    /**
     * @param id of the tool; 0: it is new
     * @throws Refused when the other face is not there, or is one already
     */
    void checkFace(long id, ToolForm form) {
        if (form.otherFace() == null) {
            return;
        }
        List<StoredTool> all = all();
        StoredTool other = all.stream()
                .filter(stored -> stored.tool().id() == form.otherFace())
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "otherFace", "There is no tool " + form.otherFace() + " in the drawer; choose one of it."));
        boolean taken = id != 0 && other.tool().id() >= id
                || !other.form().kind().canBeAFace()
                || all.stream().anyMatch(third -> third.tool().id() != id && faces(third, other));
        if (taken) {
            throw new Refused(
                    "otherFace",
                    "The " + other.tool().shownName() + " has no free side; a brush has two faces at most.");
        }
    }

    /** @throws Refused when a look-over is of a tool that never was in the drawer */
    void allNamedAreThere() {
        Set<Long> there = store.all().stream().map(ToolStore.Owned::id).collect(Collectors.toSet());
        ToolChecks.of(logs.ofHousehold()).tools().stream()
                .filter(tool -> !there.contains(tool))
                .findFirst()
                .ifPresent(tool -> {
                    throw new Refused("tool", "a look-over is of tool " + tool + ", which is not in the drawer");
                });
    }

    /** Adds a look-over of today; the core refuses one that would heal a scratch. */
    @Transactional
    public void lookOver(long id, Set<ToolFault> faults) {
        lookOver(id, LocalDate.now(clock), faults);
    }

    /** The same of another day. */
    @Transactional
    public void lookOver(long id, LocalDate day, Set<ToolFault> faults) {
        get(id).tool().checked(new ToolCheck(day, faults));
        logs.sayOfHousehold(day, new ToolLookedOver(id, faults));
    }

    /** A new one of the same kind lies in its place; of a brush with two faces both are new. */
    @Transactional
    public void replaced(long id) {
        StoredTool stored = get(id);
        Stream.concat(Stream.of(stored), all().stream().filter(other -> faces(stored, other)))
                .forEach(face -> logs.sayOfHousehold(
                        LocalDate.now(clock), new ToolReplaced(face.tool().id())));
    }

    /** Cleared of hair and washed today. */
    @Transactional
    public void cleaned(long id) {
        get(id);
        logs.sayOfHousehold(LocalDate.now(clock), new ToolCleaned(id));
    }

    /** Undo. @return whether that was the latest */
    @Transactional
    public boolean takeBackCleaned(long id, UUID entryId) {
        boolean latest =
                get(id).cleaned().filter(entry -> entry.id().equals(entryId)).isPresent();
        return latest
                && !logs.takeBackOfHousehold(entry -> entry.id().equals(entryId))
                        .isEmpty();
    }

    /** Undo of the latest look-over or replacement, of a replacement of both faces. @return whether it was the latest */
    @Transactional
    public boolean takeBack(long id, UUID checkId) {
        StoredTool stored = get(id);
        ToolChecks checks = ToolChecks.of(logs.ofHousehold());
        Optional<Entry> latest = checks.latest(id).filter(entry -> entry.id().equals(checkId));
        Optional<LocalDate> replaced = latest.filter(Tools::isNew).map(Entry::day);
        Set<UUID> back = Stream.concat(
                        latest.stream(),
                        all().stream()
                                .filter(other -> faces(stored, other))
                                .flatMap(other -> checks.latest(other.tool().id()).stream())
                                .filter(entry -> isNew(entry) && replaced.equals(Optional.of(entry.day()))))
                .map(Entry::id)
                .collect(Collectors.toSet());
        return latest.isPresent()
                && !logs.takeBackOfHousehold(entry -> back.contains(entry.id())).isEmpty();
    }

    private static boolean isNew(Entry entry) {
        return entry.as(ToolReplaced.class).isPresent();
    }
}
