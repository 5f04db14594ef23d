package rustictangle.core.coat;

import rustictangle.core.Choice;

/** One possible answer to an {@link Observation}. How often which coat gives it stands with {@link Strain}. */
public enum Answer implements Choice {
    ONE_LAYER(Observation.LAYERS, "One layer", "one layer of hair"),
    TWO_LAYERS(Observation.LAYERS, "Coarse hair over soft fluff", "two layers"),
    BARE_SKIN(Observation.LAYERS, "Bare skin, no parting to lay", "bare skin"),
    ROPES(Observation.LAYERS, "Felted ropes", "felted ropes"),

    SPRINGS_BACK(Observation.STRETCH, "Springs back into a curl", "it springs back"),
    LOOSE_WAVE(Observation.STRETCH, "Falls into a loose wave", "it falls into a wave"),
    STAYS_STRAIGHT(Observation.STRETCH, "Stays straight", "it stays straight"),
    TOO_SHORT(Observation.STRETCH, "Too short to stretch", "it is too short to stretch"),

    NOWHERE(Observation.WHERE_LONG, "Nowhere", "it is long nowhere"),
    ALL_OVER(Observation.WHERE_LONG, "All over, or it would be", "it is long all over"),
    FRINGES(Observation.WHERE_LONG, "Ears, backs of the legs, chest, tail", "it hangs in fringes"),
    BEARD_AND_LEGS(Observation.WHERE_LONG, "Beard, brows and legs", "beard and legs are longer"),
    RUFF_AND_TROUSERS(Observation.WHERE_LONG, "Ruff, trousers and tail", "ruff and trousers are longer"),

    SLEEK(Observation.FEEL, "Sleek, like a glove", "it feels sleek"),
    HARSH(Observation.FEEL, "Harsh, like a doormat", "it feels harsh"),
    SILKY(Observation.FEEL, "Silky, like your own hair", "it feels silky"),
    COTTONY(Observation.FEEL, "Cottony, like cotton wool", "it feels cottony"),
    WOOLLY(Observation.FEEL, "Woolly, like a jumper", "it feels woolly"),

    SHORT_STIFF(Observation.COMES_OFF, "Short, stiff hairs", "short stiff hairs come off"),
    FLUFF(Observation.COMES_OFF, "Soft fluff, in tufts", "fluff comes off"),
    FEW_LONG(Observation.COMES_OFF, "A few long hairs", "a few long hairs come off"),
    ALMOST_NOTHING(Observation.COMES_OFF, "Almost nothing", "almost nothing comes off"),

    UNTIL_CUT(Observation.GROWS, "Yes, until it is cut", "it grows until it is cut"),
    STOPS(Observation.GROWS, "No, it stops by itself", "it stops growing by itself"),

    RUNS_OFF(Observation.RAIN, "Runs off", "rain runs off"),
    SOAKS_SLOWLY(Observation.RAIN, "Soaks in slowly", "rain soaks in slowly"),
    WET_AT_ONCE(Observation.RAIN, "Wet to the skin at once", "rain wets it at once"),

    /** How soon skin shows tells the density, and nothing of the kind. */
    AT_ONCE(Observation.SKIN_SHOWS, "Blowing on it is enough", "skin shows when you blow"),
    WHEN_PARTED(Observation.SKIN_SHOWS, "When I part it", "skin shows in a parting"),
    HARDLY(Observation.SKIN_SHOWS, "Hardly, even parted", "skin hardly shows");

    private final Observation to;
    private final Words words;

    /** @param seen the same within a sentence */
    Answer(Observation to, String title, String seen) {
        this.to = to;
        words = new Words(seen, title, "");
    }

    public Observation to() {
        return to;
    }

    @Override
    public Words words() {
        return words;
    }
}
