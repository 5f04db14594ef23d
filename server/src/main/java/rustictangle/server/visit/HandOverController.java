package rustictangle.server.visit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.LengthOverTime;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Limits;
import rustictangle.core.rhythm.Closed;
import rustictangle.core.rhythm.ClosedJob;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Mat;
import rustictangle.core.rhythm.PastWarning;
import rustictangle.core.rhythm.SectionRhythm;
import rustictangle.core.visit.HandOver;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.coat.Readings;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;
import rustictangle.server.rhythm.ClosedView;
import rustictangle.server.rhythm.ForecastLoader;

/** The sheet for the groomer. */
@RestController
@RequestMapping("/api/dogs/{dogId}/hand-over")
record HandOverController(
        DogLoader dogs,
        VisitStore visits,
        VisitService service,
        Readings readings,
        ForecastLoader forecasts,
        Logs logs,
        Clock clock)
        implements ViewProbe {

    /**
     * @param next   when it is for; absent: nobody said
     * @param likely where a mat is likely by now, though none was found
     * @param closed where somebody must look first
     * @param jobs   that are closed until somebody has looked
     * @param warned that it growled, snapped or bit in the last year, the newest first
     * @param helps  what helps it along
     * @param heed   health, age and skin
     * @param talk   the honest words when mats remain; none when there are none
     */
    record HandOverView(
            LocalDate today,
            Optional<LocalDate> next,
            List<LengthNow> lengths,
            List<Combed> combed,
            List<Mat> mats,
            List<Section> likely,
            List<ClosedView> closed,
            List<ClosedView.ClosedJobView> jobs,
            List<PastWarning> warned,
            List<Reason> helps,
            List<Reason> heed,
            List<Reason> talk,
            String wish,
            String health) {}

    /** @param millimetres today, grown on since it was measured */
    record LengthNow(Region region, String label, double millimetres) {}

    /** @param lastClear when a comb last ran free to the skin; absent: not in the last year */
    record Combed(Section section, Optional<LocalDate> lastClear) {}

    record WordsForm(
            @NotNull @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.") String wish,
            @NotNull @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.")
                    String health) {}

    @GetMapping
    HandOverView sheet(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        Forecast forecast = forecasts.of(known);
        List<Mat> left = Mat.stillIn(logs.of(dogId), today);
        VisitStore.Words words = visits.words(dogId);
        return new HandOverView(
                today,
                service.next(dogId, today),
                lengths(known, today),
                forecast.sections().stream()
                        .filter(SectionRhythm::brushed)
                        .map(section -> new Combed(section.section(), section.lastClear()))
                        .toList(),
                left,
                forecast.matLikely(),
                Closed.of(logs.of(dogId), today).stream().map(ClosedView::of).toList(),
                ClosedView.jobs(ClosedJob.of(logs.of(dogId), today)),
                PastWarning.of(logs.of(dogId), today),
                HandOver.helps(known.dog()),
                HandOver.heed(known.dog()),
                HandOver.talk(known.coat(), left.size()),
                words.wish(),
                words.health());
    }

    private List<LengthNow> lengths(KnownDog known, LocalDate today) {
        var measured = readings.of(known.id());
        return Arrays.stream(Region.values())
                .map(region -> {
                    List<LengthReading> here = measured.getOrDefault(region, List.of());
                    return new LengthNow(
                            region,
                            region.label(),
                            LengthOverTime.of(known.coat().at(region), here, today)
                                    .on(today)
                                    .millimetres());
                })
                .toList();
    }

    @PutMapping
    HandOverView words(@PathVariable long dogId, @Valid @RequestBody WordsForm form) {
        dogs.get(dogId);
        visits.setWords(
                dogId, new VisitStore.Words(form.wish().strip(), form.health().strip()));
        return sheet(dogId);
    }

    @Override
    public void dog(long dogId) {
        sheet(dogId);
    }
}
