package rustictangle.core.log;

import static rustictangle.core.log.ToolProperty.FLEXIBLE;
import static rustictangle.core.log.ToolProperty.HEAD;
import static rustictangle.core.log.ToolProperty.LENGTH;
import static rustictangle.core.log.ToolProperty.PAD;
import static rustictangle.core.log.ToolProperty.SPACING;
import static rustictangle.core.log.ToolProperty.TEETH;
import static rustictangle.core.log.ToolProperty.TIPS;
import static rustictangle.core.log.ToolProperty.WIDTH;

import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rustictangle.core.Sure;
import rustictangle.core.Table;

/**
 * Kinds of tool, never a brand, with what each is for. Common practice, no published source. What else is known of a kind
 * stands in its row of {@code tools.txt}, a table that a groomer can proof-read.
 */
public enum ToolKind implements Subject {
    FINGERS("fingers", "finding and parting what has tangled", "nothing: always first"),
    /** Or bristle, whichever there is. */
    CLOTH("soft cloth", "wiping over a smooth coat where no rubber circles", "anything that tangles"),
    MIST("conditioning mist", "dry or dirty hair, a light mist before the brush", "soaking the coat"),
    PIN_BRUSH(
            "pin brush",
            "long or layered coats, every day",
            "smooth coats and real mats",
            LENGTH,
            PAD,
            TIPS,
            HEAD,
            WIDTH),
    WOODEN_PIN_BRUSH(
            "wooden-pin brush",
            "puppies, the elderly, thin skin, dogs who learned to hate brushing",
            "dense coats in one pass",
            LENGTH,
            PAD,
            HEAD,
            WIDTH),
    THICK_PIN_BRUSH(
            "wide-spaced thick-pin brush",
            "opening a small mat without scratching",
            "the whole dog every day",
            LENGTH,
            PAD,
            TIPS,
            HEAD,
            WIDTH),
    FLEXIBLE_PIN_BRUSH(
            "soft flexible-pin brush",
            "introducing brushing: it feels like stroking",
            "tangles: it slides over them",
            LENGTH,
            PAD,
            TIPS,
            HEAD,
            WIDTH),
    SLICKER(
            "slicker",
            "finding tangles by catching; curls, wool, medium and long hair",
            "bare skin, or standing on one spot",
            LENGTH,
            TIPS,
            FLEXIBLE,
            HEAD,
            WIDTH),
    COMB(
            "comb",
            "the proof, with its wide and its fine end: it shows whether the skin was reached",
            "a first pass through a clumped coat",
            SPACING,
            TEETH),
    ROTATING_COMB("comb with rotating teeth", "shedding coats: snags pull less", "proving fine hair", SPACING, TEETH),
    CURVED_COMB("curved comb", "behind ears, elbows and hocks: no corner to poke", "large places", SPACING, TEETH),
    FACE_COMB("fine face comb", "face and ear edges", "dense hair on the body"),
    UNDERCOAT_RAKE("undercoat rake", "lifting loose undercoat, light hand", "single and drop coats", TIPS, WIDTH),
    RUBBER_CURRY("rubber curry or glove", "smooth coats; loosening a double coat first", "long or curly hair"),
    BRISTLE_BRUSH("bristle brush", "very short coats and jackets, finishing the top", "anything below the surface"),
    DETANGLING_GEL(
            "detangling gel",
            "a stubborn mat, only when a bath follows",
            "routine use: it gathers dirt and mats again"),
    CORNSTARCH("plain cornstarch", "dusting a mat before it is teased: less pull", "anything else"),
    DRYER(
            "forced-air dryer, cool",
            "drying to the skin, blowing out loose undercoat",
            "hot air; a dog not introduced to it"),
    DESHEDDING_BLADE("de-shedding blade", "a professional's hand", "home: it cuts guard hair and scratches"),
    DEMATTING_BLADE("dematting blade or mat breaker", "a professional's hand", "home: it cuts and burns skin");

    private final Words words;
    private final String notFor;
    private final Set<ToolProperty> properties;

    /** @param good what for, in one line */
    ToolKind(String label, String good, String notFor, ToolProperty... properties) {
        words = new Words(label, good);
        this.notFor = notFor;
        EnumSet<ToolProperty> set = EnumSet.noneOf(ToolProperty.class);
        set.addAll(Arrays.asList(properties));
        this.properties = Collections.unmodifiableSet(set);
    }

    @Override
    public Words words() {
        return words;
    }

    /** What it is not for, in one line. */
    public String notFor() {
        return notFor;
    }

    /** What about it matters to the match. */
    public Set<ToolProperty> properties() {
        return properties;
    }

    /** What may be found wrong with it. */
    public Set<ToolFault> faults() {
        Set<ToolFault> faults = EnumSet.of(ToolFault.SCRATCHES);
        if (properties.contains(TIPS) || properties.contains(LENGTH)) {
            faults.add(ToolFault.TIPS_MISSING);
            faults.add(ToolFault.BENT);
        }
        if (properties.contains(SPACING)) {
            faults.add(ToolFault.ROUGH_TEETH);
        }
        return faults;
    }

    /** Whether it works with pins or wires, whose length then matters. */
    public boolean hasPins() {
        return properties.contains(LENGTH);
    }

    /** Whether it can be one of two faces of a brush. Common practice, no published source. */
    public boolean canBeAFace() {
        return hasPins() || this == BRISTLE_BRUSH;
    }

    /** What a hand does with it. */
    public enum Work {
        /** The hand itself, or a cloth: nothing to own or to get used to. */
        HAND,
        BRUSH,
        COMB,
        MIST,
        DRYER,
        /** Goes onto a mat before it is teased. */
        ON_A_MAT,
        /** Left to a professional: explained, never matched. */
        BLADE
    }

    /** Where it may go at all: everywhere, or as a column of the table of places says. */
    public enum Reach {
        ANYWHERE,
        AS_SLICKER,
        AS_RAKE,
        AS_RUBBER
    }

    /** How it is kept fit for use. */
    public enum Cleaning {
        NONE,
        BRUSH,
        COMB,
        PLAIN
    }

    /** How soft a brush is by its kind, whatever it measures. */
    private enum Softness {
        NO,
        SOFT,
        SOFTEST
    }

    private record Traits(
            Work work,
            Softness softness,
            boolean stiff,
            boolean proves,
            Reach reach,
            boolean forAChild,
            boolean forTiredHands,
            Cleaning cleaning) {}

    /** Read when the kinds are all there. */
    private static final class TraitsTable {
        private static final Map<ToolKind, Traits> ROWS = Table.byConstant(
                ToolKind.class,
                ToolKind.class,
                "tools.txt",
                9,
                row -> new Traits(
                        Table.constant(Work.class, row.get(1)),
                        Table.constant(Softness.class, row.get(2)),
                        Table.yes(row.get(3)),
                        Table.yes(row.get(4)),
                        Table.constant(Reach.class, row.get(5)),
                        Table.yes(row.get(6)),
                        Table.yes(row.get(7)),
                        Table.constant(Cleaning.class, row.get(8))));
    }

    private Traits traits() {
        return Sure.at(TraitsTable.ROWS, this);
    }

    public Work work() {
        return traits().work;
    }

    /** One of them within a sentence: "an undercoat rake", but "conditioning mist". */
    public String one() {
        return switch (this) {
            case FINGERS, MIST, DETANGLING_GEL, CORNSTARCH -> label();
            default -> ("aeiou".indexOf(label().charAt(0)) < 0 ? "a " : "an ") + label();
        };
    }

    /** Whether it can lie in a drawer. */
    public boolean canBeOwned() {
        return work() != Work.HAND;
    }

    /** Left to a professional: explained, never matched. */
    public boolean isBlade() {
        return work() == Work.BLADE;
    }

    /** Whether its points are felt on the palm before they come to a dog: whatever works through the hair. */
    public boolean hasPalmTest() {
        return touchesHair();
    }

    /** Whether it works through the hair, as a brush or a comb. */
    @Override
    public boolean touchesHair() {
        return work() == Work.BRUSH || work() == Work.COMB;
    }

    /** Whether it shows that the skin was reached. */
    public boolean proves() {
        return traits().proves;
    }

    /** Whether it is soft by its kind: for a puppy, thin skin, a dog that learned to hate brushing. */
    public boolean isSoft() {
        return traits().softness != Softness.NO;
    }

    /** The soft kinds, the softest first. */
    public static List<ToolKind> soft() {
        return Arrays.stream(values())
                .filter(ToolKind::isSoft)
                .sorted(Comparator.comparing((ToolKind kind) -> kind.traits().softness)
                        .reversed())
                .toList();
    }

    /** Whether its wires or pins do not give way. */
    public boolean isStiff() {
        return traits().stiff;
    }

    public Reach reach() {
        return traits().reach;
    }

    /** Whether a child may hold it, an adult beside. */
    public boolean forAChild() {
        return traits().forAChild;
    }

    /** Whether it suits tired or elderly hands. */
    public boolean forTiredHands() {
        return traits().forTiredHands;
    }

    public Cleaning cleaning() {
        return traits().cleaning;
    }

    @Override
    public boolean isLearned() {
        return switch (work()) {
            case BRUSH, COMB, MIST, DRYER -> true;
            case HAND, ON_A_MAT, BLADE -> false;
        };
    }

    @Override
    public String ladder() {
        return work().name();
    }

    @Override
    public boolean placeByPlace() {
        return true;
    }

    @Override
    public boolean isCare() {
        return false;
    }
}
