package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.Log;
import rustictangle.core.log.SeenBy.Who;
import rustictangle.core.log.Warning;

/**
 * A place that somebody must see: it is not brushed until it is said that they did. What was found outlives the day.
 *
 * @param since      the day it was found
 * @param who        must look; an adult of the household only reopens it
 * @param found      where the comb caught; empty: it did not, or was not looked at closer
 * @param warning    of the dog; empty: none
 * @param everywhere whether all of the dog is closed for the same reason
 * @param words      what was seen there besides; may be empty
 */
public record Closed(
        Section section,
        LocalDate since,
        Who who,
        Optional<Catch> found,
        Optional<Warning> warning,
        boolean everywhere,
        String words) {

    /** Every place that is closed, the gravest reason of each first; what is older than a year says nothing any more. */
    public static List<Closed> of(Log log, LocalDate today) {
        Map<Section, List<Closing>> closed = Closing.places(log, today);
        return Closing.inOrder(Section.values(), closed)
                .flatMap(section -> Sure.at(closed, section).stream()
                        .map(why -> new Closed(
                                section,
                                why.since(),
                                why.who(),
                                why.found(),
                                why.warning(),
                                why.everywhere(),
                                why.words())))
                .toList();
    }

    /** Whether it is practised meanwhile, from a rung that was calm. */
    public boolean practised() {
        return who == Who.ADULT;
    }

    public Reason why() {
        String where = everywhere ? "at no place in particular" : "here";
        return switch (who) {
            case VET ->
                new Reason(
                        "rhythm.closed-vet",
                        "Closed since {" + since + " date}: "
                                + found.map(here -> "the skin is " + here.skin().label())
                                        .orElse(words)
                                + ". A vet looks first; nothing is brushed here until then.");
            case GROOMER ->
                new Reason(
                        "rhythm.closed-groomer",
                        "Closed since {" + since
                                + " date}: a mat for the groomer. It is left as it is, and kept dry, until they have seen it.");
            case TRAINER ->
                new Reason(
                        "rhythm.closed-trainer",
                        "Closed since {" + since + " date}: the dog "
                                + warning.orElseThrow().label() + " " + where
                                + ". A certified trainer or a vet first; look for pain. A muzzle only after its own ladder of treats.");
            case ADULT ->
                new Reason(
                        "rhythm.closed-growl",
                        "Closed since {" + since + " date}: the dog "
                                + warning.orElseThrow().label() + " " + where
                                + ". Practice only, with treats, until an adult opens it again; look for pain.");
        };
    }
}
