package rustictangle.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.plan.Reminder;
import rustictangle.server.coat.DogLoader;
import rustictangle.server.dog.StoredDog;

/** What the outbox has sent. */
@RestController
record MessageController(Reminders reminders, Outbox outbox, DogLoader dogs) {

    private static final int MOST = 100;

    /** @param simulated whether they are only kept here */
    record MessagesView(boolean simulated, List<MessageView> messages) {}

    /** @param dog absent: about the household */
    record MessageView(LocalDate day, Instant at, Optional<String> dog, Reminder.Kind kind, String text) {}

    /** Nobody who looks has to wait for the next round. */
    @PostMapping("/api/messages")
    MessagesView look() {
        reminders.look();
        return messages();
    }

    @GetMapping("/api/messages")
    MessagesView messages() {
        Map<Long, String> names = dogs.all().stream()
                .collect(Collectors.toMap(StoredDog::id, dog -> dog.form().name()));
        return new MessagesView(
                outbox.simulated(),
                outbox.sent(MOST).stream()
                        .map(sent -> new MessageView(
                                sent.day(), sent.at(), sent.dogId().map(names::get), sent.kind(), sent.text()))
                        .toList());
    }
}
