package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;

/** On which days a coat with a season sheds heavily: now by the owner's word, at other times by the seasons. */
final class Shedding {

    /** Without a season to go by, what is so today is taken to have begun and to go on for so long. Own estimates. */
    private static final int BEFORE_DAYS = 42;

    private static final int AFTER_DAYS = 28;
    /** A season is announced so long before it begins. Own estimate. */
    private static final int ANNOUNCED_DAYS = 21;

    private final List<Season> seasons;
    private final boolean now;
    private final LocalDate today;
    private final Optional<Season> current;
    private final LocalDate begun;
    private final LocalDate over;

    /**
     * @param seasons oldest first; none where the days hardly change
     * @param now     by the owner's word
     */
    Shedding(List<Season> seasons, boolean now, LocalDate today) {
        this.seasons = List.copyOf(seasons);
        this.now = now;
        this.today = today;
        current = seasons.stream().filter(season -> season.holds(today)).findFirst();
        begun = current.map(Season::from).orElse(today.minusDays(BEFORE_DAYS));
        over = current.map(Season::to).orElse(today.plusDays(AFTER_DAYS));
    }

    boolean on(LocalDate day) {
        if ((now || current.isPresent()) && !day.isBefore(begun) && !day.isAfter(over)) {
            return now;
        }
        for (Season season : seasons) {
            if (season.holds(day)) {
                return true;
            }
        }
        return false;
    }

    /**
     * What the season asks for; empty when it asks for nothing just now.
     *
     * @param heaps days on which a session brought out a heap of hair
     */
    Optional<Reason> advice(Coat coat, NavigableSet<LocalDate> heaps) {
        if (!coat.seasonal()) {
            return Optional.empty();
        }
        return now ? Optional.of(whileShedding(heaps)) : notShedding();
    }

    private Reason whileShedding(NavigableSet<LocalDate> heaps) {
        NavigableSet<LocalDate> lately = heaps.tailSet(today.minusDays(BEFORE_DAYS), true);
        if (!lately.isEmpty() && lately.last().isBefore(today.minusDays(Season.QUIET_DAYS))) {
            return new Reason(
                    "rhythm.season-over",
                    "No session has brought out a heap since {" + lately.last()
                            + " date}: the season may be over. Then say so on the coat page.");
        }
        return current.map(season -> new Reason(
                        "rhythm.season",
                        "The " + season.kind().label()
                                + " shed, likely until {" + season.to()
                                + " date}. Lift only what is loose; it is over when sessions "
                                + "bring little for two weeks."))
                .or(this::early)
                .orElseGet(() -> new Reason(
                        "rhythm.season-odd",
                        "It sheds heavily outside spring and autumn. If that goes on, "
                                + "ask your vet: food and health can be behind it."));
    }

    private Optional<Reason> early() {
        return seasons.stream()
                .filter(season ->
                        season.from().isAfter(today) && !season.from().isAfter(today.plusDays(Season.EARLY_DAYS)))
                .findFirst()
                .map(season -> new Reason(
                        "rhythm.season-early",
                        "The " + season.kind().label() + " shed has begun early; it was expected about {"
                                + season.from() + " date}. Lift only what is loose."));
    }

    private Optional<Reason> notShedding() {
        return current.map(season -> new Reason(
                        "rhythm.season-now",
                        "The " + season.kind().label() + " shed is likely from {"
                                + season.from() + " date} to {" + season.to() + " date}, " + basis(season)
                                + ". Once it begins, say so on the coat page."))
                .or(() -> seasons.stream()
                        .filter(season ->
                                season.from().isAfter(today) && !season.from().isAfter(today.plusDays(ANNOUNCED_DAYS)))
                        .findFirst()
                        .map(season -> new Reason(
                                "rhythm.season-near",
                                "The " + season.kind().label()
                                        + " shed is likely to begin about {" + season.from() + " date}, "
                                        + basis(season)
                                        + ". Have a rake and a curry ready, and some more minutes.")));
    }

    private static String basis(Season season) {
        return season.ownDates() == 0
                ? "by the daylight where you live"
                : "by its own dates in " + season.ownDates() + (season.ownDates() == 1 ? " season" : " seasons");
    }

    static Shedding of(Coat coat, Diary diary, LocalDate today) {
        return new Shedding(diary.seasons(), coat.sheddingHeavily(), today);
    }
}
