package rustictangle.core.coat;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.Sure;
import rustictangle.core.coat.Finding.Decider;
import rustictangle.core.coat.Finding.Judged;
import rustictangle.core.coat.Finding.Likely;
import rustictangle.core.coat.Finding.Sureness;

/**
 * From what an owner sees to the coat it is.
 *
 * <p>The chance of each kind follows from the answers by Bayes' rule over the {@link Strain strains} it comes in, so that
 * answers that go together count less than if each came alone.
 */
public final class CoatFinder {

    /** A second kind this likely is shown beside the first. Own estimate. */
    private static final double WORTH_SHOWING = 0.15;
    /** An answer speaks for a kind that gives it this many times as often as the kinds on average. Own estimate. */
    private static final double CLEARLY = 1.5;

    private final Map<Observation, Answer> seen;
    private final Map<CoatKind, Double> chances;

    private CoatFinder(Map<Observation, Answer> seen) {
        this.seen = seen;
        this.chances = chances(seen.values());
    }

    /**
     * @param answers at most one for each observation; what was not answered is left out
     * @throws Refused when one observation is answered twice
     */
    public static Finding find(Set<Answer> answers) {
        Map<Observation, Answer> seen = new EnumMap<>(Observation.class);
        for (Answer answer : answers) {
            Answer other = seen.put(answer.to(), answer);
            if (other != null) {
                throw new Refused(
                        "answers",
                        "\"" + answer.to().question() + "\" has two answers, " + other + " and " + answer
                                + ", need at most one");
            }
        }
        return new CoatFinder(seen).finding();
    }

    private Finding finding() {
        List<Likely> likely = chances.entrySet().stream()
                .sorted(Map.Entry.<CoatKind, Double>comparingByValue().reversed())
                .filter(entry -> entry.getValue() >= WORTH_SHOWING || entry.getKey() == likeliest())
                .map(entry -> likely(entry.getKey(), entry.getValue()))
                .limit(2)
                .toList();
        CoatKind kind = likely.get(0).kind();
        return new Finding(
                likely,
                density(),
                texture(kind),
                undercoat(kind),
                likely.size() < 2
                        ? Optional.empty()
                        : Optional.of(decider(kind, likely.get(1).kind())),
                limits(kind));
    }

    private static Map<CoatKind, Double> chances(Iterable<Answer> answers) {
        Map<CoatKind, Double> weights = new EnumMap<>(CoatKind.class);
        for (Strain strain : Strain.ALL) {
            double weight = strain.weight();
            for (Answer answer : answers) {
                weight *= strain.chanceOf(answer);
            }
            weights.merge(strain.kind(), weight, Double::sum);
        }
        double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        weights.replaceAll((kind, weight) -> weight / sum);
        return weights;
    }

    private CoatKind likeliest() {
        return chances.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
    }

    private Likely likely(CoatKind kind, double chance) {
        return new Likely(kind, chance, Sureness.of(chance), why(kind));
    }

    private Reason why(CoatKind kind) {
        String speaksFor = seenWhere(answer -> Strain.chanceFor(kind, answer) > CLEARLY * average(answer));
        String against = seenWhere(answer -> Strain.chanceFor(kind, answer) < average(answer) / CLEARLY);
        String text = speaksFor.isEmpty()
                ? "Nothing seen yet speaks for " + kind.hair()
                : "What speaks for " + kind.hair() + ": " + speaksFor;
        return new Reason("coat.finder", text + (against.isEmpty() ? "." : ". Against it: " + against + "."));
    }

    private String seenWhere(Predicate<Answer> condition) {
        return seen.values().stream().filter(condition).map(Answer::label).collect(Collectors.joining(", "));
    }

    private static double average(Answer answer) {
        return Arrays.stream(CoatKind.values())
                .filter(CoatKind::brushed)
                .mapToDouble(kind -> Strain.chanceFor(kind, answer))
                .average()
                .orElseThrow();
    }

    /** Prefers what was not looked at yet; else the one to look at again. */
    private Decider decider(CoatKind first, CoatKind second) {
        Comparator<Observation> byDistance =
                Comparator.comparingDouble(observation -> distance(observation, first, second));
        Set<Observation> open = EnumSet.allOf(Observation.class);
        open.removeAll(seen.keySet());
        Observation best = open.stream()
                .filter(o -> distance(o, first, second) > WORTH_SHOWING)
                .max(byDistance)
                .orElseGet(() -> Stream.of(Observation.values()).max(byDistance).orElseThrow());
        return new Decider(best, seen.containsKey(best), typical(best, first, second), typical(best, second, first));
    }

    /** Total variation distance, in [0, 1]: how differently the two kinds answer. */
    private static double distance(Observation observation, CoatKind a, CoatKind b) {
        return observation.answers().stream()
                        .mapToDouble(answer -> Math.abs(Strain.chanceFor(a, answer) - Strain.chanceFor(b, answer)))
                        .sum()
                / 2;
    }

    /** The answer that most sets this kind apart from the other. */
    private static Answer typical(Observation observation, CoatKind kind, CoatKind other) {
        return observation.answers().stream()
                .max(Comparator.comparingDouble(
                        answer -> Strain.chanceFor(kind, answer) - Strain.chanceFor(other, answer)))
                .orElseThrow();
    }

    private Judged<Density> density() {
        Answer answer = seen.get(Observation.SKIN_SHOWS);
        if (answer == null) {
            return new Judged<>(
                    Density.MEDIUM,
                    Sureness.GUESS,
                    new Reason("coat.finder-density", "Taken as medium: nobody has looked for the skin yet."));
        }
        Density density = answer == Answer.AT_ONCE
                ? Density.SPARSE
                : answer == Answer.WHEN_PARTED ? Density.MEDIUM : Density.DENSE;
        return new Judged<>(
                density,
                Sureness.SURE,
                new Reason(
                        "coat.finder-density", "The hair is " + density.label() + ", because " + answer.label() + "."));
    }

    private Judged<Texture> texture(CoatKind kind) {
        Optional<Texture> felt = Optional.ofNullable(seen.get(Observation.FEEL)).map(this::textureFelt);
        if (felt.isPresent()) {
            return new Judged<>(
                    felt.get(),
                    Sureness.SURE,
                    new Reason(
                            "coat.finder-texture",
                            felt.get().title() + ", because "
                                    + Sure.at(seen, Observation.FEEL).label()
                                    + (felt.get() == Texture.CURLY ? " and springs back." : ".")));
        }
        Texture usual = kind.usualTexture();
        return new Judged<>(
                usual,
                Sureness.GUESS,
                new Reason(
                        "coat.finder-texture",
                        usual.title() + " is usual for " + kind.hair() + "; nobody has felt it yet."));
    }

    private Texture textureFelt(Answer feel) {
        return switch (feel) {
            case HARSH -> Texture.HARSH;
            case SILKY -> Texture.SILKY;
            case WOOLLY -> seen.get(Observation.STRETCH) == Answer.SPRINGS_BACK ? Texture.CURLY : Texture.SOFT;
            default -> Texture.SOFT;
        };
    }

    private Judged<Boolean> undercoat(CoatKind kind) {
        Answer layers = seen.get(Observation.LAYERS);
        if (layers == null) {
            return new Judged<>(
                    kind.usuallyUndercoat(),
                    Sureness.GUESS,
                    new Reason(
                            "coat.finder-undercoat",
                            (kind.usuallyUndercoat() ? "Undercoat is usual under " : "No undercoat is usual under ")
                                    + kind.label() + " hair; nobody has parted it yet."));
        }
        boolean two = layers == Answer.TWO_LAYERS;
        return new Judged<>(
                two,
                Sureness.SURE,
                new Reason(
                        "coat.finder-undercoat",
                        (two ? "Undercoat, because the parting shows " : "No undercoat, because the parting shows ")
                                + layers.label() + "."));
    }

    private static Optional<Reason> limits(CoatKind kind) {
        return kind.brushed() ? Optional.empty() : Optional.of(Unbrushed.limits(kind));
    }
}
