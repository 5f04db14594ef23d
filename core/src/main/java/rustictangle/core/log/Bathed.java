package rustictangle.core.log;

import java.util.Optional;

/** The water is off: it is wet, and is dried now. */
@Lasts(Lasts.For.A_YEAR)
public record Bathed(BathKind kind) implements Said {

    public Bathed {
        Limits.refuseMissing("kind", kind);
    }

    /** How much was bathed, in whichever way that was said; empty: nothing was. */
    public static Optional<BathKind> of(Entry entry) {
        return entry.as(Bathed.class)
                .map(Bathed::kind)
                .or(() -> entry.as(Practised.class).flatMap(Practised::wetted))
                .or(() -> entry.as(Happened.class)
                        .filter(happened -> happened.event() == LifeEvent.BATHED)
                        .map(happened -> BathKind.WHOLE_DOG));
    }

    @Override
    public String inWords() {
        return "water: " + kind.label();
    }
}
