package rustictangle.server.door;

import java.util.List;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;
import rustictangle.core.Choice;

/** What a device may do that comes in from the home. What is not named here is refused. */
public enum Role implements Choice {
    OWNERS(
            "an owner’s",
            "everything but what is done at the machine itself",
            List.of("GET /api/**", "POST /api/**", "PUT /api/**", "DELETE /api/**")),
    HELPERS(
            "a helper’s",
            "sees, brushes, practises, cares; changes nothing of dog, kit and settings",
            List.of(
                    "GET /api/**",
                    "POST /api/dogs/*/sessions/**",
                    "PUT /api/dogs/*/sessions/*/note",
                    "POST /api/dogs/*/practice-trials",
                    "DELETE /api/dogs/*/practice-trials/*",
                    "POST /api/dogs/*/practice-warnings",
                    "POST /api/dogs/*/lower-starts",
                    "POST /api/dogs/*/care/done",
                    "POST /api/dogs/*/care/warnings",
                    "DELETE /api/dogs/*/care/entries/*",
                    "POST /api/dogs/*/claws",
                    "POST /api/dogs/*/bath/**",
                    "POST /api/dogs/*/looks/**",
                    "POST /api/dogs/*/first-touch",
                    "PUT /api/dogs/*/life/**",
                    "DELETE /api/dogs/*/life/**",
                    "DELETE /api/dogs/*/today/*",
                    "POST /api/tools/*/cleaned",
                    "POST /api/tools/*/checks",
                    "PUT /api/lessons/*",
                    "POST /api/coat-doubts",
                    "POST /api/coat-finder/finding")),
    CHILDS(
            "a child’s",
            "sees; brushes a dog for which a child’s hand was chosen; says what the day did",
            List.of("GET /api/**", Role.CHILDS_SESSIONS, "PUT /api/dogs/*/life/**", "DELETE /api/dogs/*/life/**"));

    /** With an adult's hand chosen, the session would ask more of a child than a child may do. */
    private static final String CHILDS_SESSIONS = "POST /api/dogs/{dogId}/sessions/**";

    /** Done at the machine itself, whoever it is: what takes the data out, or in, or decides who comes in. */
    private static final List<PathPattern> AT_THE_MACHINE = patterns(
            "/api/backup",
            "/api/export.json",
            "/api/export/**",
            "/api/import.json",
            "/api/import/**",
            "/api/kept-copies/**",
            "/api/calendar/**",
            "/api/home-door/**",
            "/api/openapi.json",
            "/api/enter");

    private record Permit(String method, PathPattern path) {}

    private final Words words;
    private final List<Permit> permits;

    Role(String label, String hint, List<String> permits) {
        this.words = new Words(label, hint);
        this.permits = permits.stream()
                .map(permit -> permit.split(" "))
                .map(permit -> new Permit(permit[0], PathPatternParser.defaultInstance.parse(permit[1])))
                .toList();
    }

    @Override
    public Words words() {
        return words;
    }

    private static List<PathPattern> patterns(String... patterns) {
        return List.of(patterns).stream()
                .map(PathPatternParser.defaultInstance::parse)
                .toList();
    }

    /** Whether it is done at the machine itself, and nowhere else. */
    static boolean atTheMachine(String path) {
        PathContainer asked = PathContainer.parsePath(path);
        return AT_THE_MACHINE.stream().anyMatch(pattern -> pattern.matches(asked));
    }

    boolean may(String method, String path) {
        PathContainer asked = PathContainer.parsePath(path);
        return !atTheMachine(path)
                && permits.stream()
                        .anyMatch(permit -> permit.method().equals(method.equals("HEAD") ? "GET" : method)
                                && permit.path().matches(asked));
    }
}
