package rustictangle.core.dog;

import rustictangle.core.Choice;

/** What earlier grooming has taught the dog to expect. */
public enum History implements Choice {
    GENTLE("gentle so far", ""),
    /** What it accepts is what was practised; nothing else is taken for granted. */
    RAISED_HERE("learned with us since it was a puppy", "it starts from what was practised here"),
    ROUGH_GROOM("frightened by an earlier groom", ""),
    UNKNOWN_RESCUE("nobody knows", "a rescue, perhaps");

    /**
     * What is taken for granted once it is no puppy any more: only what was practised.
     *
     * @param said by the owner
     */
    public static History grown(LifeStage before, LifeStage now, History said) {
        return before == LifeStage.PUPPY && now != LifeStage.PUPPY && said == GENTLE ? RAISED_HERE : said;
    }

    private final Words words;

    History(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
