package rustictangle.core.log;

import rustictangle.core.Choice;

/** When a comb last went to the skin everywhere, as far as the owner remembers: what no record tells. */
public enum LastCombed implements Choice {
    THIS_WEEK("this week", "or a groomer did it"),
    SOME_WEEKS("some weeks ago", "one to five"),
    LONGER("longer ago", "up to a few months"),
    NEVER("never, or I do not know", "it is looked at as if it were long ago");

    private final Words words;

    LastCombed(String label, String hint) {
        words = new Words(label, Character.toUpperCase(label.charAt(0)) + label.substring(1), hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
