package rustictangle.server.rhythm;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Learned;
import rustictangle.core.rhythm.Rhythm;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.Shows;

@RestController
class RhythmController implements Shows {

    /**
     * @param season  what the shedding season asks for; absent when nothing just now
     * @param learned what this dog's own checks taught, the largest changes first
     */
    record RhythmView(LocalDate today, Rhythm rhythm, Optional<Reason> season, List<Learned> learned) {}

    /** What a comfort means for the dogs of the household. */
    record ComfortView(Comfort comfort, int tanglePercent, List<ComfortDays> dogs) {}

    /** Days between brushings, from the place that needs it most to the one that needs it least. */
    record ComfortDays(String name, int from, int to) {}

    private final DogLoader dogs;
    private final ForecastLoader forecasts;
    private final Clock clock;

    RhythmController(DogLoader dogs, ForecastLoader forecasts, Clock clock) {
        this.dogs = dogs;
        this.forecasts = forecasts;
        this.clock = clock;
    }

    @GetMapping("/api/dogs/{dogId}/rhythm")
    RhythmView rhythm(@PathVariable long dogId) {
        Forecast forecast = forecasts.of(dogs.get(dogId));
        return new RhythmView(LocalDate.now(clock), forecast.rhythm(), forecast.season(), forecast.learned());
    }

    @GetMapping("/api/comforts")
    List<ComfortView> comforts() {
        List<KnownDog> known = dogs.known();
        return Arrays.stream(Comfort.values())
                .map(comfort -> new ComfortView(
                        comfort,
                        (int) Math.round(100 * comfort.tangleLimit()),
                        known.stream()
                                .flatMap(dog -> days(
                                        dog.name(), forecasts.byComfort(dog).get(comfort)))
                                .toList()))
                .toList();
    }

    private static Stream<ComfortDays> days(String name, Forecast forecast) {
        List<SectionRhythm> brushed = forecast.rhythm().sections().stream()
                .filter(section -> section.state() != SectionRhythm.State.NOT_BRUSHED)
                .sorted(Comparator.comparingInt(SectionRhythm::intervalDays))
                .toList();
        return brushed.isEmpty()
                ? Stream.empty()
                : Stream.of(new ComfortDays(
                        name,
                        brushed.get(0).intervalDays(),
                        brushed.get(brushed.size() - 1).intervalDays()));
    }

    @Override
    public void dog(long dogId) {
        rhythm(dogId);
    }

    @Override
    public void household() {
        comforts();
    }
}
