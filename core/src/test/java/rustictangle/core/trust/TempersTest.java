package rustictangle.core.trust;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rustictangle.core.Dogs;
import rustictangle.core.Sample;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.Signal;

/**
 * Tempers played through, handbook 9.4: two practices a day, of two places each, as the day's list proposes them. The
 * dogs are made up and live only here; the figures are told in docs/practice/trust.md.
 */
class TempersTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
    private static final int PLACES = 29;
    private static final int LIVES = Sample.of(15, 60);
    /** Legs and armpits tangle much faster than the back. */
    private static final ToDoubleFunction<Section> TANGLES = section -> section.sensitivityRank() >= 8 ? 1 : 0.01;

    private final Dog puppy = Dogs.with(LifeStage.PUPPY, History.RAISED_HERE);
    private final Kit kit = Dogs.kit(puppy, Dogs.allOver(Dogs.hair(CoatKind.CURLY, 40)));

    /**
     * @param first        the day on which the first place was ready; 0: on none
     * @param ready        places that are ready at the end
     * @param daysAtBottom most days in a row with nothing above the first rung
     * @param bodyFirst    whether all of the body was begun before any armpit, leg, foot or face
     */
    private record Life(int first, int ready, int daysAtBottom, boolean bodyFirst) {}

    private Life life(int days, double relaxed, double uneasy, double fear, Random random) {
        Map<LocalDate, List<Trial>> said = new HashMap<>();
        List<Trial> trials = new ArrayList<>();
        int first = 0;
        int bottom = 0;
        int longest = 0;
        boolean bodyFirst = true;
        List<Section> begun = new ArrayList<>();
        for (int day = 1; day <= days; day++) {
            LocalDate date = FIRST.plusDays(day - 1L);
            Peace peace = Peace.NONE;
            for (int practice = 0; practice < 2 && peace == Peace.NONE; practice++) {
                Trust trust = Trust.of(puppy, kit, trials, date);
                List<Practice> now = Practices.today(puppy, trust, Set.of(), TANGLES, MayBegin.ANYTHING).stream()
                        .filter(one -> one.leadsToBrushing() && one.enough().isEmpty())
                        .limit(2)
                        .toList();
                for (Practice one : now) {
                    Section section = one.spot().section().orElseThrow();
                    bodyFirst &= begun.contains(section)
                            || section.sensitivityRank() < 7
                            || Arrays.stream(Section.values())
                                    .filter(body -> body.sensitivityRank() <= 2)
                                    .allMatch(begun::contains);
                    begun.add(section);
                    for (int trial = 0; trial < one.trials() && peace == Peace.NONE; trial++) {
                        double at = random.nextDouble();
                        Signal signal = at < relaxed
                                ? Signal.RELAXED
                                : at < relaxed + uneasy
                                        ? Signal.UNEASY
                                        : at < relaxed + uneasy + fear ? Signal.AFRAID : Signal.OPTED_OUT;
                        trials.add(new Trial(date, Optional.of(one.spot().subject()), Optional.of(section), signal));
                        said.computeIfAbsent(date, d -> new ArrayList<>()).add(trials.get(trials.size() - 1));
                        long noes = said.get(date).stream()
                                .filter(told -> told.answer()
                                        .signal()
                                        .filter(Signal::isNo)
                                        .isPresent())
                                .count();
                        peace = signal == Signal.AFRAID
                                ? Peace.AFTER_FEAR
                                : noes >= Practice.NOES_TO_END ? Peace.SECOND_NO : Peace.NONE;
                        Trust after = Trust.of(puppy, kit, trials, date);
                        if (Practice.of(puppy, after, one.spot(), MayBegin.ANYTHING)
                                .enough()
                                .isPresent()) {
                            break;
                        }
                    }
                }
            }
            Trust evening = Trust.of(puppy, kit, trials, date);
            boolean atBottom = evening.turns().keySet().stream()
                    .allMatch(spot -> evening.at(spot).rung() == Rung.ON_THE_FLOOR);
            bottom = atBottom ? bottom + 1 : 0;
            longest = Math.max(longest, bottom);
            int ready = PLACES - evening.notReady(List.of(Section.values())).size();
            first = first == 0 && ready > 0 ? day : first;
        }
        Trust end = Trust.of(puppy, kit, trials, FIRST.plusDays(days - 1L));
        return new Life(first, PLACES - end.notReady(List.of(Section.values())).size(), longest, bodyFirst);
    }

    /** @param within days until the first place is ready, of half of such dogs; @param places ready after 30 days */
    @ParameterizedTest
    @CsvSource({"0.90, 0.09, 0.01, 8, 20", "0.85, 0.12, 0.03, 14, 12", "0.78, 0.14, 0.02, 20, 6"})
    void twoShortPracticesADayLeadThereAndTheBodyComesFirst(
            double relaxed, double uneasy, double fear, int within, int places) {
        List<Life> lives = new ArrayList<>();
        for (int seed = 1; seed <= LIVES; seed++) {
            lives.add(life(30, relaxed, uneasy, fear, new Random(seed)));
        }
        int first = median(
                lives.stream().map(life -> life.first == 0 ? 99 : life.first).toList());
        int ready = median(lives.stream().map(Life::ready).toList());
        int bottom = median(lives.stream().map(Life::daysAtBottom).toList());
        assertTrue(first <= within, "first on day " + first);
        assertTrue(ready >= places, ready + " places");
        assertTrue(bottom <= 4, bottom + " days on the first rung");
        assertTrue(lives.stream().allMatch(Life::bodyFirst), "back, sides and thighs before any armpit, foot or face");
    }

    private static int median(List<Integer> figures) {
        return figures.stream().sorted().toList().get(figures.size() / 2);
    }

    /** Whatever happens to it, no place of a gentle adult falls into training by time alone. */
    @Test
    void aGentleAdultsPlacesStayReadyThroughAYearWithThreeIllWeeksAndAHoliday() {
        Dog adult = Dogs.adult(14);
        Kit curls = Dogs.kit(adult, Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60)));
        List<Trial> trials = new ArrayList<>();
        for (int day = 0; day < 365; day++) {
            LocalDate date = FIRST.plusDays(day);
            boolean away = day >= 100 && day < 121 || day >= 200 && day < 245;
            if (!away && day % 3 == 0) {
                for (Section section : List.of(Section.BACK, Section.CHEST, Section.ARMPIT_LEFT)) {
                    trials.add(Trial.at(date, section, Signal.RELAXED));
                }
            }
            Trust trust = Trust.of(adult, curls, trials, date);
            assertTrue(trust.readyEverywhere(), "day " + day + ": " + trust.notReady(List.of(Section.values())));
        }
        assertEquals(
                Optional.of(1L),
                Trust.of(adult, curls, trials, FIRST.plusDays(364)).daysUnbrushed());
    }
}
