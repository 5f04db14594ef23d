package rustictangle.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.care.BathMix;
import rustictangle.core.care.CareStep;
import rustictangle.core.care.Drying;
import rustictangle.core.care.Supply;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.trust.BathGate;
import rustictangle.core.trust.MayBegin;
import rustictangle.server.care.CareViews.DampView;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;
import rustictangle.server.trust.Doors;
import rustictangle.server.trust.TrustLoader;

/** A bath and what comes before and after it. */
@RestController
@RequestMapping("/api/dogs/{dogId}/bath")
record BathController(DogLoader dogs, CareLoader care, CareViews views, TrustLoader trusts, Logs logs, Clock clock)
        implements ViewProbe {

    /**
     * @param gate       whether it may be bathed now, and else what to do
     * @param mayNot     why nothing is begun at the table now, gate or no gate; absent: it may
     * @param steps      one after the other
     * @param mix        absent: no shampoo is in the drawer
     * @param tubMinutes in the tub
     * @param dryMinutes until it is dry to the skin
     * @param heed       while it is dried
     * @param damp       a dog that is wet; absent: it is dry
     */
    record BathView(
            BathKind kind,
            GateView gate,
            Optional<Reason> mayNot,
            List<CareStep> steps,
            Optional<MixView> mix,
            double tubMinutes,
            double dryMinutes,
            Drying.With dryer,
            List<Reason> heed,
            Optional<DampView> damp) {}

    record GateView(BathGate.Way way, List<Section> first, List<Section> search, List<Section> mats, Reason why) {}

    /** @param parts of water to one of shampoo; 0: it is used as it is */
    record MixView(double millilitres, double shampoo, double water, int parts) {}

    record BathedForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say how much of the dog was bathed.") BathKind kind) {}

    /** @param lumps where something lumped was felt, of those searched */
    record SearchForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotEmpty(message = "Say at least one place that the fingers went through.")
                    List<@NotNull Section> sections,
            @NotNull(message = "Leave it empty where no lump was felt.") List<@NotNull Section> lumps) {}

    record DrynessForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say which place.") Section section,
            @NotNull(message = "Say whether it is dry to the skin.") Boolean dry) {}

    @GetMapping
    BathView bath(@PathVariable long dogId, @RequestParam(defaultValue = "WHOLE_DOG") BathKind kind) {
        KnownDog known = dogs.get(dogId);
        MayBegin may = trusts.may(known);
        BathGate gate = may.gate(kind);
        Drying.With dryer = care.dryer(known);
        return new BathView(
                kind,
                new GateView(gate.way(), gate.first(), gate.search(), gate.mats(), gate.why()),
                may.care(CareJob.BATH, false),
                CareStep.ofBath(known.dog(), known.coat(), kind),
                Optional.ofNullable(care.supplies().get(Supply.SHAMPOO))
                        .filter(parts -> kind.shampoo())
                        .map(parts -> mix(known, kind, parts.orElse(0))),
                BathMix.minutes(known.dog(), kind),
                Drying.minutes(known.dog(), known.coat(), kind, dryer),
                dryer,
                Drying.heed(known.dog(), known.coat(), dryer),
                views.damp(known));
    }

    private static MixView mix(KnownDog known, BathKind kind, int parts) {
        BathMix mix = BathMix.of(known.dog(), known.coat(), kind, parts);
        return new MixView(mix.mix(), mix.shampoo(), mix.water(), parts);
    }

    /** The water is off. What got wet without being asked for is said as an event of the day. */
    @PostMapping("/bathed")
    BathView bathed(@PathVariable long dogId, @Valid @RequestBody BathedForm form) {
        KnownDog known = dogs.get(dogId);
        logs.say(
                form.id(),
                dogId,
                LocalDate.now(clock),
                new Bathed(form.kind()),
                () -> Doors.refuse(trusts.may(known).bath(form.kind())));
        return bath(dogId, form.kind());
    }

    /** Fingers have gone through what is not brushed yet, before any water. */
    @PostMapping("/searched")
    BathView searched(@PathVariable long dogId, @Valid @RequestBody SearchForm form) {
        KnownDog known = dogs.get(dogId);
        logs.say(form.id(), dogId, LocalDate.now(clock), new FingerSearched(form.sections(), form.lumps()), () -> {
            MayBegin may = trusts.may(known);
            Doors.refuse(may.care(CareJob.BATH, false));
            form.sections().forEach(section -> Doors.refuse("sections", section.label(), may.closedAt(section)));
        });
        return bath(dogId, BathKind.WHOLE_DOG);
    }

    /** A hand has felt a place. */
    @PostMapping("/dryness")
    BathView felt(@PathVariable long dogId, @Valid @RequestBody DrynessForm form) {
        KnownDog known = dogs.get(dogId);
        logs.say(form.id(), dogId, LocalDate.now(clock), new DrynessFelt(form.section(), form.dry()));
        return bath(dogId, views.damp(known).flatMap(DampView::bath).orElse(BathKind.WHOLE_DOG));
    }

    @Override
    public void dog(long dogId) {
        for (BathKind kind : BathKind.values()) {
            bath(dogId, kind);
        }
    }
}
