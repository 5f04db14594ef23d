package rustictangle.core.log;

/**
 * What an owner finds when the comb catches: four quick looks.
 *
 * @param skin    how the skin looks where it catches
 * @param lump    what is in the hair
 * @param beneath whether the comb passes between lump and skin; {@link Beneath#FREE} where there is no lump
 * @param spread  how many, and whether they have joined
 */
public record Catch(SkinLook skin, Lump lump, Beneath beneath, Spread spread) {

    /** Each but the first calls for a vet. Common practice, no published source. */
    public enum SkinLook {
        SOUND("sound"),
        RED("red"),
        WET_OR_BROKEN("wet, broken or with pus"),
        HOT_OR_SMELLY("hot, smelly or flaking"),
        PARASITES("with fleas or ticks in number"),
        PAIN_OR_LUMP("painful without a mat, or with a lump in the skin itself");

        private final String label;

        SkinLook(String label) {
            this.label = label;
        }

        /** After "the skin is". */
        public String label() {
            return label;
        }
    }

    /** Size of what holds the comb, across. */
    public enum Lump {
        /** The comb slows, and nothing is felt: a tangle. */
        NONE,
        UP_TO_10_MM,
        UP_TO_20_MM,
        /** A groomer's job. Own estimate: 20 mm. */
        OVER_20_MM
    }

    /** Whether the comb passes between lump and skin. */
    public enum Beneath {
        FREE,
        TIGHT
    }

    /** How many there are. */
    public enum Spread {
        ONE,
        A_FEW,
        JOINED
    }

    public Catch {
        Missing.refuse("skin", skin);
        Missing.refuse("lump", lump);
        Missing.refuse("beneath", beneath);
        Missing.refuse("spread", spread);
    }
}
