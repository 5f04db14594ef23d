package rustictangle.core.log;

import java.util.Optional;
import rustictangle.core.Choice;

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
    public enum SkinLook implements Choice {
        SOUND("sound", "Sound", "like the rest of it"),
        RED("red", "Red", ""),
        WET_OR_BROKEN("wet, broken or with pus", "Wet or broken", "or with pus"),
        HOT_OR_SMELLY("hot, smelly or flaking", "Hot or smelly", "or flaking"),
        PARASITES("with fleas or ticks in number", "Fleas or ticks", "in number"),
        PAIN_OR_LUMP(
                "painful without a mat, or with a lump in the skin itself",
                "It hurts, no mat",
                "or a lump in the skin itself");

        private final Words words;

        /** @param label after "the skin is" */
        SkinLook(String label, String title, String hint) {
            words = new Words(label, title, hint);
        }

        /** As a sentence. */
        public String said() {
            return switch (this) {
                case SOUND, RED, WET_OR_BROKEN, HOT_OR_SMELLY -> "The skin is " + label() + ".";
                case PARASITES -> "There are fleas, or ticks in number.";
                case PAIN_OR_LUMP -> "It hurts without a mat, or there is a lump in the skin itself.";
            };
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /** Size of what holds the comb, across. */
    public enum Lump implements Choice {
        /** The comb slows, and nothing is felt: a tangle. */
        NONE("it only slows", "no lump to feel"),
        UP_TO_10_MM("a small lump", "up to {10 mm}"),
        UP_TO_20_MM("a lump", "{10 mm} to {20 mm}"),
        /** A groomer's job. Own estimate: 20 mm. */
        OVER_20_MM("a big one", "over {20 mm}");

        private final Words words;

        Lump(String label, String hint) {
            words = new Words(label, hint);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /** Whether the comb passes between lump and skin. */
    public enum Beneath implements Choice {
        FREE("yes, it passes"),
        TIGHT("no, it sits tight");

        private final Words words;

        Beneath(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /** How many there are. */
    public enum Spread implements Choice {
        ONE("one"),
        A_FEW("a few"),
        JOINED("joined into a sheet");

        private final Words words;

        Spread(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    public Catch {
        Limits.refuseMissing("skin", skin);
        Limits.refuseMissing("lump", lump);
        Limits.refuseMissing("beneath", beneath);
        Limits.refuseMissing("spread", spread);
    }

    public boolean hasLump() {
        return lump != Lump.NONE;
    }

    /** Who must look first, by what was seen alone, whatever was tried before; empty: nobody. */
    public Optional<SeenBy.Who> whoMustSee() {
        if (skin != SkinLook.SOUND) {
            return Optional.of(SeenBy.Who.VET);
        }
        boolean grave = lump == Lump.OVER_20_MM || beneath == Beneath.TIGHT || spread == Spread.JOINED;
        return hasLump() && grave ? Optional.of(SeenBy.Who.GROOMER) : Optional.empty();
    }
}
