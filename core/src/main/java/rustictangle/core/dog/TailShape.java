package rustictangle.core.dog;

import rustictangle.core.Choice;

/** How a dog's tail is made and carried. Common practice, no published source. */
public enum TailShape implements Choice {
    SABRE("sabre", "hangs in a gentle curve"),
    CURLED("curled over the back"),
    UPRIGHT("upright", "short and straight, like a carrot"),
    OTTER("otter", "thick at the root, straight"),
    WHIP("whip", "thin and smooth"),
    BOB("bob or docked");

    private final Words words;

    TailShape(String label) {
        this(label, "");
    }

    TailShape(String label, String hint) {
        words = new Words(label, hint);
    }

    @Override
    public Words words() {
        return words;
    }
}
