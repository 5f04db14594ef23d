package rustictangle.server.frame;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import rustictangle.server.RusticTangle;

/** Build step: writes the OpenAPI document of the running code, from which the web's types are made. */
final class OpenApiExport {

    private OpenApiExport() {}

    /** @param args the file to write */
    public static void main(String[] args) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("openapi").resolve("empty.db");
        try (var context = SpringApplication.run(
                RusticTangle.class,
                "--server.port=0",
                "--rustictangle.data=" + data,
                "--logging.level.rustictangle=warn")) {
            int port = Objects.requireNonNull(((WebServerApplicationContext) context).getWebServer())
                    .getPort();
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/openapi.json"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IOException("no OpenAPI document: " + answer.statusCode() + " " + answer.body());
            }
            Files.writeString(Path.of(args[0]), answer.body());
        }
    }
}
