package rustictangle.server.frame;

import java.io.IOException;
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

/** Everything, as one SQLite file to keep elsewhere. */
@RestController
record BackupController(Backups backups, Clock clock) {

    @GetMapping("/api/backup")
    ResponseEntity<StreamingResponseBody> backup() throws IOException {
        Path copy = backups.take();
        StreamingResponseBody body = out -> {
            try {
                Files.copy(copy, out);
            } finally {
                Files.deleteIfExists(copy);
            }
        };
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"rustic-tangle-" + LocalDate.now(clock) + ".db\"")
                .body(body);
    }
}
