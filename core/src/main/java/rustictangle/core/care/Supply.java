package rustictangle.core.care;

import rustictangle.core.Choice;

/** Things in the drawer that are no brushes. Kinds only. */
public enum Supply implements Choice {
    SHAMPOO("dog shampoo", "for dogs only: the skin's pH differs from ours"),
    CONDITIONER("dog conditioner", ""),
    TOWELS("towels", ""),
    NON_SLIP_MAT("mat that does not slip", ""),
    HOUSEHOLD_DRYER("household dryer with a cool setting", "the forced-air dryer stands among the tools"),
    COTTON_PADS("cotton pads", "no buds"),
    EAR_CLEANER("dog ear cleaner", ""),
    DOG_TOOTHPASTE("dog toothpaste", "it is swallowed; never ours"),
    FINGER_BRUSH("finger brush", ""),
    TOOTHBRUSH("toothbrush", "soft, small"),
    NAIL_CLIPPERS("nail clippers", "scissor or guillotine kind, sharp"),
    NAIL_GRINDER("nail grinder", ""),
    STYPTIC_POWDER("styptic powder", "it stings"),
    STYPTIC_GEL("styptic gel", "it does not sting");

    private final Words words;

    Supply(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
