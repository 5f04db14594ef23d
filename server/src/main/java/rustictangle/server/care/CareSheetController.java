package rustictangle.server.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.care.CareDiary;
import rustictangle.core.care.CareDue;
import rustictangle.core.care.CareRules;
import rustictangle.core.care.Claws;
import rustictangle.core.care.Looks;
import rustictangle.core.care.Weight;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.Log;
import rustictangle.core.trust.Spot;
import rustictangle.core.trust.Trust;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;
import rustictangle.server.trust.StandingView;
import rustictangle.server.trust.TrustLoader;

/** What a groomer or a vet should know of the jobs at the table. */
@RestController
record CareSheetController(DogLoader dogs, CareLoader care, TrustLoader trusts, Logs logs, Clock clock)
        implements ViewProbe {

    /**
     * @param done      when nails, ears, teeth, the bath were last done
     * @param tooShort  claws that were cut too short the last time
     * @param minds     where it is not ready for real brushing, with the tool that leads there
     * @param learning  what of the jobs the dog still learns, and how far it has come
     * @param open      findings that nobody has looked at yet, with their photos
     * @param askTheVet of its weight; absent: nothing to ask
     */
    record CareSheet(
            List<LastDone> done,
            List<Claws.Claw> tooShort,
            List<StandingView> minds,
            List<StandingView> learning,
            List<Looks.Look> open,
            Optional<Reason> askTheVet) {}

    /** @param last absent: never at home */
    record LastDone(CareJob job, Optional<LocalDate> last) {}

    @GetMapping("/api/dogs/{dogId}/care-sheet")
    CareSheet sheet(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        Log log = logs.of(dogId);
        CareDiary diary = CareDiary.of(log);
        return new CareSheet(
                CareRules.atGroomers().stream()
                        .map(job -> new LastDone(job, diary.lastDone(job)))
                        .toList(),
                care.claws(dogId).claws().stream()
                        .filter(claw -> claw.last()
                                .filter(touch -> touch.result() == ClawResult.TOO_SHORT)
                                .isPresent())
                        .toList(),
                minds(trusts.of(known)),
                care.of(known).stream()
                        .filter(due -> due.learning() && due.last().isPresent())
                        .map(CareSheetController::standing)
                        .toList(),
                Looks.open(log, LocalDate.now(clock)),
                Weight.of(log).askTheVet(known.dog().lifeStage()));
    }

    private static List<StandingView> minds(Trust trust) {
        return trust.standings().entrySet().stream()
                .filter(place -> !trust.readyAt(place.getKey()))
                .map(place -> StandingView.of(
                        new Spot(trust.lead(place.getKey()).orElseThrow(), Optional.of(place.getKey())),
                        place.getValue()))
                .toList();
    }

    private static StandingView standing(CareDue due) {
        return StandingView.of(due.spot().orElseThrow(), due.standing().orElseThrow());
    }

    @Override
    public void dog(long dogId) {
        sheet(dogId);
    }
}
