package rustictangle.core.kit;

import rustictangle.core.Choice;

/** The hand's own lesson, five minutes, once for each kind of tool. Common practice in parts, no published source. */
public enum LessonStep implements Choice {
    GRIP(
            "Hold it so that it almost drops",
            "Two fingers and the thumb. A brush held tight digs in, whatever you intend."),
    FLAT("Lay it flat", "All pins touch at once. No flick of the wrist: a tilted edge scratches."),
    STROKE(
            "Down, draw, lift",
            "Touch down lightly at the skin, draw out with the arm, lift off at the ends of the hair. Left as it should be, "
                    + "right as it scrapes."),
    FOREARM("On your own forearm", "Ten strokes on the inner side. What is too hard for you is too hard for a dog."),
    TOWEL("On a towel", "Twenty strokes, until no loop is caught and you hear nothing but a soft brushing."),
    SCALE(
            "On a kitchen scale",
            "Press down as you brush: about 50 g is a light hand. Try 200 g once, and remember how much that is.");

    private final Words words;

    LessonStep(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
