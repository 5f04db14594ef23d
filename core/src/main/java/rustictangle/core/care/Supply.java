package rustictangle.core.care;

import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.dog.Dog;

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

    /** A small dog, and a large one, kg. Own estimates. */
    private static final double SMALL_KG = 7;

    private static final double LARGE_KG = 22;

    /** Which size suits this dog; empty: it has none. Common practice, no published source; the masses are own estimates. */
    public Optional<String> size(Dog dog) {
        double kilograms = dog.mass().kilograms();
        boolean small = kilograms <= SMALL_KG;
        boolean large = kilograms >= LARGE_KG;
        return switch (this) {
            case TOOTHBRUSH ->
                Optional.of(
                        small
                                ? "a head no longer than a finger nail"
                                : large ? "a full-sized soft head, with a long neck" : "a child’s size");
            case FINGER_BRUSH ->
                small ? Optional.of("often too broad in so small a jowl: then a small toothbrush") : Optional.empty();
            case NAIL_CLIPPERS ->
                Optional.of(
                        small
                                ? "the small scissor kind"
                                : large ? "a large one, with long handles" : "a middle-sized one");
            case SHAMPOO, CONDITIONER, TOWELS, NON_SLIP_MAT, HOUSEHOLD_DRYER, COTTON_PADS, EAR_CLEANER ->
                Optional.empty();
            case DOG_TOOTHPASTE, NAIL_GRINDER, STYPTIC_POWDER, STYPTIC_GEL -> Optional.empty();
        };
    }

    @Override
    public Words words() {
        return words;
    }
}
