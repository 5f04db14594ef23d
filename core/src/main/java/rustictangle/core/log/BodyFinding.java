package rustictangle.core.log;

import rustictangle.core.Choice;

/** What eyes or fingers find at a place, in a look-over or at any other moment. Common practice, no published source. */
public enum BodyFinding implements Choice {
    TICK("a tick", "many of them: your vet", false),
    SCAB("a scab", "brush round it; open or growing: your vet", false),
    LUMP("a lump in the skin", "new or growing: your vet", false),
    SORE("hot, red, wet or broken skin", "hands off it, your vet", true),
    SMELL("a smell", "hands off it, your vet", true),
    LIMP("a limp", "your vet", false),
    CRIED("it cried at a touch", "look for pain; the place rests today; if it comes again, your vet", false),
    CRIED_AGAIN("it cried at a touch, and again", "hands off it, your vet", true),
    SOMETHING("something else", "say it in words, or show it", false),
    GONE("nothing there any more", "not to be seen or felt", false);

    private final Words words;
    private final boolean closes;

    BodyFinding(String label, String hint, boolean closes) {
        words = new Words(label, hint);
        this.closes = closes;
    }

    @Override
    public Words words() {
        return words;
    }

    /** Whether nothing is brushed there until a vet has looked. */
    public boolean closes() {
        return closes;
    }
}
