package rustictangle.server.kit;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rustictangle.core.log.LastCombed;
import rustictangle.core.log.PastTold;
import rustictangle.core.log.ToolKind;
import rustictangle.server.coat.CoatForm;
import rustictangle.server.coat.CoatStore;
import rustictangle.server.dog.DogForm;
import rustictangle.server.dog.DogStore;
import rustictangle.server.dog.StoredDog;
import rustictangle.server.log.Logs;

/** Writes a new dog with all that was seen of it. */
@Service
class FirstDogs {

    private final DogStore dogs;
    private final CoatStore coats;
    private final ToolStore tools;
    private final Logs logs;
    private final Clock clock;

    FirstDogs(DogStore dogs, CoatStore coats, ToolStore tools, Logs logs, Clock clock) {
        this.dogs = dogs;
        this.coats = coats;
        this.tools = tools;
        this.logs = logs;
        this.clock = clock;
    }

    /** @param said tools that there are, drawer or not */
    @Transactional
    StoredDog add(DogForm dog, CoatForm coat, List<ToolForm> said, Optional<LastCombed> lastCombed) {
        long id = dogs.add(dog);
        coats.put(id, coat);
        Set<ToolKind> there =
                tools.all().stream().map(tool -> tool.form().kind()).collect(Collectors.toSet());
        said.stream().filter(tool -> !there.contains(tool.kind())).forEach(tools::add);
        lastCombed.ifPresent(last -> logs.say(UUID.randomUUID(), id, LocalDate.now(clock), new PastTold(last)));
        return dogs.find(id).orElseThrow();
    }
}
