package rustictangle.core.care;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.log.CareJob;

/** What stands where the hand could err, and where a job ends at the vet. Common practice, no published source. */
public final class CareCaution {

    private static final Map<String, Reason> ALL = Stream.of(
                    new Reason(
                            "care.look-vet",
                            "A new or growing lump, a sore, hot or smelly spot, many ticks, a limp, a weight that changed by a tenth: "
                                    + "your vet."),
                    new Reason(
                            "care.tick",
                            "A single tick: with tick tweezers, close to the skin, straight out. No oil, no glue, no flame."),
                    new Reason(
                            "care.human-toothpaste",
                            "Never our toothpaste: it foams, and some of it holds xylitol, which is poison to a dog."),
                    new Reason(
                            "care.teeth-vet",
                            "Bleeding, a brown crust or a bad smell: brush around it gently or not at all, and ask your vet."),
                    new Reason(
                            "care.eyes-vet",
                            "A squint, a coloured discharge, redness or a swelling: no wiping, your vet today."),
                    new Reason("care.eyes-scissors", "Trim nothing here: one turn of the head is enough."),
                    new Reason(
                            "care.tears",
                            "Stains from tears: wipe them, and dry. New ones, or more of them: ask your vet."),
                    new Reason(
                            "care.ears-vet", "Red, smelly, sore, or it shakes and scratches: no cleaning, your vet."),
                    new Reason("care.ears-canal", "Only what you can see: nothing into the canal, no cotton buds."),
                    new Reason(
                            "care.ears-pluck",
                            "Red, warm, waxy, smelling or sore: not one hair, by nobody; your vet. Else only what a finger reaches, "
                                    + "and it ends when the dog minds."),
                    new Reason(
                            "care.feet-scissors",
                            "Scissors between the toes only if somebody has taught you, blunt tips, the skin held apart; else the "
                                    + "groomer."),
                    new Reason(
                            "care.feet-vet",
                            "A seed that has gone in, a cut that gapes, a swelling, a limp: your vet."),
                    new Reason(
                            "care.bath-chills",
                            "It chills quickly: cool air only for minutes at a time, with a dry towel and your warm hand between."),
                    new Reason("care.bath-slip", "Never a step away while it is in there, and never tied."),
                    new Reason(
                            "care.head-last",
                            "The head comes last: a wet head shakes, and a wet dog with soap on wants out."),
                    new Reason(
                            "care.bath-rub", "Press, do not rub in circles: rubbing felts long hair while it is wet."),
                    new Reason("care.bath-residue", "What stays in itches, and gathers dirt and mats."),
                    new Reason("care.head-water", "No water into ears, eyes or nose; wipe the ears dry afterwards."),
                    new Reason("care.towel-rub", "Never rub long hair with a towel: that is how felt is made."))
            .collect(Collectors.toUnmodifiableMap(Reason::rule, Function.identity()));

    /** What is left to others, however handy the owner. */
    private static final List<Reason> NOT_AT_HOME = List.of(
            new Reason(
                    "care.not-glands",
                    "Anal glands: not pressed out at home. If it slides on its rear, licks there or smells: your vet."),
            new Reason(
                    "care.not-plucking",
                    "Hair deep in the ear canal is not plucked at home, and by nobody while an ear is sore. Your vet, then your "
                            + "groomer."));

    private CareCaution() {}

    /** What no job at the table is for the owner's hands. */
    public static List<Reason> notAtHome() {
        return NOT_AT_HOME;
    }

    /** @throws IllegalArgumentException when there is none of that id */
    static Reason of(String rule) {
        if (!ALL.containsKey(rule)) {
            throw new IllegalArgumentException("no caution " + rule);
        }
        return ALL.get(rule);
    }

    static List<Reason> all() {
        return List.copyOf(ALL.values());
    }

    /** What ends the job at the vet. */
    public static Reason vet(CareJob job) {
        return switch (job) {
            case LOOK_OVER -> of("care.look-vet");
            case TEETH -> of("care.teeth-vet");
            case EYES -> of("care.eyes-vet");
            case EARS -> of("care.ears-vet");
            case FEET -> of("care.feet-vet");
            case NAILS ->
                new Reason(
                        "care.nails-vet",
                        "A torn, split or swollen claw, or one that bleeds for more than ten minutes: your vet.");
            case BATH ->
                new Reason(
                        "care.bath-vet",
                        "Skin that is red, broken, flaking or smells, or one in a vet's care: ask them before any shampoo.");
        };
    }
}
