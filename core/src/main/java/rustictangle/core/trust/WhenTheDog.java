package rustictangle.core.trust;

import rustictangle.core.Choice;

/** What to do when a position comes undone. Common practice, no published source. */
public enum WhenTheDog implements Choice {
    PULLS_A_LEG(
            "pulls a leg away",
            "Go with it, do not hold. Let it come back, or lift the other one; shorter and lower next time."),
    DIPS_THE_HEAD("dips its head", "Two fingers under the chin, no grip. Wait; a treat where the head should be."),
    SITS_DOWN(
            "sits down",
            "Brush what can be reached, or lure it up by the nose. A hand under the belly only rests there."),
    LIES_DOWN("lies down on the table", "Let it. Do the upper side, and ask for a stand afterwards."),
    TURNS_TO_THE_BRUSH(
            "turns to the brush", "Stop the brush, let it look, and go on when it looks away. Mouthing is a no."),
    GETS_UP("gets up and leaves", "Let it go. Wait, ask once more; a second no ends it for today.");

    private final Words words;

    /**
     * @param label after "When the dog"
     * @param todo  what to do then
     */
    WhenTheDog(String label, String todo) {
        words = new Words(label, todo);
    }

    @Override
    public Words words() {
        return words;
    }
}
