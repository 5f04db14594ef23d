package rustictangle.core.coat;

import static org.junit.jupiter.api.Assertions.assertTrue;
import static rustictangle.core.coat.Answer.*;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rustictangle.core.Sample;
import rustictangle.core.coat.Finding.Sureness;
import rustictangle.core.dog.Region;

/**
 * Owners in front of every dog of the breeds table. What they would rightly see follows from the lengths, the layers and
 * the feel of that dog's coat, not from the finder's own table; then they slip. Seeds are fixed.
 */
class FinderCalibrationTest {

    private static final int OWNERS_A_DOG = Sample.of(4, 8);

    /** @param slips of a hundred answers; half of them wrong, half "cannot tell" */
    @ParameterizedTest
    @ValueSource(ints = {0, 10, 15, 20})
    void whoSlipsNowAndThenIsToldTheRightKindAndSureMeansSure(int slips) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(17);
        double all = 0;
        double right = 0;
        double sure = 0;
        double sureAndRight = 0;
        for (Breed breed : Breeds.all()) {
            CoatKind kind = breed.coat().regions().get(Region.BODY).kind();
            for (int owner = 0; owner < OWNERS_A_DOG; owner++) {
                Finding finding = CoatFinder.find(seen(breed.coat(), slips / 100.0, random));
                boolean told = finding.kind() == kind;
                boolean isSure = finding.likely().get(0).sureness() == Sureness.SURE;
                all++;
                right += told ? 1 : 0;
                sure += isSure ? 1 : 0;
                sureAndRight += isSure && told ? 1 : 0;
            }
        }
        String figures = "first right %.3f, sure %.3f, of which right %.3f"
                .formatted(right / all, sure / all, sureAndRight / sure);
        // Who slips at every fifth answer, and over a coat in a trim that shows less of how it would hang, still mostly
        // is.
        assertTrue(right / all >= (slips < 20 ? 0.9 : 0.88), figures);
        assertTrue(sureAndRight / sure >= 0.95, figures);
        // Sure of nothing would be easy.
        assertTrue(sure / all >= 0.5, figures);
    }

    private static Set<Answer> seen(Coat coat, double slips, RandomGenerator random) {
        Set<Answer> answers = EnumSet.noneOf(Answer.class);
        for (List<Answer> truth : truths(coat)) {
            double luck = random.nextDouble();
            List<Answer> from = luck < slips / 2 ? truth.get(0).to().answers() : truth;
            if (luck < slips / 2 || luck >= slips) {
                answers.add(from.get(random.nextInt(from.size())));
            }
        }
        return answers;
    }

    /** For each observation what an owner may rightly see. */
    private static List<List<Answer>> truths(Coat coat) {
        RegionCoat body = coat.regions().get(Region.BODY);
        List<List<Answer>> truths = new ArrayList<>();
        truths.add(layers(body));
        truths.add(stretch(body));
        truths.add(where(coat.regions(), body.kind()));
        truths.add(feel(body));
        truths.add(comesOff(body));
        truths.add(
                body.kind() == CoatKind.WIRE && body.clipped()
                        ? List.of(UNTIL_CUT, STOPS)
                        : List.of(body.growsOn() || body.kind() == CoatKind.CORDED ? UNTIL_CUT : STOPS));
        truths.add(rain(body));
        return truths;
    }

    private static List<Answer> layers(RegionCoat body) {
        return switch (body.kind()) {
            case HAIRLESS -> List.of(BARE_SKIN);
            case CORDED -> List.of(ROPES);
            case FLEECE -> List.of(ONE_LAYER, TWO_LAYERS);
            case FEATHERED -> List.of(ONE_LAYER, ONE_LAYER, TWO_LAYERS);
            default -> List.of(body.undercoat() ? TWO_LAYERS : ONE_LAYER);
        };
    }

    private static List<Answer> stretch(RegionCoat body) {
        if (body.length().millimetres() < 20 && body.kind() != CoatKind.CURLY) {
            return List.of(TOO_SHORT);
        }
        return switch (body.kind()) {
            case CURLY -> List.of(SPRINGS_BACK);
            case CORDED -> List.of(SPRINGS_BACK, LOOSE_WAVE);
            case FLEECE -> List.of(LOOSE_WAVE);
            case FEATHERED, WIRE -> List.of(STAYS_STRAIGHT, STAYS_STRAIGHT, LOOSE_WAVE);
            case DROP -> body.isMatureSilk() ? List.of(STAYS_STRAIGHT) : List.of(STAYS_STRAIGHT, LOOSE_WAVE);
            default -> List.of(STAYS_STRAIGHT);
        };
    }

    private static List<Answer> where(Map<Region, RegionCoat> regions, CoatKind kind) {
        double head = regions.get(Region.HEAD).length().millimetres();
        double body = regions.get(Region.BODY).length().millimetres();
        double longest = regions.values().stream()
                .mapToDouble(hair -> hair.length().millimetres())
                .max()
                .orElseThrow();
        if (longest <= 25) {
            return List.of(NOWHERE);
        }
        if (kind == CoatKind.FEATHERED || kind == CoatKind.HAIRLESS) {
            return List.of(FRINGES);
        }
        if (kind == CoatKind.WIRE) {
            return List.of(BEARD_AND_LEGS);
        }
        if (head >= 30 && body >= 30) {
            return List.of(ALL_OVER);
        }
        return List.of(longest < 45 ? NOWHERE : RUFF_AND_TROUSERS);
    }

    private static List<Answer> feel(RegionCoat body) {
        return switch (body.texture()) {
            case HARSH -> List.of(HARSH);
            case SILKY -> List.of(SILKY);
            case CURLY -> List.of(WOOLLY);
            case SOFT ->
                switch (body.kind()) {
                    case SMOOTH, HAIRLESS -> List.of(SLEEK);
                    case DOUBLE -> List.of(SILKY, WOOLLY);
                    case FLEECE -> List.of(COTTONY, WOOLLY);
                    default -> List.of(COTTONY);
                };
        };
    }

    private static List<Answer> comesOff(RegionCoat body) {
        return switch (body.kind()) {
            case SMOOTH -> body.isPlush() ? List.of(SHORT_STIFF, SHORT_STIFF, FLUFF) : List.of(SHORT_STIFF);
            case DOUBLE -> List.of(FLUFF);
            case DROP -> List.of(FEW_LONG, ALMOST_NOTHING);
            case FLEECE -> List.of(ALMOST_NOTHING, FEW_LONG);
            case WIRE -> List.of(SHORT_STIFF, ALMOST_NOTHING);
            case FEATHERED -> List.of(FEW_LONG, SHORT_STIFF);
            case CURLY, CORDED, HAIRLESS -> List.of(ALMOST_NOTHING);
        };
    }

    private static List<Answer> rain(RegionCoat body) {
        return switch (body.kind()) {
            case DOUBLE, WIRE -> List.of(RUNS_OFF);
            case SMOOTH -> List.of(RUNS_OFF, WET_AT_ONCE);
            case CURLY, CORDED -> List.of(SOAKS_SLOWLY);
            case FLEECE -> List.of(SOAKS_SLOWLY, WET_AT_ONCE);
            case FEATHERED -> List.of(SOAKS_SLOWLY, RUNS_OFF);
            case DROP, HAIRLESS -> List.of(WET_AT_ONCE);
        };
    }
}
