package rustictangle.core.coat;

import java.util.Arrays;
import java.util.List;

/** What an owner can see, feel or try to find out which coat a place carries. */
public enum Observation {
    LAYERS(
            "Part the hair to the skin. What do you see?",
            "Stand in good light. Lay a parting with two thumbs and blow into it."),
    STRETCH(
            "Draw one hair straight, then let go. What does it do?",
            "Take a single hair near the middle of the place."),
    WHERE_LONG("Where on the dog is the hair long?", "Longer than your little finger is wide."),
    FEEL("How does it feel between finger and thumb?", "Rub a lock, not the surface."),
    COMES_OFF("What comes off in the hand?", "Stroke a few times against the lie with a damp hand."),
    GROWS("Left alone, does it grow on and on?", "Think of how it was when no one had cut it for a year."),
    RAIN("What does rain do?", "Or a cup of water poured over the back."),
    SKIN_SHOWS("How soon do you see skin?", "This tells how dense it is.");

    private final String question;
    private final String how;

    Observation(String question, String how) {
        this.question = question;
        this.how = how;
    }

    public String question() {
        return question;
    }

    /** How to look, in one line. */
    public String how() {
        return how;
    }

    /** The answers there are, in the order to show them. */
    public List<Answer> answers() {
        return Arrays.stream(Answer.values())
                .filter(answer -> answer.to() == this)
                .toList();
    }
}
