package rustictangle.core.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import rustictangle.core.Dogs;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Diary;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.routine.Routine;
import rustictangle.core.routine.SetUp;
import rustictangle.core.trust.Trust;

/**
 * A dog as an owner keeps it, for the tests of the plan.
 *
 * @param clear when each place was proved; those that are not named never were
 * @param groom days to the groomer's; empty: nobody said
 */
record Kept(
        Dog dog,
        Coat coat,
        Comfort comfort,
        List<CombCheck> checks,
        Map<Section, Workload.PlaceWork> places,
        Optional<Duration> sitting,
        Optional<Integer> groom) {

    static final LocalDate TODAY = LocalDate.of(2026, 1, 14);

    static Kept dog(Dog dog, Coat coat) {
        Kit kit = Dogs.kit(dog, coat);
        Map<Section, Workload.PlaceWork> places = new EnumMap<>(Section.class);
        Routine.of(dog, coat, kit, Trust.of(dog, kit, List.of(), TODAY), List.of(), kit.brushed())
                .places()
                .forEach(step -> places.put(step.section(), Workload.PlaceWork.ready(step.seconds() / 60)));
        return new Kept(dog, coat, Comfort.BALANCED, List.of(), places, Optional.empty(), Optional.empty());
    }

    Kept provedAgo(int days) {
        return checks(Arrays.stream(Section.values())
                .map(section -> new CombCheck(section, TODAY.minusDays(days), 0, false))
                .toList());
    }

    Kept checks(List<CombCheck> other) {
        return new Kept(dog, coat, comfort, other, places, sitting, groom);
    }

    Kept comfort(Comfort other) {
        return new Kept(dog, coat, other, checks, places, sitting, groom);
    }

    Kept groomIn(int days) {
        return new Kept(dog, coat, comfort, checks, places, sitting, Optional.of(days));
    }

    Kept sitting(Duration atMost) {
        return new Kept(dog, coat, comfort, checks, places, Optional.of(atMost), groom);
    }

    Kept inTraining(Section... sections) {
        Map<Section, Workload.PlaceWork> other = new EnumMap<>(places);
        for (Section section : sections) {
            other.put(section, Workload.PlaceWork.inTraining(places.get(section).minutes(), Optional.empty()));
        }
        return new Kept(dog, coat, comfort, checks, other, sitting, groom);
    }

    Forecast forecast(LocalDate today) {
        return Forecast.of(dog, coat, Diary.of(checks), today);
    }

    Workload.Basis basis(LocalDate today) {
        return new Workload.Basis(
                forecast(today),
                comfort,
                places,
                new Workload.Sessions(SetUp.MINUTES, false, sitting),
                groom,
                List.of());
    }

    Workload on(LocalDate today) {
        return basis(today).work();
    }

    Workload work() {
        return on(TODAY);
    }

    double wholeMinutes() {
        return places.values().stream().mapToDouble(Workload.PlaceWork::minutes).sum();
    }

    static double[] everyDay(double minutes) {
        double[] time = new double[Workload.MOST_DAYS];
        Arrays.fill(time, minutes);
        return time;
    }

    /** Dogs of which nobody practises anything. */
    static List<PracticeDays.Asked> noPractice(int dogs) {
        return Collections.nCopies(dogs, new PracticeDays.Asked(0, 0, OptionalInt.empty(), List.of()));
    }
}
