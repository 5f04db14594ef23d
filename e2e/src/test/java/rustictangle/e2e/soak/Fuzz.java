package rustictangle.e2e.soak;

import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import rustictangle.e2e.RunningApp;
import tools.jackson.databind.JsonNode;

/** Requests to every operation that the application says it has, some right, most a little wrong, a few hostile. */
final class Fuzz {

    private static final double HOSTILE = 0.12;
    private static final List<String> ODD_JSON = List.of(
            "null",
            "\"\"",
            "-1",
            "0",
            "1e999",
            "-1e999",
            "99999999999999999999",
            "\"NaN\"",
            "[]",
            "{}",
            "true",
            "[[[[1]]]]",
            "\"\\u0000\"",
            "\"'; DROP TABLE dog; --\"",
            "\"=1+1\"",
            "\"\ud83d\ude00\"",
            "\"+999999999-01-01\"",
            "\"" + "x".repeat(5000) + "\"",
            "1.5",
            "\"BACK\"");
    private static final List<String> ODD_TEXT = List.of(
            "",
            "-1",
            "0",
            "99999999999999999999",
            "x",
            "\u0000",
            "../..",
            "+999999999-01-01",
            "1e5",
            "NaN",
            "BACK",
            " ",
            "%",
            "x".repeat(3000));
    private static final List<String> ODD_ACCEPT =
            List.of("image/png", "text/html", "nonsense", "", "application/json;q=0");

    private final String base;
    private final JsonNode document;
    private final RandomGenerator random;
    /** Values of parameters under which something is stored. */
    private final Map<String, List<String>> known;

    Fuzz(String base, JsonNode document, Map<String, List<String>> known, RandomGenerator random) {
        this.base = base;
        this.document = document;
        this.known = known;
        this.random = random;
    }

    /** The paths that only read, with ids under which something is stored. */
    List<String> views(String dogId) {
        return document.get("paths")
                .propertyStream()
                .filter(path -> path.getValue().has("get"))
                .map(Map.Entry::getKey)
                .filter(path -> !path.contains("{") || path.matches("/api/dogs/\\{dogId}[^{]*"))
                .filter(path -> !path.matches(".*(practice|comparison|export|backup|fuss).*"))
                .map(path -> path.replace("{dogId}", dogId))
                .toList();
    }

    HttpRequest next() {
        List<Map.Entry<String, JsonNode>> paths =
                document.get("paths").propertyStream().toList();
        Map.Entry<String, JsonNode> path = paths.get(random.nextInt(paths.size()));
        List<Map.Entry<String, JsonNode>> methods =
                path.getValue().propertyStream().toList();
        Map.Entry<String, JsonNode> method = methods.get(random.nextInt(methods.size()));
        String body = body(method.getValue());
        HttpRequest.Builder request = RunningApp.asking(URI.create(base + address(path.getKey(), method.getValue())))
                .method(
                        method.getKey().toUpperCase(java.util.Locale.ROOT),
                        body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        if (body != null || random.nextInt(4) == 0) {
            String type = method.getValue()
                    .path("requestBody")
                    .path("content")
                    .propertyStream()
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse("application/json");
            request.header("Content-Type", hostile() ? "text/plain" : type);
        }
        if (hostile()) {
            request.header("Accept", one(ODD_ACCEPT));
        }
        if (hostile()) {
            request.header("Origin", "https://example.org");
        }
        return request.build();
    }

    private String address(String path, JsonNode operation) {
        String filled = path;
        List<String> query = new ArrayList<>();
        for (JsonNode parameter : operation.path("parameters")) {
            String name = parameter.get("name").asString();
            String value = text(name, parameter.path("schema"));
            if (parameter.get("in").asString().equals("path")) {
                filled = filled.replace("{" + name + "}", encoded(value.isEmpty() ? "-" : value));
            } else if (!hostile()) {
                query.add(name + "=" + encoded(value));
                if (hostile()) {
                    query.add(name + "=");
                }
            }
        }
        return filled + (query.isEmpty() ? "" : "?" + String.join("&", query));
    }

    private String text(String name, JsonNode schema) {
        if (hostile()) {
            return one(ODD_TEXT);
        }
        if (known.containsKey(name) && random.nextInt(6) != 0) {
            return one(known.get(name));
        }
        String json = value(schema, 0);
        return json.startsWith("\"") ? json.substring(1, json.length() - 1) : json;
    }

    private String body(JsonNode operation) {
        JsonNode content = operation.path("requestBody").path("content");
        if (content.isMissingNode()) {
            return null;
        }
        JsonNode schema = content.propertyStream()
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow()
                .path("schema");
        if (hostile()) {
            return one(List.of("", "{", "[", "not json", "{\"a\":1}", "\"text\"", "null", "{}".repeat(3)));
        }
        return value(schema, 0);
    }

    private String value(JsonNode given, int depth) {
        if (hostile() || depth > 6) {
            return one(ODD_JSON);
        }
        JsonNode schema =
                given.has("$ref") ? document.at(given.get("$ref").asString().substring(1)) : given;
        if (schema.has("enum")) {
            return schema.get("enum")
                    .get(random.nextInt(schema.get("enum").size()))
                    .toString();
        }
        return switch (schema.path("type").asString("object")) {
            case "boolean" -> String.valueOf(random.nextBoolean());
            case "integer" -> String.valueOf(random.nextInt(0, 60));
            case "number" -> String.valueOf(random.nextInt(0, 400) / 4.0);
            case "string" -> "\"" + string(schema.path("format").asString("")) + "\"";
            case "array" -> {
                int size = random.nextInt(0, 9);
                List<String> all = new ArrayList<>();
                for (int n = 0; n < size; n++) {
                    all.add(value(schema.path("items"), depth + 1));
                }
                yield "[" + String.join(",", all) + "]";
            }
            default ->
                schema.path("properties")
                        .propertyStream()
                        .filter(property -> random.nextInt(25) != 0)
                        .map(property -> "\"" + property.getKey() + "\":" + property(property, depth))
                        .collect(Collectors.joining(",", "{", "}"));
        };
    }

    private String property(Map.Entry<String, JsonNode> property, int depth) {
        return known.containsKey(property.getKey()) && !hostile()
                ? "\"" + one(known.get(property.getKey())) + "\""
                : value(property.getValue(), depth + 1);
    }

    private String string(String format) {
        return switch (format) {
            case "uuid" -> new java.util.UUID(random.nextLong(), random.nextLong()).toString();
            case "date" -> "2026-05-" + (10 + random.nextInt(10));
            case "date-time" -> "2026-05-1" + random.nextInt(10) + "T09:00:00Z";
            case "partial-time", "time" -> "2" + random.nextInt(4) + ":00";
            default -> one(List.of("EUR", "Gannet", "", "some words", "x".repeat(random.nextInt(80))));
        };
    }

    private boolean hostile() {
        return random.nextDouble() < HOSTILE;
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private static String encoded(String value) {
        return URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
