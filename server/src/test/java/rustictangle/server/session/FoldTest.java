package rustictangle.server.session;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import rustictangle.core.dog.Section;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.TreatGiven;
import rustictangle.core.log.Signal;
import rustictangle.core.session.Session;
import rustictangle.core.session.SessionState;
import rustictangle.server.log.SaidJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What follows from the entries of a session: the same cases hold the fold that the browser makes while it is cut off. */
class FoldTest {

    private static final JsonMapper JSON =
            JsonMapper.builder().addModule(new SaidJson()).build();

    /** @param passes the places of each tool that goes over the whole dog first; none: null */
    record Case(
            String what,
            List<List<Section>> plan,
            @Nullable List<List<Section>> passes,
            List<ObjectNode> entries,
            Then then) {}

    /**
     * @param answers the entry that the reaction answers, from 1; none: null
     */
    record Then(
            List<Section> places,
            List<Section> hand,
            List<Section> knots,
            boolean preparing,
            boolean paused,
            SessionState.@Nullable End end,
            Map<Section, String> outcomes,
            int noes,
            @Nullable Integer answers,
            int treats,
            @Nullable Section catching,
            @Nullable Integer pass) {}

    @TestFactory
    Stream<DynamicTest> whatFollowsFromTheEntries() throws IOException {
        try (InputStream file = getClass().getResourceAsStream("/session-cases.json")) {
            return Stream.of(JSON.readValue(file, Case[].class))
                    .map(story -> DynamicTest.dynamicTest(story.what(), () -> check(story)));
        }
    }

    private static void check(Case one) {
        Session planned = Session.planned(one.plan(), Objects.requireNonNullElse(one.passes(), List.of()));
        Session session = planned;
        List<SessionEvent> log = new ArrayList<>();
        for (JsonNode entry : one.entries()) {
            SessionEvent event = JSON.treeToValue(entry, SessionEvent.class);
            log.add(event);
            session = session.apply(event);
        }
        assertEquals(one.then(), then(session));
        assertEquals(one.then(), then(planned.replay(log)), "read back");
    }

    private static Then then(Session session) {
        SessionState state = session.state();
        Map<Section, String> outcomes = new LinkedHashMap<>();
        for (SessionEvent event : state.standing()) {
            event.done().forEach(done -> outcomes.put(done.section(), "DONE"));
        }
        state.skipped().forEach(section -> outcomes.put(section, "SKIPPED"));
        return new Then(
                state.plan(),
                state.hand(),
                List.copyOf(state.knots()),
                state.preparing(),
                state.paused(),
                state.end().orElse(null),
                outcomes,
                (int) state.standing().stream()
                        .filter(event -> event.seen().filter(Signal::isNo).isPresent())
                        .count(),
                Optional.of(SessionView.ReactionView.lastSignal(state.standing()))
                        .filter(entry -> state.reaction().isPresent())
                        .orElse(null),
                (int) state.standing().stream()
                        .filter(TreatGiven.class::isInstance)
                        .count(),
                session.catchingAt().orElse(null),
                state.pass().orElse(null));
    }
}
