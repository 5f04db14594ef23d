package rustictangle.core.coat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import rustictangle.core.Table;

/**
 * One of the ways a kind of coat comes, with how often an owner who looks at it gives each answer.
 *
 * <p>Answers that go together (silky, in waves, a few long hairs) go together because they come from one strain. So a kind
 * is a mixture of strains, and only within a strain is each answer taken on its own: a latent class model (Lazarsfeld &
 * Henry, Latent Structure Analysis, 1968; from memory).
 *
 * @param share of the kind's dogs, in (0, 1]; the shares of a kind sum to 1
 */
record Strain(String name, CoatKind kind, double share, Map<Answer, Double> chances) {

    private static final String TABLE = "answers.txt";
    private static final int COLUMNS = 10;
    private static final int BEFORE_THE_ANSWERS = 3;
    /** Corded and hairless dogs are rare: one to six of each other kind. Own estimate. */
    private static final double RARE = 1.0 / 6;
    /** So many of the answers that an owner gives are slips. Own estimate. */
    private static final double SLIPS = 0.08;

    private static final List<Strain> AS_SEEN = Table.rows(Strain.class, TABLE, COLUMNS).stream()
            .map(Strain::strain)
            .toList();
    /** Each of them, kind by kind. */
    static final List<Strain> ALL = AS_SEEN.stream().map(Strain::withSlips).toList();

    /** Chance in (0, 1) that an owner gives this answer, slips included. What tells nothing of the kind is as likely as any. */
    double chanceOf(Answer answer) {
        return chances.getOrDefault(answer, 1.0 / answer.to().answers().size());
    }

    /** Chance in (0, 1) that an owner of such a coat gives this answer. */
    static double chanceFor(CoatKind kind, Answer answer) {
        return ALL.stream()
                .filter(strain -> strain.kind == kind)
                .mapToDouble(strain -> strain.share * strain.chanceOf(answer))
                .sum();
    }

    /** How many such dogs there are, before anything was seen, to one of each kind. */
    double weight() {
        return share * (kind.brushed() ? 1 : RARE);
    }

    private Strain withSlips() {
        Map<Answer, Double> slipped = new EnumMap<>(chances);
        slipped.replaceAll((answer, chance) -> (1 - SLIPS) * chance + SLIPS * anybody(answer));
        return new Strain(name, kind, share, slipped);
    }

    /** What a slip falls on: half of them on what is said of dogs in general, half on anything. Own estimate. */
    private static double anybody(Answer answer) {
        double said = AS_SEEN.stream()
                .mapToDouble(strain -> strain.weight() * strain.chanceOf(answer))
                .sum();
        double often = said / AS_SEEN.stream().mapToDouble(Strain::weight).sum();
        return (often + 1.0 / answer.to().answers().size()) / 2;
    }

    private static Strain strain(List<String> row) {
        List<Observation> told = new ArrayList<>(List.of(Observation.values()));
        told.remove(Observation.SKIN_SHOWS);
        Map<Answer, Double> chances = new EnumMap<>(Answer.class);
        for (int i = 0; i < told.size(); i++) {
            addAnswers(told.get(i), row.get(BEFORE_THE_ANSWERS + i), chances);
        }
        return new Strain(
                row.get(0),
                CoatKind.valueOf(row.get(1).toUpperCase(Locale.ROOT)),
                Integer.parseInt(row.get(2)) / 100.0,
                chances);
    }

    private static void addAnswers(Observation observation, String cell, Map<Answer, Double> chances) {
        int[] ofHundred =
                Arrays.stream(cell.split(" ")).mapToInt(Integer::parseInt).toArray();
        List<Answer> answers = observation.answers();
        if (ofHundred.length != answers.size() || Arrays.stream(ofHundred).sum() != 100) {
            throw new IllegalArgumentException(
                    TABLE + ": " + cell + " for " + answers + ", need one number each that sum to 100");
        }
        for (int i = 0; i < ofHundred.length; i++) {
            chances.put(answers.get(i), ofHundred[i] / 100.0);
        }
    }
}
