package rustictangle.core.care;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.log.CareJob;

/** How a claw is cut, and what to do when one bleeds. Common practice, no published source, but for the ten minutes. */
public final class NailWords {

    /** Bleeding longer than this is for the vet: from memory. */
    public static final int BLEEDS_AT_MOST_SECONDS = 600;

    private NailWords() {}

    /** @param dark whether the quick cannot be seen */
    public static List<Reason> how(boolean dark) {
        return List.of(
                dark
                        ? new Reason(
                                "care.claw-dark",
                                "Dark claw: slivers only. Stop at the colour change, or at a dark dot in the middle of the cut face.")
                        : new Reason(
                                "care.claw-light",
                                "Light claw: the pink inside is the quick. Keep off it, with a little to spare."),
                new Reason(
                        "care.claw-hook",
                        "Only the hook that stands over, along the slant of the pad. A long quick draws back when a sliver goes "
                                + "weekly."));
    }

    /** How the dog is held for it, as drawn: a fore paw, a hind paw, a small one. */
    public static List<Reason> holds() {
        return List.of(
                new Reason(
                        "care.hold-fore",
                        "A fore paw: bent back at the wrist, low, under the body and not out to the side. Your thumb on the toe, a "
                                + "finger under its pad: a light press brings the claw out."),
                new Reason(
                        "care.hold-hind",
                        "A hind paw: backward and low, the hock in your hand. The other hind leg has to carry it: a short turn."),
                new Reason(
                        "care.hold-small",
                        "A pup or a small one: on your lap or on a table that does not slip, its back against you, an arm round "
                                + "its chest. Held so lightly that it could go."));
    }

    /** Before it is needed, and when it is. */
    public static List<Reason> tooShort(Collection<Supply> supplies) {
        List<Reason> all = new ArrayList<>();
        all.add(new Reason(
                "care.claw-press", "Press a pad on the tip, firmly, for two minutes, without looking. Keep it calm."));
        all.add(
                supplies.contains(Supply.STYPTIC_GEL)
                        ? new Reason("care.styptic-gel", "Then the styptic gel: it does not sting.")
                        : supplies.contains(Supply.STYPTIC_POWDER)
                                ? new Reason(
                                        "care.styptic-powder",
                                        "Then the styptic powder, pressed on: it stings for a moment.")
                                : new Reason(
                                        "care.styptic-none",
                                        "No styptic lies in the drawer: plain cornstarch, pressed on, helps a little."));
        all.add(CareCaution.vet(CareJob.NAILS));
        return all;
    }
}
