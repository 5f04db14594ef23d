package rustictangle.server.care;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.Refused;
import rustictangle.core.care.Looks;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.Entry;
import rustictangle.core.log.LookedAt;
import rustictangle.server.log.Logs;

/** Takes what a look-over finds: what it looks like, and its photo, in one. */
@Service
public class LookService {

    /** Of one dog: some years of looks, and a data file that can still be sent. Own choice. */
    static final int MOST_PHOTOS = 400;

    private final PhotoStore photos;
    private final Logs logs;

    LookService(PhotoStore photos, Logs logs) {
        this.photos = photos;
        this.logs = logs;
    }

    /** @param photo made small already */
    @Transactional
    public void say(
            UUID id,
            long dogId,
            LocalDate day,
            Section section,
            String words,
            Optional<byte[]> photo,
            Optional<BodyFinding> what) {
        if (logs.has(id)) {
            return;
        }
        if (photo.isPresent() && Looks.of(logs.of(dogId)).photos() >= MOST_PHOTOS) {
            throw new Refused(
                    "photo", "There are " + MOST_PHOTOS + " photos of this dog already; take an old one away first.");
        }
        Optional<UUID> picture = photo.map(jpeg -> UUID.randomUUID());
        picture.ifPresent(small -> photos.add(dogId, small, photo.get()));
        logs.say(
                id,
                dogId,
                day,
                new LookedAt(section, words, picture, Looks.asItStands(logs.of(dogId), section, what, day)));
    }

    /** It was not so, or is not wanted any more; its photo is gone for good. A repeat changes nothing. */
    @Transactional
    public void takeBack(long dogId, UUID entryId) {
        List<Entry> gone =
                logs.takeBack(dogId, entry -> entry.id().equals(entryId) && entry.said() instanceof LookedAt);
        gone.stream()
                .flatMap(entry -> entry.as(LookedAt.class).stream())
                .flatMap(look -> look.photo().stream())
                .forEach(photo -> photos.remove(dogId, photo));
    }
}
