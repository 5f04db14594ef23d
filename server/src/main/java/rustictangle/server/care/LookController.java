package rustictangle.server.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.care.Looks;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.Limits;
import rustictangle.core.log.Log;
import rustictangle.core.log.SeenBy;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.frame.NotThere;
import rustictangle.server.frame.ViewProbe;
import rustictangle.server.log.Logs;

/** What look-overs have found, with photos. */
@RestController
@RequestMapping("/api/dogs/{dogId}/looks")
record LookController(DogLoader dogs, LookService service, PhotoStore photos, Logs logs, Clock clock)
        implements ViewProbe {

    /**
     * @param looks   of all places, the newest first
     * @param open    what somebody has still to look at: the list for the vet or the groomer
     * @param photos  so many there are, of at most {@code mostPhotos}
     */
    record LooksView(LocalDate today, List<Looks.Look> looks, List<Looks.Look> open, long photos, int mostPhotos) {}

    /**
     * @param photo JPEG or PNG, in Base64; absent: none
     * @param what  it is; absent: the words or the photo say it
     */
    record LookForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Say which place.") Section section,
            @NotNull(message = "Leave it empty where the photo says it.")
                    @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.")
                    String words,
            byte @Nullable [] photo,
            @Nullable BodyFinding what) {}

    /** @param words what the vet said; may be empty */
    record SeenForm(
            @NotNull(message = "Give the entry an id of its own.") UUID id,
            @NotNull(message = "Leave it empty where nothing is to be said.")
                    @Size(max = Limits.LONGEST_TEXT, message = "At most {max} characters; shorten it.")
                    String words) {}

    @GetMapping
    LooksView looks(@PathVariable long dogId) {
        dogs.get(dogId);
        LocalDate today = LocalDate.now(clock);
        Log log = logs.of(dogId);
        Looks looks = Looks.of(log);
        return new LooksView(
                today,
                looks.at().values().stream().flatMap(Collection::stream).toList(),
                Looks.open(log, today),
                looks.photos(),
                LookService.MOST_PHOTOS);
    }

    @PostMapping
    LooksView say(@PathVariable long dogId, @Valid @RequestBody LookForm form) {
        dogs.get(dogId);
        // Made small before the writer is asked for: it waits for nothing but the disk.
        Optional<byte[]> photo = Optional.ofNullable(form.photo()).map(Photo::small);
        service.say(
                form.id(),
                dogId,
                LocalDate.now(clock),
                form.section(),
                form.words().strip(),
                photo,
                Optional.ofNullable(form.what()));
        return looks(dogId);
    }

    /** A vet has looked at the place: nothing is open there any more. */
    @PostMapping("/{section}/seen")
    LooksView seen(@PathVariable long dogId, @PathVariable Section section, @Valid @RequestBody SeenForm form) {
        dogs.get(dogId);
        logs.say(
                form.id(),
                dogId,
                LocalDate.now(clock),
                new SeenBy(section, SeenBy.Who.VET, form.words().strip()));
        return looks(dogId);
    }

    /** Its photo goes with it. */
    @DeleteMapping("/{entryId}")
    LooksView remove(@PathVariable long dogId, @PathVariable UUID entryId) {
        dogs.get(dogId);
        service.takeBack(dogId, entryId);
        return looks(dogId);
    }

    @GetMapping(value = "/photos/{photoId}", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> photo(@PathVariable long dogId, @PathVariable UUID photoId) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
                .body(photos.find(dogId, photoId).orElseThrow(() -> new NotThere("photo", photoId.toString())));
    }

    @Override
    public void dog(long dogId) {
        looks(dogId).looks().forEach(look -> look.photo().ifPresent(photo -> photo(dogId, photo)));
    }
}
