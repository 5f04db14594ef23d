package rustictangle.core.kit;

import static rustictangle.core.kit.ToolProperty.FLEXIBLE;
import static rustictangle.core.kit.ToolProperty.HEAD;
import static rustictangle.core.kit.ToolProperty.LENGTH;
import static rustictangle.core.kit.ToolProperty.PAD;
import static rustictangle.core.kit.ToolProperty.SPACING;
import static rustictangle.core.kit.ToolProperty.TIPS;
import static rustictangle.core.kit.ToolProperty.WIDTH;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import rustictangle.core.log.ToolFault;

/** Kinds of tool, never a brand, with what each is for. Common practice, no published source. */
public enum ToolKind {
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
            SPACING),
    ROTATING_COMB("comb with rotating teeth", "shedding coats: snags pull less", "proving fine hair", SPACING),
    CURVED_COMB("curved comb", "behind ears, elbows and hocks: no corner to poke", "large places", SPACING),
    FACE_COMB("fine face comb", "face and ear edges", "dense hair on the body"),
    UNDERCOAT_RAKE("undercoat rake", "lifting loose undercoat, light hand", "single and drop coats", TIPS, WIDTH),
    RUBBER_CURRY("rubber curry or glove", "smooth coats; loosening a double coat first", "long or curly hair"),
    BRISTLE_BRUSH("bristle brush", "very short coats and jackets, finishing the top", "anything below the surface"),
    DETANGLING_GEL(
            "detangling gel",
            "a stubborn mat, only when a bath follows",
            "routine use: it gathers dirt and mats again"),
    CORNSTARCH("plain cornstarch", "dusted on a mat before teasing: less pull", "anything else"),
    DRYER(
            "forced-air dryer, cool",
            "drying to the skin, blowing out loose undercoat",
            "hot air; a dog not introduced to it"),
    DESHEDDING_BLADE("de-shedding blade", "a professional's hand", "home: it cuts guard hair and scratches"),
    DEMATTING_BLADE("dematting blade or mat breaker", "a professional's hand", "home: it cuts and burns skin");

    private final String label;
    private final String good;
    private final String notFor;
    private final Set<ToolProperty> properties;

    ToolKind(String label, String good, String notFor, ToolProperty... properties) {
        this.label = label;
        this.good = good;
        this.notFor = notFor;
        EnumSet<ToolProperty> set = EnumSet.noneOf(ToolProperty.class);
        set.addAll(Arrays.asList(properties));
        this.properties = Collections.unmodifiableSet(set);
    }

    public String label() {
        return label;
    }

    /** What it is good for, in one line. */
    public String goodFor() {
        return good;
    }

    /** What it is not for, in one line. */
    public String notFor() {
        return notFor;
    }

    /** What about it matters to the match. */
    public Set<ToolProperty> properties() {
        return properties;
    }

    /** How its pins or wires may end; none: it has none. Drops of plastic are on a slicker's wires only. */
    public Set<Tips> tips() {
        Set<Tips> tips = EnumSet.noneOf(Tips.class);
        if (properties.contains(TIPS)) {
            tips.addAll(EnumSet.allOf(Tips.class));
        }
        if (this != SLICKER) {
            tips.remove(Tips.COATED);
        }
        return tips;
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

    /** Whether it can lie in a drawer. */
    public boolean canBeOwned() {
        return this != FINGERS && this != CLOTH;
    }

    /** Left to a professional: explained, never matched. */
    public boolean isBlade() {
        return this == DESHEDDING_BLADE || this == DEMATTING_BLADE;
    }

    /** Whether it shows that the skin was reached. */
    public boolean proves() {
        return this == COMB || this == ROTATING_COMB || this == CURVED_COMB;
    }
}
