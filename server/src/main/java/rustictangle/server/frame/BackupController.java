package rustictangle.server.frame;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Everything, to keep elsewhere: as the data file itself, or in open formats. */
@RestController
class BackupController {

    private final BackupStore store;
    private final ExportStore exports;
    private final Clock clock;

    BackupController(BackupStore store, ExportStore exports, Clock clock) {
        this.store = store;
        this.exports = exports;
        this.clock = clock;
    }

    @GetMapping("/api/backup")
    ResponseEntity<StreamingResponseBody> backup() throws IOException {
        Path copy = store.take();
        StreamingResponseBody body = out -> {
            try {
                Files.copy(copy, out);
            } finally {
                Files.deleteIfExists(copy);
            }
        };
        return file(MediaType.APPLICATION_OCTET_STREAM, "rustic-tangle-" + LocalDate.now(clock) + ".db", body);
    }

    /** Everything that was entered, in an open format; see docs/format.md. */
    @GetMapping("/api/export.json")
    ResponseEntity<StreamingResponseBody> json() {
        return file(MediaType.APPLICATION_JSON, "rustic-tangle-" + LocalDate.now(clock) + ".json", exports::json);
    }

    /** What was done at each place, as a table (RFC 4180). */
    @GetMapping("/api/export/sections.csv")
    ResponseEntity<StreamingResponseBody> sections() {
        return file(new MediaType("text", "csv", StandardCharsets.UTF_8), "sections-" + LocalDate.now(clock) + ".csv", exports::sections);
    }

    private static ResponseEntity<StreamingResponseBody> file(MediaType type, String name, StreamingResponseBody body) {
        return ResponseEntity.ok().contentType(type).header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"").body(body);
    }
}
