package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import rustictangle.core.Reason;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionEvent;

/**
 * What brushing brought out over the last weeks. That pinches after heaps mean the end of the season is common practice, no
 * published source; how many of them is an own estimate.
 *
 * @param days oldest first, each with the most that came at once
 */
public record HairTrail(List<HairDay> days) {

    /** A season lasts two to four weeks; what is older belongs to another. */
    private static final int WEEKS = 8;
    /** So many days in a row with only a pinch are no chance. */
    private static final int PINCHES = 3;

    public record HairDay(LocalDate day, HairOut most) {}

    private static final Log.Reading<HairDay> HAIR = log -> log.stream()
            .flatMap(entry -> entry.as(SessionEvent.class).stream()
                    .flatMap(event -> event.hairOut().stream())
                    .map(hair -> new HairDay(entry.day(), hair)))
            .toList();

    public HairTrail {
        days = List.copyOf(days);
    }

    public static HairTrail of(Log log, LocalDate today) {
        LocalDate since = today.minusWeeks(WEEKS);
        TreeMap<LocalDate, HairOut> most = new TreeMap<>();
        log.read(HAIR).stream()
                .filter(hair -> !hair.day.isBefore(since) && !hair.day.isAfter(today))
                .forEach(hair ->
                        most.merge(hair.day, hair.most, (one, other) -> one.compareTo(other) > 0 ? one : other));
        return new HairTrail(most.entrySet().stream()
                .map(day -> new HairDay(day.getKey(), day.getValue()))
                .sorted(Comparator.comparing(HairDay::day))
                .toList());
    }

    /** What it means for the next time; empty where too little is known. */
    public Optional<Reason> meaning() {
        if (days.isEmpty()) {
            return Optional.empty();
        }
        HairOut last = days.get(days.size() - 1).most;
        List<HairDay> lately = days.subList(Math.max(0, days.size() - PINCHES), days.size());
        List<HairDay> before = days.subList(0, days.size() - lately.size());
        boolean onlyPinches = lately.size() == PINCHES && lately.stream().allMatch(day -> day.most == HairOut.PINCH);
        if (onlyPinches && before.stream().anyMatch(day -> day.most == HairOut.HEAP)) {
            return Optional.of(new Reason(
                    "rhythm.hair-ends",
                    "Only a pinch, three days in a row, after the heaps: the season is ending. When the coat holds again, say on "
                            + "its coat page that it sheds no more, and the rake rests."));
        }
        if (onlyPinches) {
            return Optional.of(new Reason("rhythm.hair-none", "Only a pinch each time: nothing is loose just now."));
        }
        return switch (last) {
            case HEAP ->
                Optional.of(new Reason(
                        "rhythm.hair-heap",
                        "A heap: the undercoat is letting go. Again in two or three days, gently; never the last hair in "
                                + "one day."));
            case HANDFUL ->
                Optional.of(
                        new Reason("rhythm.hair-handful", "A handful: some is still loose, the next time brings it."));
            case PINCH -> Optional.empty();
        };
    }
}
