package rustictangle.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Reason;
import rustictangle.core.coat.LengthOverTime;
import rustictangle.core.coat.LengthReading;
import rustictangle.core.dog.Region;
import rustictangle.core.log.Log;
import rustictangle.core.log.Portrayed;
import rustictangle.core.rhythm.AllOver;
import rustictangle.core.session.Months;
import rustictangle.core.visit.HandOver;
import rustictangle.core.visit.Visit;
import rustictangle.server.care.Photo;
import rustictangle.server.coat.CoatForm;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.coat.KnownDog;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.kit.KitLoader;
import rustictangle.server.log.Logs;

/** One dog over the months: how it looked, how long its hair was, what it took, what was found. */
@RestController
@RequestMapping("/api/dogs/{dogId}/months")
record MonthsController(DogLoader dogs, KitLoader kits, Portraits portraits, Logs logs, Clock clock)
        implements ViewProbe {

    private static final int MONTHS = 12;
    /** After a short clip it looks strange at first: so it will be, in weeks. Own choice. */
    private static final List<Integer> AHEAD_WEEKS = List.of(2, 6, 10);

    /**
     * @param restart after a short clip: how to begin again; else absent
     * @param ahead   after a short clip: how the hair grows back; else empty
     * @param allOver the days on which a round over the dog was whole, oldest first
     */
    record DogMonthsView(
            LocalDate today,
            List<DogMonthView> months,
            Optional<Reason> restart,
            List<GrownBackView> ahead,
            List<LocalDate> allOver) {}

    /**
     * @param millimetres of the body's hair in the middle of it, or today
     * @param coat        as it was then
     */
    record DogMonthView(
            YearMonth month, int minutes, int mats, double millimetres, CoatForm coat, List<PortraitView> photos) {}

    record GrownBackView(int weeks, double millimetres, CoatForm coat) {}

    record PortraitView(UUID entry, Instant at, LocalDate day, UUID photo) {}

    /** @param photo JPEG or PNG, in Base64 */
    record PortraitForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Take a photo.") byte[] photo) {}

    @GetMapping
    DogMonthsView months(@PathVariable long dogId) {
        KnownDog known = dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        Log log = logs.of(dogId);
        Map<Region, List<LengthReading>> readings = LengthReading.of(log);
        List<PortraitView> photos = portraits.of(dogId).stream()
                .map(entry -> new PortraitView(
                        entry.id(),
                        entry.at(),
                        entry.day(),
                        entry.as(Portrayed.class).orElseThrow().photo()))
                .toList();
        Optional<Reason> restart = HandOver.restart(known.coat(), Visit.of(log), today);
        return new DogMonthsView(
                today,
                Months.of(log, today, MONTHS).stream()
                        .map(month -> view(month, at(known, readings, today, middle(month.month(), today)), photos))
                        .toList(),
                restart,
                restart.stream()
                        .flatMap(clipped -> AHEAD_WEEKS.stream())
                        .map(weeks -> {
                            CoatForm then = at(known, readings, today, today.plusWeeks(weeks));
                            return new GrownBackView(weeks, body(then), then);
                        })
                        .toList(),
                AllOver.days(log, Set.copyOf(kits.of(known).brushed())));
    }

    private static LocalDate middle(YearMonth month, LocalDate today) {
        return month.equals(YearMonth.from(today)) ? today : month.atDay(15);
    }

    private static CoatForm at(
            KnownDog known, Map<Region, List<LengthReading>> readings, LocalDate today, LocalDate day) {
        return CoatForm.of(LengthOverTime.grown(known.coat(), readings, today, day));
    }

    private static double body(CoatForm coat) {
        return coat.regions().stream()
                .filter(hair -> hair.region() == Region.BODY)
                .findFirst()
                .orElseThrow()
                .millimetres();
    }

    private static DogMonthView view(Months month, CoatForm coat, List<PortraitView> photos) {
        return new DogMonthView(
                month.month(),
                month.minutes(),
                month.mats(),
                body(coat),
                coat,
                photos.stream()
                        .filter(photo -> YearMonth.from(photo.day()).equals(month.month()))
                        .toList());
    }

    @PostMapping("/photos")
    DogMonthsView keep(@PathVariable long dogId, @Valid @RequestBody PortraitForm form) {
        dogs.get(dogId);
        // Made small before the writer is asked for: it waits for nothing but the disk.
        byte[] small = Photo.small(form.photo());
        portraits.keep(form.id(), dogId, LocalDate.now(clock), small);
        return months(dogId);
    }

    @DeleteMapping("/photos/{entryId}")
    DogMonthsView remove(@PathVariable long dogId, @PathVariable UUID entryId) {
        dogs.get(dogId);
        portraits.takeBack(dogId, entryId);
        return months(dogId);
    }

    @Override
    public void dog(long dogId) {
        months(dogId);
        portraits.of(dogId).forEach(entry -> portraits.photo(dogId, entry));
    }
}
