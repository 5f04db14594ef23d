package rustictangle.server.trust;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BegunLower;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Said;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.core.log.Warning;
import rustictangle.core.trust.Agreed;
import rustictangle.core.trust.FussOrFear;
import rustictangle.core.trust.Helper;
import rustictangle.core.trust.Practice;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Station;
import rustictangle.core.trust.Treat;
import rustictangle.core.trust.TreatAllowance;
import rustictangle.core.trust.TreatPlan;
import rustictangle.core.trust.TreatsToday;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;

@RestController
@RequestMapping("/api/dogs/{dogId}")
record TrustController(
        DogLoader dogs,
        TrustLoader trusts,
        Logs logs,
        TreatLoader treats,
        TreatStore treatStore,
        AgreedStore agreedStore,
        Clock clock)
        implements ViewProbe, ScreenFacts {

    /**
     * @param standings with the tool that leads at each section that is brushed
     * @param besides   the positions, and the drawer's other tools where they were tried
     * @param owned     what of the drawer a dog has to get used to
     * @param today     one or two; none when nothing is brushed on this dog
     * @param turns     the ladders that moved, the most turns first
     */
    record TrustView(
            List<StandingView> standings,
            List<StandingView> besides,
            List<Subject> owned,
            List<PracticeView> today,
            TreatsToday treats,
            TreatAllowance allowance,
            Treat treat,
            TreatPlan plan,
            List<TurnsView> turns,
            AgreedView agreed,
            List<Helper> helpers) {}

    /**
     * @param today  where it is brushed today
     * @param notYet why not where the owner has chosen; absent: it is
     * @param how    the marker works
     */
    record AgreedView(AgreedForm form, Station today, Optional<Reason> notYet, Reason how) {}

    /**
     * @param marker  absent, like every other: none of its own
     * @param cues    for positions only
     * @param station absent: as far as the dog has learned
     */
    record AgreedForm(
            @Nullable String marker,
            @Nullable String release,
            @NotNull(message = "Leave it empty where no position has a word.") Map<Exercise, @NotNull String> cues,
            @Nullable Station station) {

        static AgreedForm of(Agreed agreed) {
            return new AgreedForm(
                    agreed.marker().orElse(null),
                    agreed.release().orElse(null),
                    agreed.cues(),
                    agreed.station().orElse(null));
        }

        Agreed agreed() {
            return new Agreed(
                    Optional.ofNullable(marker).map(String::strip),
                    Optional.ofNullable(release).map(String::strip),
                    cues.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, cue -> cue.getValue()
                            .strip())),
                    Optional.ofNullable(station));
        }
    }

    record TurnsView(Subject subject, Optional<Section> section, List<TurnView> turns) {}

    record TurnView(LocalDate day, int rungNumber) {}

    /** One answer in a practice; the id is the sender's own, so that a repeat does no harm. */
    record PracticeAnswer(
            @NotNull(message = "Give the answer an id of its own.") UUID id,
            @NotNull(message = "Say what was practised.") Subject subject,
            @Nullable Section section,
            @NotNull(message = "Say how the dog took it.") Signal signal) {}

    /** The dog warned or bit in a practice; the id is the sender's own. */
    record PracticeWarning(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say what was practised.") Subject subject,
            @Nullable Section section,
            @NotNull(message = "Say what the dog did.") Warning warning) {}

    /**
     * A ladder begun again lower; the id is the sender's own.
     *
     * @param rung at most where it stands
     */
    record LowerStart(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say what is practised.") Subject subject,
            @Nullable Section section,
            @NotNull(message = "Choose a rung.")
                    @Min(value = 1, message = "The lowest rung is 1.")
                    @Max(value = BegunLower.HIGHEST, message = "The highest rung is {value}.")
                    Integer rung) {}

    record TreatForm(
            @NotNull(message = "Energy by the label: more than 0, at most 10 kcal/g.")
                    @DecimalMin(
                            value = "0.1",
                            message = "At least 0.1 kcal/g; a label's kcal per 100 g is a hundred times that.")
                    @DecimalMax(
                            value = "10",
                            message = "At most 10 kcal/g; a label's kcal per 100 g is a hundred times that.")
                    Double kcalPerGram,
            @NotNull(message = "One piece: more than 0, at most 50 g.")
                    @DecimalMin(value = "0.01", message = "At least 0.01 g.")
                    @DecimalMax(value = "50", message = "At most 50 g; cut it smaller.")
                    Double grams) {}

    @GetMapping("/trust")
    TrustView trust(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Trust trust = trusts.of(known);
        TreatAllowance allowance = treats.allowance(known);
        Treat treat = treats.of(known);
        return new TrustView(
                trust.standings().entrySet().stream()
                        .map(entry -> StandingView.of(
                                new Spot(trust.lead(entry.getKey()).orElseThrow(), Optional.of(entry.getKey())),
                                entry.getValue()))
                        .toList(),
                besides(trust),
                trusts.owned().stream()
                        .sorted(Comparator.comparing(Subject::order))
                        .toList(),
                trusts.today(known).stream().map(PracticeView::of).toList(),
                treats.today(known),
                allowance,
                treat,
                TreatPlan.of(allowance, treat.kcalPerGram(), TreatPlan.PIECES_A_DAY),
                turns(trust),
                new AgreedView(
                        AgreedForm.of(trust.agreed()),
                        trust.agreed().today(trust),
                        trust.agreed().notYet(trust),
                        Agreed.MARKER),
                Helper.of(known.dog()));
    }

    private List<StandingView> besides(Trust trust) {
        Stream<Spot> positions = Subject.all().stream()
                .filter(subject -> !subject.placeByPlace())
                .map(subject -> new Spot(subject, Optional.empty()));
        Stream<Spot> tools = trust.turns().keySet().stream()
                .filter(spot -> spot.section()
                        .filter(section -> !trust.lead(section).equals(Optional.of(spot.subject())))
                        .isPresent())
                .sorted(Comparator.comparing((Spot spot) -> spot.subject().order())
                        .thenComparing(spot -> spot.section().orElseThrow()));
        return Stream.concat(positions, tools)
                .map(spot -> StandingView.of(spot, trust.at(spot)))
                .toList();
    }

    private static List<TurnsView> turns(Trust trust) {
        return trust.turns().entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<Spot, List<Trust.Move>> one) ->
                                -one.getValue().size())
                        .thenComparing(ladder -> ladder.getKey().subject().order())
                        .thenComparing(ladder ->
                                ladder.getKey().section().map(Enum::ordinal).orElse(-1)))
                .map(ladder -> new TurnsView(
                        ladder.getKey().subject(),
                        ladder.getKey().section(),
                        ladder.getValue().stream()
                                .map(turn ->
                                        new TurnView(turn.day(), turn.rung().number()))
                                .toList()))
                .toList();
    }

    /** Practice on a ladder of the owner's choice. */
    @GetMapping("/practice")
    PracticeView practice(
            @PathVariable long dogId, @RequestParam Subject subject, @RequestParam Optional<Section> section) {
        KnownDog known = dogs.get(dogId);
        return PracticeView.of(
                Practice.of(known.dog(), trusts.of(known), new Spot(subject, section), trusts.may(known)));
    }

    @PostMapping("/practice-trials")
    PracticeView answer(@PathVariable long dogId, @Valid @RequestBody PracticeAnswer answer) {
        KnownDog known = dogs.get(dogId);
        Spot spot = new Spot(answer.subject(), Optional.ofNullable(answer.section()));
        logs.say(
                answer.id(),
                dogId,
                LocalDate.now(clock),
                new Practised(
                        Optional.of(spot.subject()),
                        spot.section(),
                        answer.signal(),
                        trusts.may(known).wets(spot)),
                () -> {
                    // A no is heard whatever was said before; anything else would go on where hands are off.
                    if (!answer.signal().isNo()) {
                        Doors.refuse(trusts.may(known).practice(spot));
                    }
                });
        return practice(dogId, spot.subject(), spot.section());
    }

    /** Hands off: it ends, and the place is closed until somebody has looked. */
    @PostMapping("/practice-warnings")
    PracticeView warned(@PathVariable long dogId, @Valid @RequestBody PracticeWarning warning) {
        dogs.get(dogId);
        Spot spot = new Spot(warning.subject(), Optional.ofNullable(warning.section()));
        logs.say(
                warning.id(),
                dogId,
                LocalDate.now(clock),
                new PracticeWarned(spot.subject(), spot.section(), warning.warning()));
        return practice(dogId, spot.subject(), spot.section());
    }

    /** The owner begins a ladder again from a lower rung. */
    @PostMapping("/lower-starts")
    PracticeView lower(@PathVariable long dogId, @Valid @RequestBody LowerStart lower) {
        Spot spot = new Spot(lower.subject(), Optional.ofNullable(lower.section()));
        int now = trusts.of(dogs.get(dogId)).at(spot).rung().number();
        if (lower.rung() > now && !logs.has(lower.id())) {
            throw new Refused(
                    "rung", "It stands on rung " + now + "; begin there or lower. Higher it comes by practice.");
        }
        logs.say(lower.id(), dogId, LocalDate.now(clock), new BegunLower(spot.subject(), spot.section(), lower.rung()));
        return practice(dogId, spot.subject(), spot.section());
    }

    private static boolean inPractice(Said said) {
        return said instanceof Practised || said instanceof PracticeWarned || said instanceof BegunLower;
    }

    /** Undo, whatever was said. */
    @DeleteMapping("/practice-trials/{trialId}")
    PracticeView takeBack(
            @PathVariable long dogId,
            @PathVariable UUID trialId,
            @RequestParam Subject subject,
            @RequestParam Optional<Section> section) {
        dogs.get(dogId);
        Spot spot = new Spot(subject, section);
        logs.takeBack(dogId, entry -> entry.id().equals(trialId) && inPractice(entry.said()));
        return practice(dogId, spot.subject(), spot.section());
    }

    /** Fuss or fear? */
    @GetMapping("/fuss-or-fear")
    FussOrFear fuss(
            @PathVariable long dogId, @RequestParam(required = false) @Nullable Collection<FussOrFear.Sign> seen) {
        dogs.get(dogId);
        return FussOrFear.of(
                seen == null ? Set.of() : seen.stream().filter(Objects::nonNull).collect(Collectors.toSet()));
    }

    /** What is in the treat bag. */
    @PutMapping("/treat")
    TrustView treat(@PathVariable long dogId, @Valid @RequestBody TreatForm form) {
        dogs.get(dogId);
        treatStore.put(dogId, new Treat(form.kcalPerGram(), form.grams()));
        return trust(dogId);
    }

    /** The words that the dog knows, and where it is brushed. */
    @PutMapping("/agreed")
    TrustView agreed(@PathVariable long dogId, @Valid @RequestBody AgreedForm form) {
        dogs.get(dogId);
        agreedStore.put(dogId, form.agreed());
        return trust(dogId);
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("positions", Exercise.positions(), "longestWord", Agreed.LONGEST_WORD);
    }

    @Override
    public void dog(long dogId) {
        trust(dogId);
    }
}
