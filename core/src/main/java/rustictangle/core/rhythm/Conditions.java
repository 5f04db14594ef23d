package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Sure;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.LengthOverTime;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.LifeEvent;

/**
 * What the days of a year back, and of those to come, do to a dog's coat at each section: all that a forecast rests on
 * besides what the comb found.
 */
public final class Conditions {

    /** How far ahead the coat is looked at day by day; no plan goes further. */
    private static final int AHEAD_DAYS = 120;

    /** @param days empty on hair that does not mat */
    record Here(Exposure exposure, Optional<WearDays> days, LooseHair loose) {}

    /** A region's hair on each of the days: worked out once for all its sections. */
    private record Lengths(HairLength[] each, boolean steady) {

        static Lengths of(LengthOverTime length, LocalDate[] dates) {
            return new Lengths(Arrays.stream(dates).map(length::on).toArray(HairLength[]::new), length.isSteady());
        }

        HairLength on(int day) {
            return each[day + Diary.REMEMBERED_DAYS];
        }
    }

    private final Map<Section, Here> sections;
    private final Shedding shedding;
    private final Coat coat;
    private final LocalDate today;
    private final Set<LifeEvent> happenedToday;
    private final Optional<Integer> ageDays;

    private Conditions(
            Map<Section, Here> sections,
            Shedding shedding,
            Coat coat,
            LocalDate today,
            Set<LifeEvent> happenedToday,
            Optional<Integer> ageDays) {
        this.sections = sections;
        this.shedding = shedding;
        this.coat = coat;
        this.today = today;
        this.happenedToday = Set.copyOf(happenedToday);
        this.ageDays = ageDays;
    }

    /** @param diary whose comb checks are not looked at */
    public static Conditions of(Dog dog, Coat coat, Diary diary, LocalDate today) {
        Shedding shedding = Shedding.of(coat, diary, today);
        LocalDate[] dates = new LocalDate[Diary.REMEMBERED_DAYS + AHEAD_DAYS + 1];
        boolean[] sheds = new boolean[dates.length];
        for (int i = 0; i < dates.length; i++) {
            dates[i] = today.plusDays(i - Diary.REMEMBERED_DAYS);
            sheds[i] = shedding.on(dates[i]);
        }
        Map<Region, Lengths> lengths = new EnumMap<>(Region.class);
        coat.regions()
                .forEach((region, hair) -> lengths.put(
                        region,
                        Lengths.of(
                                LengthOverTime.of(hair, diary.readings().getOrDefault(region, List.of()), today),
                                dates)));
        PuppyCoat puppy = PuppyCoat.of(dog);
        Map<Section, Here> sections = new EnumMap<>(Section.class);
        Arrays.stream(Section.values()).forEach(section -> {
            Exposure exposure = Exposure.of(dog, coat, section, diary.life(), shedding);
            RegionCoat hair = coat.at(section);
            sections.put(
                    section,
                    new Here(
                            exposure,
                            hair.kind().mats()
                                    ? Optional.of(days(
                                            section, hair, Sure.at(lengths, section.region()), exposure, puppy, dates))
                                    : Optional.empty(),
                            LooseHair.at(section, coat, -Diary.REMEMBERED_DAYS, sheds)));
        });
        return new Conditions(
                sections, shedding, coat, today, diary.life().days().getOrDefault(today, Set.of()), dog.ageDays(today));
    }

    private static WearDays days(
            Section section, RegionCoat hair, Lengths lengths, Exposure exposure, PuppyCoat puppy, LocalDate[] dates) {
        RateTable table = RateTable.of(hair);
        return WearDays.of(
                -Diary.REMEMBERED_DAYS,
                AHEAD_DAYS,
                day -> exposure.on(dates[day + Diary.REMEMBERED_DAYS]),
                day -> puppy.on(dates[day + Diary.REMEMBERED_DAYS]) * table.tangles(section, hair, lengths.on(day)),
                day -> table.hardening(section, lengths.on(day)),
                lengths.steady && puppy.isSteadyFrom(dates[0]));
    }

    Here at(Section section) {
        return Sure.at(sections, section);
    }

    /** Of the dog's life so far; empty: nobody knows. */
    Optional<Integer> ageDays() {
        return ageDays;
    }

    Shedding shedding() {
        return shedding;
    }

    Coat coat() {
        return coat;
    }

    LocalDate today() {
        return today;
    }

    Set<LifeEvent> happenedToday() {
        return happenedToday;
    }
}
