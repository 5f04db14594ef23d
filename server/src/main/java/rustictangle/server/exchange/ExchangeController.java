package rustictangle.server.exchange;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import rustictangle.server.frame.KeptCopies;
import rustictangle.server.frame.ScreenFacts;

/** Everything out, and in again, in open formats. */
@RestController
record ExchangeController(ExportStore exports, TakeOver takeOver, KeptCopies copies, Clock clock)
        implements ScreenFacts {

    /** Everything that was entered; see docs/format.md. */
    @GetMapping("/api/export.json")
    ResponseEntity<StreamingResponseBody> json() {
        return file(MediaType.APPLICATION_JSON, "rustic-tangle-" + LocalDate.now(clock) + ".json", exports::json);
    }

    /** What was done at each place, as a table (RFC 4180). */
    @GetMapping("/api/export/sections.csv")
    ResponseEntity<StreamingResponseBody> sections() {
        return file(
                new MediaType("text", "csv", StandardCharsets.UTF_8),
                "sections-" + LocalDate.now(clock) + ".csv",
                exports::sections);
    }

    /** @param keptCopy under which name the data that was there before is kept, to be put back */
    record Taken(String keptCopy) {}

    /** An exported file takes the place of everything. */
    @PutMapping(value = "/api/import.json", consumes = MediaType.APPLICATION_JSON_VALUE)
    Taken replace(HttpServletRequest request) throws IOException {
        return new Taken(takeOver.everything(request.getInputStream(), request.getContentLengthLong()));
    }

    /** Adds what was done at each place; sessions that are known already stay as they are. */
    @PostMapping(value = "/api/import/sections.csv", consumes = "text/csv")
    TakeOver.Added add(HttpServletRequest request) throws IOException {
        return takeOver.places(request.getInputStream(), request.getContentLengthLong());
    }

    /** What is kept beside the data, the newest first. */
    @GetMapping("/api/kept-copies")
    List<KeptCopies.Copy> kept() {
        return copies.all();
    }

    /** Everything becomes as it is in that copy. */
    @PostMapping("/api/kept-copies/{name}/restore")
    Taken putBack(@PathVariable String name) {
        return new Taken(takeOver.putBack(name));
    }

    /** That copy is not wanted any more. */
    @DeleteMapping("/api/kept-copies/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String name) {
        copies.remove(name);
    }

    private static ResponseEntity<StreamingResponseBody> file(MediaType type, String name, StreamingResponseBody body) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(body);
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("mostKeptCopies", KeptCopies.MOST);
    }
}
