package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.shredzone.commons.suncalc.SunTimes;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Season.Kind;

/** A double coat sheds heavily about twice a year, in spring and in autumn: common practice, no published source. */
class SeasonTest {

    private static final NavigableSet<LocalDate> NONE = new TreeSet<>();
    private static final Coat DOUBLE = Dogs.allOver(Dogs.hair(CoatKind.DOUBLE, 60));

    /** Against the sunrise and sunset of commons-suncalc, within eight minutes, on every tenth day of a year. */
    @ParameterizedTest
    @ValueSource(doubles = {-54, -34, -10, 0, 23, 40, 52, 60})
    void theLengthOfTheDayIsThatOfAReferenceLibrary(double latitude) {
        for (int n = 0; n < 365; n += 10) {
            LocalDate day = LocalDate.of(2026, 1, 1).plusDays(n);
            SunTimes times = SunTimes.compute()
                    .on(day)
                    .timezone(ZoneOffset.UTC)
                    .at(latitude, 0)
                    .execute();
            double hours = Duration.between(times.getRise(), times.getSet()).toSeconds() / 3600.0;
            assertEquals(hours, Daylight.hours(latitude, day), 8 / 60.0, latitude + "° on " + day);
        }
    }

    @Test
    void beyondThePolarCircleTheSunDoesNotSetInSummerAndALatitudeThatIsNoneIsRefused() {
        assertEquals(24, Daylight.hours(75, LocalDate.of(2026, 6, 21)));
        assertEquals(0, Daylight.hours(75, LocalDate.of(2026, 12, 21)));
        assertThrows(IllegalArgumentException.class, () -> Daylight.hours(Double.NaN, LocalDate.of(2026, 6, 21)));
    }

    @ParameterizedTest
    @CsvSource({"52, 3, 9", "40, 4, 9", "-34, 10, 3"})
    void springAndAutumnComeWithTheDaylightOfTheHemisphere(double latitude, int springMonth, int autumnMonth) {
        List<Season> seasons = Season.byDaylight(latitude, 2026);
        assertEquals(2, seasons.size());
        seasons.forEach(season -> assertEquals(
                season.kind() == Kind.SPRING ? springMonth : autumnMonth,
                season.from().plusDays(5).getMonthValue(),
                1,
                season.toString()));
    }

    @Test
    void whereTheDaysHardlyChangeNoSeasonIsForetold() {
        assertTrue(Season.byDaylight(3, 2026).isEmpty());
        assertTrue(Season.about(-5, NONE, LocalDate.of(2026, 4, 20)).isEmpty());
    }

    @Test
    void aDogsOwnDatesCountOnceTheyWereRecorded() {
        LocalDate byDaylight = spring(NONE).from();
        NavigableSet<LocalDate> heaps = new TreeSet<>();
        for (int n = 0; n < 5; n++) {
            heaps.add(byDaylight.minusYears(1).plusDays(12 + 7L * n));
        }
        Season own = spring(heaps);
        assertEquals(byDaylight.plusDays(12).toEpochDay(), own.from().toEpochDay(), 1.0);
        assertEquals(1, own.ownDates());
        heaps.clear();
        heaps.add(byDaylight.minusYears(1).plusDays(12));
        assertEquals(byDaylight, spring(heaps).from(), "a single heap is no season");
    }

    private static Season spring(NavigableSet<LocalDate> heaps) {
        return Season.about(52, heaps, LocalDate.of(2026, 5, 1)).stream()
                .filter(season -> season.kind() == Kind.SPRING && season.from().getYear() == 2026)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theOwnersWordCountsNowAndTheSeasonsAtOtherTimes() {
        LocalDate inSpring = spring(NONE).from().plusDays(10);
        List<Season> seasons = Season.about(52, NONE, inSpring);
        Shedding flagged = new Shedding(seasons, true, inSpring);
        Shedding not = new Shedding(seasons, false, inSpring);
        assertTrue(flagged.on(inSpring) && flagged.on(inSpring.plusDays(10)));
        assertFalse(not.on(inSpring) || not.on(inSpring.plusDays(10)));
        LocalDate autumn = seasons.stream()
                .filter(s -> s.kind() == Kind.AUTUMN && s.from().isAfter(inSpring))
                .findFirst()
                .orElseThrow()
                .from();
        assertTrue(not.on(autumn) && flagged.on(autumn));
        assertFalse(flagged.on(inSpring.plusDays(100)));
    }

    @Test
    void theSeasonIsAnnouncedAskedForAndEndsWhenLittleComesOut() {
        LocalDate from = spring(NONE).from();
        assertEquals(Optional.empty(), advice(from.minusDays(60), false, NONE));
        assertEquals(Optional.of("rhythm.season-near"), advice(from.minusDays(10), false, NONE));
        assertEquals(Optional.of("rhythm.season-now"), advice(from.plusDays(3), false, NONE));
        assertEquals(Optional.of("rhythm.season"), advice(from.plusDays(3), true, NONE));
        NavigableSet<LocalDate> heaps = new TreeSet<>(List.of(from, from.plusDays(7)));
        assertEquals(Optional.of("rhythm.season"), advice(from.plusDays(14), true, heaps));
        assertEquals(Optional.of("rhythm.season-over"), advice(from.plusDays(22), true, heaps));
    }

    /** In the middle of March nobody is sent to a vet for a shed that the calendar expects in April. */
    @Test
    void aShedThatBeginsAFewWeeksEarlyIsItsSeasonAllTheSame() {
        LocalDate from = spring(NONE).from();
        assertEquals(Optional.of("rhythm.season-early"), advice(from.minusDays(18), true, NONE));
        assertEquals(Optional.of("rhythm.season-odd"), advice(from.minusDays(60), true, NONE));
    }

    /** Outside the two seasons heavy shedding is worth a word with a vet: common practice, no published source. */
    @Test
    void heavySheddingOutOfSeasonIsAWordWithTheVetAndCurlyHairHasNone() {
        assertEquals(Optional.of("rhythm.season-odd"), advice(LocalDate.of(2026, 1, 20), true, NONE));
        assertEquals(
                Optional.empty(),
                new Shedding(List.of(), false, LocalDate.of(2026, 4, 10))
                        .advice(Dogs.allOver(Dogs.hair(CoatKind.CURLY, 60)), NONE));
    }

    @Test
    void aSeasonToComeMakesTheDaysInItCountMore() {
        LocalDate today = spring(NONE).from().minusDays(3);
        Diary diary = new Diary(
                List.of(),
                List.of(),
                Life.ORDINARY,
                Map.of(),
                NONE,
                Season.about(52, NONE, today),
                Map.of(),
                StatedCombing.NOTHING);
        Outlook seasonal = Forecast.of(Dogs.adult(17), DOUBLE, diary, today)
                .at(Section.BACK)
                .orElseThrow();
        assertEquals(1.75, seasonal.tangles(4, 5) / seasonal.tangles(0, 1), 1e-9);
    }

    private static Optional<String> advice(LocalDate today, boolean shedding, NavigableSet<LocalDate> heaps) {
        return new Shedding(Season.about(52, NONE, today), shedding, today)
                .advice(DOUBLE, heaps)
                .map(Reason::rule);
    }
}
