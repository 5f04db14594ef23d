package rustictangle.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.Refused;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Portrayed;
import rustictangle.server.care.PhotoStore;
import rustictangle.server.frame.NotThere;
import rustictangle.server.log.Logs;

/** Photos of the whole dog, one now and then. */
@Service
class Portraits {

    /** Of one dog: one a week for some years. Own choice. */
    private static final int MOST = 200;

    private static final Log.Reading<Entry> ALL = log ->
            log.stream().filter(entry -> entry.said() instanceof Portrayed).toList();

    private final PhotoStore photos;
    private final Logs logs;

    Portraits(PhotoStore photos, Logs logs) {
        this.photos = photos;
        this.logs = logs;
    }

    /** Oldest first. */
    List<Entry> of(long dogId) {
        return logs.of(dogId).read(ALL);
    }

    /** @throws NotThere when what the entry shows is gone */
    byte[] photo(long dogId, Entry portrayed) {
        UUID photo = portrayed.as(Portrayed.class).orElseThrow().photo();
        return photos.find(dogId, photo).orElseThrow(() -> new NotThere("photo", photo.toString()));
    }

    /** @param photo made small already */
    @Transactional
    void keep(UUID id, long dogId, LocalDate day, byte[] photo) {
        if (logs.has(id)) {
            return;
        }
        if (of(dogId).size() >= MOST) {
            throw new Refused(
                    "photo", "There are " + MOST + " photos of this dog already; take an old one away first.");
        }
        UUID picture = UUID.randomUUID();
        photos.add(dogId, picture, photo);
        logs.say(id, dogId, day, new Portrayed(picture));
    }

    /** The photo is gone for good. A repeat changes nothing. */
    @Transactional
    void takeBack(long dogId, UUID entryId) {
        logs.takeBack(dogId, entry -> entry.id().equals(entryId) && entry.said() instanceof Portrayed).stream()
                .flatMap(entry -> entry.as(Portrayed.class).stream())
                .forEach(portrait -> photos.remove(dogId, portrait.photo()));
    }
}
