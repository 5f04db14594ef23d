package rustictangle.core.session;

import java.util.ArrayList;
import java.util.List;
import rustictangle.core.Choice;
import rustictangle.core.Reason;
import rustictangle.core.log.Catch;

/**
 * What to do now that the comb has caught: exactly one thing, with every reason for it.
 *
 * <p>The order of the questions is common practice, no published source; the limits are own estimates.
 *
 * @param todo    the one thing
 * @param reasons all that speak for it
 * @param steps   how, one after the other
 * @param never   what must not be done now
 * @param gel     whether detangling gel is one of the steps: then a bath is owed
 */
public record CatchAdvice(Todo todo, List<Reason> reasons, List<String> steps, List<Reason> never, boolean gel) {

    /** Without gel. */
    private CatchAdvice(Todo todo, List<Reason> reasons, List<String> steps, List<Reason> never) {
        this(todo, reasons, steps, never, false);
    }

    /** The ways out, the gravest first. */
    public enum Todo implements Choice {
        CALL_A_VET("Stop, and call a vet"),
        LEAVE_FOR_GROOMER("Leave it for the groomer"),
        LEAVE_AND_COME_BACK("Leave it, and come back"),
        SOAK_AND_TEASE("Soak it and tease it apart"),
        TEASE_DRY("Tease it apart"),
        FROM_THE_ENDS("Brush it from the ends");

        private final Words words;

        Todo(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /** Teasing one place longer than this hurts more than it helps, seconds. Own estimate: 5 min. */
    static final int MOST_SECONDS_HERE = 5 * 60;
    /** The same over the whole dog: 15 min. */
    static final int MOST_SECONDS_IN_ALL = 15 * 60;
    /** More of the dog matted than this is a groomer's job. Own estimate: a quarter of the sections. */
    static final double MOST_MATTED = 0.25;
    /** Opting out of one mat this often ends it. Own estimate. */
    static final int OPT_OUTS_TO_LEAVE = 2;
    /** After this many tries in a row something else comes first. Own estimate. */
    static final int TRIES_IN_A_ROW = 2;

    private static final List<Reason> NEVERS = List.of(
            new Reason("session.never-scissors", "No scissors near it: the skin is inside the mat."),
            new Reason("session.never-bath", "No bath over it: water tightens it."),
            new Reason("session.never-pull", "No pulling from the root with comb or brush."),
            new Reason("session.never-clip", "No clipping the coat short at home in frustration."));

    public CatchAdvice {
        reasons = List.copyOf(reasons);
        steps = List.copyOf(steps);
        never = List.copyOf(never);
    }

    /** @param means what the place, the school and the drawer allow */
    static CatchAdvice of(Catch found, CatchPast past, CatchMeans means) {
        List<Reason> vet = forVet(found);
        if (!vet.isEmpty()) {
            return new CatchAdvice(
                    Todo.CALL_A_VET,
                    vet,
                    List.of(
                            "Put comb and brush away.",
                            "Look without touching, and note where.",
                            "Call your vet; brush there again only when they say so."),
                    NEVERS);
        }
        List<Reason> groomer = new ArrayList<>(forGroomer(found, past));
        if (means.groomerOnly() && found.hasLump()) {
            groomer.add(
                    new Reason("session.catch-groomer-only", "Your choice for this dog: no mat is worked at home."));
        }
        if (!groomer.isEmpty()) {
            return new CatchAdvice(
                    Todo.LEAVE_FOR_GROOMER,
                    groomer,
                    List.of(
                            "Leave it as it is, and keep it dry.",
                            "Book a groomer soon, and say where it is and how big.",
                            "It will probably be clipped short and grow back: that is kinder than hours of pulling."),
                    NEVERS);
        }
        int tries = means.tender() ? TRIES_IN_A_ROW - 1 : TRIES_IN_A_ROW;
        if (past.optOutsHere() > 0 || past.triesHere() > 0 && past.triesHere() % (tries + 1) == tries) {
            List<Reason> why = new ArrayList<>(minded(past));
            why.add(comeBack(past, means.tender()));
            return new CatchAdvice(
                    Todo.LEAVE_AND_COME_BACK,
                    why,
                    List.of(
                            "Something easy and a treat.",
                            "Do another place first; the skin rests meanwhile.",
                            "Then look at this one again, with a fresh hand."),
                    NEVERS);
        }
        return found.hasLump() ? tease(found, past, means) : fromTheEnds(means);
    }

    static List<Reason> forVet(Catch found) {
        return found.skin() == Catch.SkinLook.SOUND
                ? List.of()
                : List.of(new Reason(
                        "session.catch-skin",
                        found.skin().said() + " That is for a vet to look at, not for a brush; "
                                + "Rustic Tangle does not diagnose."));
    }

    static List<Reason> forGroomer(Catch found, CatchPast past) {
        List<Reason> reasons = new ArrayList<>();
        boolean lump = found.hasLump();
        if (found.lump() == Catch.Lump.OVER_20_MM) {
            reasons.add(new Reason("session.catch-size", "Over {20 mm} it takes longer than a dog should bear."));
        }
        if (lump && found.beneath() == Catch.Beneath.TIGHT) {
            reasons.add(new Reason("session.catch-tight", "No comb passes beneath: it sits tight on the skin."));
        }
        if (lump && found.spread() == Catch.Spread.JOINED) {
            reasons.add(new Reason("session.catch-joined", "Several have joined into a sheet."));
        }
        if (past.sectionsMatted() > MOST_MATTED * past.sectionsInAll()) {
            reasons.add(new Reason(
                    "session.catch-quarter",
                    "More than a quarter of the dog is matted: " + past.sectionsMatted() + " of " + past.sectionsInAll()
                            + " places."));
        }
        // Time spent on an ordinary tangle never makes it a mat.
        if (lump && past.secondsHere() >= MOST_SECONDS_HERE) {
            reasons.add(new Reason("session.catch-minutes", "Five minutes of teasing on one place are enough."));
        }
        if (lump && past.secondsInAll() >= MOST_SECONDS_IN_ALL) {
            reasons.add(new Reason("session.catch-minutes", "A quarter of an hour of teasing in all is enough."));
        }
        if (past.optOutsHere() >= OPT_OUTS_TO_LEAVE) {
            reasons.add(new Reason("session.catch-opt-out", "The dog has opted out of it twice, and is right."));
        }
        return reasons;
    }

    private static List<Reason> minded(CatchPast past) {
        return past.minded()
                ? List.of(new Reason(
                        "session.catch-minded",
                        "It minded: ease off, hold the hair at its base so that the skin feels nothing, a few hairs at a "
                                + "time. Once more, and if it cries again it is the groomer’s."))
                : List.of();
    }

    private static Reason comeBack(CatchPast past, boolean tender) {
        return past.optOutsHere() > 0
                ? new Reason(
                        "session.catch-come-back", "The dog opted out once: let it think, and ask once more later.")
                : new Reason(
                        "session.catch-come-back",
                        tender
                                ? "This skin burns sooner: never on and on at one spot."
                                : "Never on and on at one spot: go elsewhere, and come back.");
    }

    private static CatchAdvice fromTheEnds(CatchMeans means) {
        List<String> steps = new ArrayList<>();
        steps.add(
                means.brush().isPresent()
                        ? "Back to the " + means.brush().get() + (means.comb() ? ", or the wide end of the comb." : ".")
                        : means.comb()
                                ? "Back to the wide end of the comb."
                                : "With your fingers, a few hairs at a time.");
        steps.add("Hold the hair at its base, so that the skin feels nothing.");
        steps.add("From the ends inward: several light strokes, then a little deeper.");
        prove(steps, means);
        return new CatchAdvice(
                Todo.FROM_THE_ENDS,
                List.of(new Reason(
                        "session.catch-ends",
                        "The comb slows and there "
                                + "is no lump: a tangle. Left alone it is a mat within a few days.")),
                steps,
                NEVERS);
    }

    private static void prove(List<String> steps, CatchMeans means) {
        steps.add(
                means.comb()
                        ? "When it runs free, comb from the root to prove it."
                        : "Feel along the skin: without a comb it is not proved.");
    }

    private static CatchAdvice tease(Catch found, CatchPast past, CatchMeans means) {
        String some = found.spread() == Catch.Spread.ONE ? "A small lump" : "A few small lumps";
        List<String> steps = new ArrayList<>();
        steps.add("Part it off from the hair around it.");
        steps.add(softened(past, means));
        steps.add("Hold between lump and skin.");
        steps.add("Tease from the outer edge, strand by strand, with "
                + (means.thickPins() ? "the thick-pin brush" : means.comb() ? "the wide teeth" : "your fingers") + ".");
        steps.add("Pull off the loosened balls" + (means.comb() ? "; then the fine teeth." : "."));
        if (means.slicker()) {
            steps.add("The slicker, lightly, for the lint: lint seeds the next mat.");
        }
        prove(steps, means);
        List<Reason> why = new ArrayList<>(minded(past));
        why.add(new Reason("session.catch-tease", some + ", and the comb passes beneath: it can be teased apart."));
        return new CatchAdvice(
                !gelHelps(past, means) && means.softener() == CatchMeans.Softener.MIST
                        ? Todo.SOAK_AND_TEASE
                        : Todo.TEASE_DRY,
                why,
                steps,
                NEVERS,
                gelHelps(past, means));
    }

    private static boolean gelHelps(CatchPast past, CatchMeans means) {
        return means.gel() && past.triesHere() > 0 && !means.face();
    }

    /** Nothing is sprayed near eyes and nose; gel only on what has withstood a try. */
    private static String softened(CatchPast past, CatchMeans means) {
        if (gelHelps(past, means)) {
            return "Stubborn: a little detangling gel, worked in. Then a bath is owed within two days, once it is out.";
        }
        return switch (means.softener()) {
            case MIST -> "Mist it until it is soaked.";
            case CORNSTARCH ->
                "Dust it with plain cornstarch, and rub it in" + (means.face() ? "; a hand over eyes and nose." : ".");
            case NOTHING ->
                means.face() ? "Dry: nothing is sprayed near eyes and nose." : "Dry, a few hairs at a time.";
        };
    }
}
