package rustictangle.core.dog;

import java.util.Objects;

/** What a drawing must show so that an owner says "that is mine". No rule asks for it. */
public record Looks(Build build, Ears ears, TailShape tail) {

    /** Of a dog of which nobody has said more. */
    public static final Looks PLAIN = new Looks(Build.SQUARE, Ears.HANGING, TailShape.SABRE);

    public Looks {
        Objects.requireNonNull(build, "build");
        Objects.requireNonNull(ears, "ears");
        Objects.requireNonNull(tail, "tail");
    }
}
