package rustictangle.server.plan;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.plan.DogPlan;
import rustictangle.core.plan.HouseholdPlan;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Learned;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.Shows;

/** When each place of a dog is brushed, and why. */
@RestController
class WhenController implements Shows {

    /**
     * @param season  what the shedding season asks for; absent when nothing just now
     * @param learned what this dog's own checks taught, the surest and largest first
     */
    record ScheduleView(LocalDate today, DogPlan plan, Optional<Reason> season, List<Learned> learned) {}

    /** What a comfort means for the dogs of the household: a mat is worth so many minutes. */
    record ComfortView(Comfort comfort, int minutesPerMat, List<ComfortDog> dogs) {}

    /** In the days that are planned. */
    record ComfortDog(String name, double minutesAWeek, double matsAMonth) {}

    private final DogLoader dogs;
    private final Plans plans;

    WhenController(DogLoader dogs, Plans plans) {
        this.dogs = dogs;
        this.plans = plans;
    }

    @GetMapping("/api/dogs/{dogId}/when")
    ScheduleView when(@PathVariable long dogId) {
        dogs.get(dogId);
        Plans.Now now = plans.now();
        Forecast forecast = now.members().get(now.position(dogId)).picture().forecast();
        return new ScheduleView(now.today(), now.dog(dogId), forecast.season(), forecast.learned());
    }

    @GetMapping("/api/comforts")
    List<ComfortView> comforts() {
        Plans.Now now = plans.now();
        Map<Comfort, HouseholdPlan> byComfort = plans.byComfort();
        return Arrays.stream(Comfort.values())
                .map(comfort -> new ComfortView(
                        comfort,
                        (int) comfort.minutesPerMat(),
                        IntStream.range(0, now.members().size())
                                .filter(dog -> now.plan().dog(dog).anythingBrushed())
                                .mapToObj(dog -> new ComfortDog(
                                        now.members().get(dog).known().name(),
                                        byComfort.get(comfort).minutesAWeek(dog),
                                        byComfort.get(comfort).matsAMonth(dog)))
                                .toList()))
                .toList();
    }

    @Override
    public void dog(long dogId) {
        when(dogId);
    }

    @Override
    public void household() {
        comforts();
    }
}
