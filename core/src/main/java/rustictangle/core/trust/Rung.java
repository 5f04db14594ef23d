package rustictangle.core.trust;

/** The steps by which a dog learns to accept a tool. Common practice, no published source. */
public enum Rung {
    ON_THE_FLOOR("the tool lies on the floor",
            "Lay the tool still on the floor, treats round it, and let the dog explore in its own time."),
    LOOKS_AT_IT("looks at the tool", "Hold the tool still. The dog looks at it: mark, treat."),
    TOUCHES_IT("touches it with the nose", "Hold the tool low. The nose touches it: mark, treat."),
    NEAR_THE_BODY("tool near the body", "Bring the tool near this place without touching: treat, take it away."),
    BACK_OF_TOOL("back of the tool slides along", "Slide the smooth back of the tool along here once: treat."),
    EDGE_TOUCHES("edge of the bristles touches", "Touch here with the edge of the bristles: a treat each time."),
    ONE_STROKE("one light stroke", "One light stroke, one treat. Then a rest."),
    A_FEW_STROKES("two or three strokes", "Two or three light strokes, then a treat."),
    WHOLE_SECTION("a whole section", "Brush the whole section, with treats in between."),
    TO_THE_SKIN("to the skin, comb following", "Brush to the skin and let the comb follow, treats in between.");

    private final String label;
    private final String howTo;

    Rung(String label, String howTo) {
        this.label = label;
        this.howTo = howTo;
    }

    public String label() {
        return label;
    }

    /** One practice trial at this rung, as an instruction. */
    public String howTo() {
        return howTo;
    }

    /** 1 for the lowest rung to 10. */
    public int number() {
        return ordinal() + 1;
    }

    /** From here on real brushing of the section is possible. */
    public boolean readyForBrushing() {
        return compareTo(WHOLE_SECTION) >= 0;
    }

    static Rung numbered(int number) {
        return values()[Math.max(1, Math.min(values().length, number)) - 1];
    }

    Rung up() {
        return numbered(number() + 1);
    }

    Rung down() {
        return numbered(number() - 1);
    }
}
