package rustictangle.server.door;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import rustictangle.server.frame.Settings;
import rustictangle.server.frame.WayIn;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A code for one more device, from the command line: {@code rustic-tangle --let-in "the phone" helpers}. For a machine
 * without a screen; the one that runs is asked, with the key that only its owner can read.
 */
public final class LetIn {

    private static final String OPTION = "--let-in";

    private LetIn() {}

    public static boolean isAsked(List<String> args) {
        return args.contains(OPTION);
    }

    /** @return 0: a code was said */
    public static int run(List<String> args) {
        List<String> said = args.subList(args.indexOf(OPTION) + 1, args.size());
        String name = said.isEmpty() ? "a device" : said.get(0);
        String role = said.size() < 2 ? Role.OWNERS.name() : said.get(1).toUpperCase(Locale.ROOT);
        if (Arrays.stream(Role.values()).noneMatch(one -> one.name().equals(role))) {
            return failed("It can be owners, helpers or childs, not " + said.get(1) + ".");
        }
        Path file =
                WayIn.beside(new Settings(System.getenv("RUSTIC_TANGLE_DATA"), null, false, null, false).dataFile());
        try {
            String[] wayIn = Files.readString(file).strip().split("enter#");
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(wayIn[0] + "api/home-door/offers"))
                                    .header("Authorization", "Bearer " + wayIn[1])
                                    .header("Content-Type", "application/json")
                                    .POST(HttpRequest.BodyPublishers.ofString(
                                            new JsonMapper().writeValueAsString(Map.of("name", name, "role", role))))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            JsonNode view = new JsonMapper().readTree(answer.body());
            @Nullable JsonNode offer = view.get("offer");
            if (offer == null) {
                return failed(view.path("detail").asString("It did not answer."));
            }
            System.out.println("Open " + offer.get("url").asString().split("#")[0] + " there and type "
                    + offer.get("code").asString() + " (good once, for " + Pairing.GOOD_FOR.toMinutes() + " minutes)");
            return 0;
        } catch (IOException notRunning) {
            return failed("Rustic Tangle does not answer: is it running with the data beside " + file + "?");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return failed("Interrupted.");
        }
    }

    private static int failed(String why) {
        System.err.println(why);
        return 1;
    }
}
