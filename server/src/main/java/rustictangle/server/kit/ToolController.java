package rustictangle.server.kit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.ToolCare;
import rustictangle.core.log.Entry;
import rustictangle.core.log.ToolFault;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolProperty;
import rustictangle.server.frame.FormCheck;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.kit.Tools.StoredTool;

/** The household's drawer. */
@RestController
@RequestMapping("/api/tools")
record ToolController(ToolStore store, Tools tools, Clock clock, FormCheck forms) implements ViewProbe, ScreenFacts {

    /**
     * @param otherFace the same brush turned over; absent: it has one face
     * @param checkId   id of the latest look-over or replacement, for undo
     */
    record ToolView(
            long id,
            String shownName,
            ToolForm form,
            Optional<FaceView> otherFace,
            Optional<CheckView> check,
            boolean putAside,
            Optional<UUID> checkId,
            Optional<CareView> care) {}

    /**
     * @param cleaned the last time; absent: nobody said
     * @param due     when it is due again; absent while nobody said
     * @param entryId of the last time, for undo
     */
    record CareView(Reason how, Optional<LocalDate> cleaned, Optional<LocalDate> due, Optional<UUID> entryId) {}

    record CheckView(LocalDate day, List<String> faults) {}

    record FaceView(long id, String shownName) {}

    /** @param faults empty: it passed */
    record CheckForm(@NotNull(message = "Tick what you found, or nothing.") Set<@NotNull ToolFault> faults) {}

    record KindView(
            ToolKind kind,
            String notFor,
            Set<ToolProperty> properties,
            Set<Tips> tips,
            Set<ToolFault> faults,
            boolean palmTest,
            boolean face,
            boolean blade) {}

    private static final List<KindView> KINDS = Arrays.stream(ToolKind.values())
            .filter(ToolKind::canBeOwned)
            .map(k -> new KindView(
                    k,
                    k.notFor(),
                    k.properties(),
                    Tips.of(k),
                    k.faults(),
                    k.hasPalmTest(),
                    k.canBeAFace(),
                    k.isBlade()))
            .toList();

    /** The kinds there are. */
    @GetMapping("/kinds")
    List<KindView> kinds() {
        return KINDS;
    }

    @GetMapping
    List<ToolView> all() {
        List<StoredTool> all = tools.all();
        return all.stream().map(stored -> view(stored, all)).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ToolView add(@Valid @RequestBody ToolForm form) {
        form.check();
        tools.checkFace(0, form);
        return get(store.add(form));
    }

    @PutMapping("/{toolId}")
    ToolView replace(@PathVariable long toolId, @Valid @RequestBody ToolForm form) {
        form.check();
        tools.checkFace(toolId, form);
        found(store.replace(toolId, form), toolId);
        return get(toolId);
    }

    /** The tool leaves the drawer and can be brought back. */
    @DeleteMapping("/{toolId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long toolId) {
        found(store.remove(toolId, clock.instant()), toolId);
    }

    @PostMapping("/{toolId}/restore")
    ToolView restore(@PathVariable long toolId) {
        found(store.restore(toolId), toolId);
        return get(toolId);
    }

    /** Palm test and look-over, done today. */
    @PostMapping("/{toolId}/checks")
    ToolView check(@PathVariable long toolId, @Valid @RequestBody CheckForm form) {
        tools.lookOver(toolId, form.faults());
        return get(toolId);
    }

    @PostMapping("/{toolId}/replacement")
    ToolView replaced(@PathVariable long toolId) {
        tools.replaced(toolId);
        return get(toolId);
    }

    /** Cleared of hair and washed, today. */
    @PostMapping("/{toolId}/cleaned")
    ToolView cleaned(@PathVariable long toolId) {
        tools.cleaned(toolId);
        return get(toolId);
    }

    @DeleteMapping("/{toolId}/cleaned/{entryId}")
    ToolView notCleaned(@PathVariable long toolId, @PathVariable UUID entryId) {
        if (!tools.takeBackCleaned(toolId, entryId)) {
            throw new NotThere("latest cleaning", entryId);
        }
        return get(toolId);
    }

    /** Undo of the latest look-over or replacement. */
    @DeleteMapping("/{toolId}/checks/{checkId}")
    ToolView takeBack(@PathVariable long toolId, @PathVariable UUID checkId) {
        if (!tools.takeBack(toolId, checkId)) {
            throw new NotThere("latest look-over", checkId);
        }
        return get(toolId);
    }

    private ToolView get(long toolId) {
        return view(tools.get(toolId), tools.all());
    }

    private static ToolView view(StoredTool stored, List<StoredTool> all) {
        return new ToolView(
                stored.tool().id(),
                stored.tool().shownName(),
                stored.form(),
                all.stream()
                        .filter(other -> Tools.faces(stored, other))
                        .findFirst()
                        .map(other ->
                                new FaceView(other.tool().id(), other.tool().shownName())),
                stored.tool()
                        .check()
                        .map(check -> new CheckView(
                                check.day(),
                                check.faults().stream().map(ToolFault::label).toList())),
                stored.tool().putAside(),
                stored.checkId(),
                ToolCare.of(stored.form().kind())
                        .map(care -> new CareView(
                                care.how(),
                                stored.cleaned().map(Entry::day),
                                stored.cleaned().map(Entry::day).map(ToolCare::due),
                                stored.cleaned().map(Entry::id))));
    }

    private static void found(boolean found, long toolId) {
        if (!found) {
            throw new NotThere("tool", toolId);
        }
    }

    @Override
    public void household() {
        store.all().forEach(tool -> {
            forms.checked(tool.form()).check();
            tools.checkFace(tool.id(), tool.form());
        });
        tools.allNamedAreThere();
        all();
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("longestToolName", ToolForm.LONGEST_NAME);
    }
}
