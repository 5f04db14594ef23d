package rustictangle.server.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import rustictangle.core.Reason;
import rustictangle.core.care.BathMix;
import rustictangle.core.care.CareDiary;
import rustictangle.core.care.CareDue;
import rustictangle.core.care.Claws;
import rustictangle.core.care.Drying;
import rustictangle.core.care.Supply;
import rustictangle.core.kit.NailSchool;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.Log;
import rustictangle.core.log.ToolKind;
import rustictangle.core.rhythm.OwedBath;
import rustictangle.core.trust.BathGate;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.DerivedCache;
import rustictangle.server.frame.ReadCache;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;
import rustictangle.server.trust.TrustLoader;

/** Loads what a known dog's care asks for today. */
@Component
public class CareLoader {

    /** All that it follows from. */
    private record CareBasis(
            KnownDog known,
            Trust trust,
            CareDiary diary,
            Map<CareJob, CareDue.Chosen> chosen,
            Claws claws,
            NailSchool nails,
            Drying.With dryer,
            Optional<LocalDate> owed,
            Optional<Reason> dry,
            LocalDate today) {}

    private record Dues(List<CareDue> all) {}

    private final CareStore store;
    private final TrustLoader trusts;
    private final KitLoader kits;
    private final Logs logs;
    private final ReadCache reads;
    private final DerivedCache made;
    private final Clock clock;

    CareLoader(
            CareStore store,
            TrustLoader trusts,
            KitLoader kits,
            Logs logs,
            ReadCache reads,
            DerivedCache made,
            Clock clock) {
        this.store = store;
        this.trusts = trusts;
        this.kits = kits;
        this.logs = logs;
        this.reads = reads;
        this.made = made;
        this.clock = clock;
    }

    private record Settings(
            Map<Long, Map<CareJob, CareDue.Chosen>> choices,
            Map<Long, CareStore.ClawKind> claws,
            Map<Supply, Optional<Integer>> supplies) {}

    private Settings settings() {
        return reads.of(CareStore.class, () -> new Settings(store.choices(), store.claws(), store.supplies()));
    }

    /** Every job, due or not, in the order of {@link CareJob}. */
    public List<CareDue> of(KnownDog known) {
        return of(known, logs.of(known.id()));
    }

    /** The nails' turn, were they done in that way. */
    public CareDue nails(KnownDog known, NailSchool school) {
        return dues(basis(known, logs.of(known.id()), school)).all.get(CareJob.NAILS.ordinal());
    }

    /** As far as a log of its tells. */
    public List<CareDue> of(KnownDog known, Log log) {
        CareBasis facts = basis(known, log, kits.approach(known.id()).ways().nails());
        return made.of(Dues.class, known.id(), facts, CareLoader::dues).all;
    }

    private CareBasis basis(KnownDog known, Log log, NailSchool nails) {
        LocalDate today = LocalDate.now(clock);
        Trust trust = trusts.of(known, log);
        return new CareBasis(
                known,
                trust,
                CareDiary.of(log),
                chosen(known.id()),
                Claws.of(log, clawKind(known.id()).dewClaws()),
                nails,
                dryer(known, trust),
                OwedBath.of(log, today).filter(bath -> !bath.waits()).map(OwedBath::by),
                Optional.of(trusts.may(known, log).gate(BathKind.WHOLE_DOG))
                        .filter(gate -> !gate.way().atHome())
                        .map(BathGate::why),
                today);
    }

    private static Dues dues(CareBasis facts) {
        return new Dues(CareDue.of(
                facts.known.dog(),
                facts.trust,
                facts.diary,
                facts.chosen,
                facts.claws,
                facts.nails,
                BathMix.minutes(facts.known.dog(), BathKind.WHOLE_DOG)
                        + Drying.minutes(facts.known.dog(), facts.known.coat(), BathKind.WHOLE_DOG, facts.dryer),
                facts.owed,
                facts.dry,
                facts.today));
    }

    Map<CareJob, CareDue.Chosen> chosen(long dogId) {
        return settings().choices.getOrDefault(dogId, Map.of());
    }

    CareStore.ClawKind clawKind(long dogId) {
        return settings().claws.getOrDefault(dogId, CareStore.ClawKind.USUAL);
    }

    Claws claws(long dogId) {
        return Claws.of(logs.of(dogId), clawKind(dogId).dewClaws());
    }

    Map<Supply, Optional<Integer>> supplies() {
        return settings().supplies;
    }

    Drying.With dryer(KnownDog known) {
        return dryer(known, trusts.of(known));
    }

    private Drying.With dryer(KnownDog known, Trust trust) {
        boolean forcedAir = kits.drawer().stream().anyMatch(tool -> tool.kind() == ToolKind.DRYER && !tool.putAside());
        return Drying.with(supplies().keySet(), forcedAir, known.coat(), trust.knowsTheDryer());
    }
}
