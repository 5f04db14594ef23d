package rustictangle.server.plan;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the outbox has sent. */
@RestController
class MessageController {

    private static final int MOST = 100;

    /** @param simulated whether they are only kept here */
    record MessagesView(boolean simulated, List<Outbox.Message> messages) {}

    private final Reminders reminders;
    private final Outbox outbox;

    MessageController(Reminders reminders, Outbox outbox) {
        this.reminders = reminders;
        this.outbox = outbox;
    }

    /** Nobody who looks has to wait for the next round. */
    @PostMapping("/api/messages")
    MessagesView look() {
        reminders.look();
        return messages();
    }

    @GetMapping("/api/messages")
    MessagesView messages() {
        return new MessagesView(outbox.simulated(), outbox.sent(MOST));
    }
}
