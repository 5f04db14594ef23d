package rustictangle.server.exchange;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import rustictangle.server.frame.DataReplaced;

/** Everything out, and in again, in open formats. */
@RestController
class ExchangeController {

    private final ExportStore exports;
    private final ImportStore imports;
    private final SectionImportStore sections;
    private final ApplicationEventPublisher replaced;
    private final Clock clock;

    ExchangeController(ExportStore exports, ImportStore imports, SectionImportStore sections, ApplicationEventPublisher replaced,
            Clock clock) {
        this.exports = exports;
        this.imports = imports;
        this.sections = sections;
        this.replaced = replaced;
        this.clock = clock;
    }

    /** Everything that was entered; see docs/format.md. */
    @GetMapping("/api/export.json")
    ResponseEntity<StreamingResponseBody> json() {
        return file(MediaType.APPLICATION_JSON, "rustic-tangle-" + LocalDate.now(clock) + ".json", exports::json);
    }

    /** What was done at each place, as a table (RFC 4180). */
    @GetMapping("/api/export/sections.csv")
    ResponseEntity<StreamingResponseBody> sections() {
        return file(new MediaType("text", "csv", StandardCharsets.UTF_8), "sections-" + LocalDate.now(clock) + ".csv", exports::sections);
    }

    /** Takes an exported file in the place of everything. */
    @PutMapping(value = "/api/import.json", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void replace(InputStream file) {
        imports.json(file);
        replaced.publishEvent(new DataReplaced());
    }

    /** @param places that were added */
    record Added(int places) { }

    /** Adds what was done at each place; sessions that are known already stay as they are. */
    @PostMapping(value = "/api/import/sections.csv", consumes = "text/csv")
    Added add(InputStream file) {
        int places = sections.csv(file);
        replaced.publishEvent(new DataReplaced());
        return new Added(places);
    }

    private static ResponseEntity<StreamingResponseBody> file(MediaType type, String name, StreamingResponseBody body) {
        return ResponseEntity.ok().contentType(type).header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"").body(body);
    }
}
