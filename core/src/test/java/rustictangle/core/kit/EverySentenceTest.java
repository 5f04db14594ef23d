package rustictangle.core.kit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.Sample;
import rustictangle.core.coat.Breed;
import rustictangle.core.coat.Breeds;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Part;
import rustictangle.core.log.ToolKind;

/**
 * Every reason held against what it explains, and every step against what is safe where, over the coats of the breeds,
 * every state, every school and every place. What is safe where: handbook 7.4, common practice in parts.
 */
class EverySentenceTest {

    /** A word in an order's sentence, and the tool that must then be in the order. */
    private static final Map<String, Set<ToolKind>> TOOLS_SAID = Map.of(
            "rubber", Set.of(ToolKind.RUBBER_CURRY),
            "the rake", Set.of(ToolKind.UNDERCOAT_RAKE),
            "slicker", Set.of(ToolKind.SLICKER),
            "pins", Set.of(ToolKind.PIN_BRUSH, ToolKind.WOODEN_PIN_BRUSH),
            "wooden", Set.of(ToolKind.WOODEN_PIN_BRUSH),
            "bristle", Set.of(ToolKind.BRISTLE_BRUSH, ToolKind.CLOTH),
            "mist", Set.of(ToolKind.MIST),
            "fingers part", Set.of(ToolKind.FINGERS),
            "the comb", Set.of(ToolKind.COMB, ToolKind.FACE_COMB));

    /** Said of the coat, not of a tool: "pins have no job here", "no rubber circles here". */
    private static final Set<String> SAID_OF_THE_COAT = Set.of("have no job here", "no rubber circles here");

    @Test
    void anOrderSpeaksOfTheToolsThatAreInItAndOfNoOther() {
        everywhere("order");
    }

    private static void anOrderSpeaksOfItsTools(Dog dog, Need need) {
        if (!need.brushed()) {
            return;
        }
        String sentence = need.reasons().stream()
                .filter(reason -> reason.rule().startsWith("kit.order-"))
                .map(reason -> reason.text().substring(reason.text().indexOf(':') + 1))
                .reduce((a, b) -> a + " / " + b)
                .orElseThrow();
        assertFalse(SAID_OF_THE_COAT.stream().anyMatch(sentence::contains), sentence);
        Set<ToolKind> order = tools(need);
        TOOLS_SAID.forEach((word, tools) -> assertTrue(
                !sentence.contains(word) || tools.stream().anyMatch(order::contains),
                need.section() + ": " + sentence + " but " + need.order()));
    }

    @Test
    void noReasonContradictsWhatItExplains() {
        everywhere("reasons");
    }

    private static void reasonsFitWhatTheyExplain(Dog dog, Need need) {
        for (Reason reason : need.reasons()) {
            String text = reason.text();
            String where = need.section() + " of " + need.hair() + ": " + text;
            boolean fine = need.order().stream()
                    .anyMatch(s -> s.manner() == Manner.PROVE_FINE || s.manner() == Manner.COMB_LAYERS);
            assertTrue(!text.contains("then the fine one") || fine, where);
            assertFalse(text.contains("ordinary week"), where);
            assertTrue(
                    !text.contains("silky") || need.hair().texture() == Texture.SILKY || saidInGeneral(reason), where);
            assertTrue(!reason.rule().equals("kit.school") || need.school().isPresent(), where);
            assertTrue(
                    !reason.rule().equals("kit.elderly")
                            || text.contains("wooden") == tools(need).contains(ToolKind.WOODEN_PIN_BRUSH),
                    where);
            assertTrue(
                    !reason.rule().equals("kit.pins-mane")
                            || need.hair().length().millimetres() > 125,
                    where);
            assertTrue(
                    !reason.rule().equals("kit.mist-on-tool")
                            || need.order().stream().anyMatch(s -> s.manner() == Manner.ON_TOOL),
                    where);
        }
        List<String> rules = need.reasons().stream().map(Reason::rule).toList();
        assertEquals(rules.size(), Set.copyOf(rules).size(), "said twice: " + rules);
    }

    /** "Your choice: … Silky hair, a hand that …" tells whom a school suits. */
    private static boolean saidInGeneral(Reason reason) {
        return reason.rule().equals("kit.school");
    }

    @Test
    void nothingStiffComesNearTheEyesAndNoRakeOrCurryWhereTheSkinIsThin() {
        everywhere("safe");
    }

    private static void nothingUnsafeIsAsked(Dog dog, Need need) {
        Set<Part> head = Set.of(Part.MUZZLE, Part.CROWN);
        Set<Part> raked = Set.of(Part.BACK, Part.SIDE, Part.SHOULDER, Part.NECK_RUFF, Part.THIGH, Part.REAR_TROUSERS);
        Part part = need.section().part();
        for (ToolStep step : need.order()) {
            String where = need.section() + " " + need.order();
            assertFalse(head.contains(part) && step.tool() == ToolKind.SLICKER, where);
            assertFalse(!raked.contains(part) && step.tool() == ToolKind.UNDERCOAT_RAKE, where);
            assertFalse(
                    (need.section().thinSkinned() || head.contains(part)) && step.tool() == ToolKind.RUBBER_CURRY,
                    where);
            boolean against = step.manner() == Manner.AGAINST_LIE
                    || step.manner() == Manner.AGAINST_LIE_TWICE
                    || step.manner() == Manner.ALL_WAYS;
            assertFalse(against && (head.contains(part) || need.section().thinSkinned()), where);
            assertTrue(need.forbids(step.tool()).isEmpty(), "asked for and forbidden: " + where + step);
        }
        if (need.section().thinSkinned() || head.contains(part)) {
            assertEquals(2, PlaceUse.at(need.section()).strokes());
        }
    }

    @Test
    void aSmoothCoatIsNeitherPartedNorMistedNorCombed() {
        everywhere("smooth");
    }

    private static void smoothStaysSmooth(Dog dog, Need need) {
        if (need.hair().kind() == CoatKind.SMOOTH) {
            Set<ToolKind> tools = tools(need);
            for (ToolKind kind : List.of(ToolKind.MIST, ToolKind.COMB, ToolKind.FACE_COMB, ToolKind.PIN_BRUSH)) {
                assertFalse(tools.contains(kind), need.section() + " " + need.order());
            }
            need.order().forEach(step -> assertFalse(step.manner().parting() != Parting.NONE, step.toString()));
        }
    }

    @Test
    void whoeverChoseAStrayFromTheUsualSeesItFollowed() {
        Coat silk = Dogs.allOver(Dogs.hair(CoatKind.FEATHERED, 90));
        Need slickerFirst = at(silk, LeadSchool.SLICKER_THEN_COMB, Part.FRONT_LEG);
        assertEquals(
                new ToolStep(ToolKind.SLICKER, Manner.FINDER),
                slickerFirst.order().get(1));
        assertEquals(ToolKind.COMB, slickerFirst.lead());
        Need trousers = at(silk, LeadSchool.SLICKER_THEN_COMB, Part.REAR_TROUSERS);
        assertEquals(
                List.of(ToolKind.MIST, ToolKind.SLICKER, ToolKind.PIN_BRUSH, ToolKind.COMB),
                trousers.order().stream()
                        .filter(step -> !step.ifOwned())
                        .map(ToolStep::tool)
                        .distinct()
                        .toList());
        assertEquals(
                ToolKind.PIN_BRUSH,
                at(silk, LeadSchool.NO_SLICKER_YET, Part.REAR_TROUSERS).lead());
    }

    private static Need at(Coat coat, LeadSchool school, Part part) {
        return Match.of(Dogs.adult(12), coat, Approach.USUAL.leadBy(school)).needs().stream()
                .filter(need -> need.section().part() == part)
                .findFirst()
                .orElseThrow();
    }

    private static Set<ToolKind> tools(Need need) {
        return need.order().stream().map(ToolStep::tool).collect(Collectors.toSet());
    }

    /** What is asked of every need, and what it found first. */
    private static final Map<String, BiConsumer<Dog, Need>> ASKED = Map.of(
            "order", EverySentenceTest::anOrderSpeaksOfItsTools,
            "reasons", EverySentenceTest::reasonsFitWhatTheyExplain,
            "safe", EverySentenceTest::nothingUnsafeIsAsked,
            "smooth", EverySentenceTest::smoothStaysSmooth);

    private static Map<String, AssertionError> found;

    /** Every need is worked out once, and asked everything. */
    private static synchronized void everywhere(String asked) {
        if (found == null) {
            Map<String, AssertionError> first = new HashMap<>();
            walk((dog, need) -> ASKED.forEach((name, check) -> {
                try {
                    check.accept(dog, need);
                } catch (AssertionError e) {
                    first.putIfAbsent(name, e);
                }
            }));
            found = first;
        }
        if (found.containsKey(asked)) {
            throw found.get(asked);
        }
    }

    /** Each coat with every life stage and with every school, and each stage with each school: by pairs, not all at once. */
    private static void walk(BiConsumer<Dog, Need> check) {
        List<Coat> coats = new ArrayList<>();
        Set<Object> seen = new HashSet<>();
        for (Breed breed : Breeds.all()) {
            if (seen.add(breed.coat().regions())) {
                for (boolean sheds : new boolean[] {false, true}) {
                    coats.add(new Coat(breed.coat().regions(), sheds, false));
                }
                coats.add(new Coat(breed.coat().regions(), false, true));
            }
        }
        List<Optional<LeadSchool>> schools = Stream.concat(
                        Stream.of(Optional.<LeadSchool>empty()),
                        Stream.of(LeadSchool.values()).map(Optional::of))
                .toList();
        LifeStage[] stages = LifeStage.values();
        int turns = Math.max(stages.length, schools.size());
        for (int c = 0; c < coats.size(); c += Sample.of(2, 1)) {
            for (int turn = 0; turn < turns; turn++) {
                LifeStage stage = stages[turn % stages.length];
                Dog dog = Dogs.with(stage, stage == LifeStage.ADULT ? History.ROUGH_GROOM : History.GENTLE);
                Approach approach = new Approach(
                        schools.get((turn + c) % schools.size()), TipSchool.BY_SKIN, MistSchool.BY_SKIN, Hand.BEGINNER);
                Match.of(dog, coats.get(c), approach).needs().forEach(need -> check.accept(dog, need));
            }
        }
    }
}
