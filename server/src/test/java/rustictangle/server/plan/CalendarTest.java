package rustictangle.server.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import com.jayway.jsonpath.JsonPath;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import rustictangle.server.ServerTest;

/** The calendar (RFC 5545), read back by a second library that had no part in writing it. */
class CalendarTest extends ServerTest {

    private long dog;
    private LocalDate today;

    @BeforeEach
    void aDogWithAnAppointmentPastTheAutumnChangeOfClocks() throws Exception {
        dog = addKnownDog("Gannet, the wet; one");
        today = LocalDate.parse(JsonPath.read(text("/api/home"), "$.today"));
        send(HttpMethod.PUT, groom() + "/" + today.plusDays(200), "").andExpect(status().isOk());
    }

    @AfterEach
    void onlyOneDogAtATime() throws Exception {
        send(HttpMethod.DELETE, "/api/dogs/" + dog, "");
    }

    @Test
    void everyDayOfThePlanAndTheAppointmentAreReadBackOnTheirDays() throws Exception {
        List<VEvent> events = read();
        List<String> brushed = JsonPath.read(text("/api/week"), "$.days[?(@.seconds > 0)].day");
        List<String> written = events.stream()
                .filter(event -> event.getUid().getValue().startsWith("brush-"))
                .map(CalendarTest::day)
                .toList();
        assertEquals(brushed, written);
        VEvent visit = visit(events);
        assertEquals(today.plusDays(200).toString(), day(visit), "past the change of clocks it is the same day");
        assertEquals("Groomer: Gannet, the wet; one", visit.getSummary().getValue());
        assertTrue(events.stream().allMatch(event -> event.getDateTimeStamp() != null));
        assertEquals(
                List.of(),
                Biweekly.parse(ics()).first().validate(ICalVersion.V2_0).getWarnings());
    }

    /** What comes every day or two is no date; all else at the table is. */
    @Test
    void theJobsAtTheTableStandOnTheirDays() throws Exception {
        List<VEvent> care = read().stream()
                .filter(event -> event.getUid().getValue().startsWith("care-"))
                .toList();
        List<String> days = JsonPath.read(text("/api/week"), "$.days[?('LOOK_OVER' in @.care[*].job)].day");
        assertTrue(
                !days.isEmpty() && care.stream().map(CalendarTest::day).toList().containsAll(days), days.toString());
        VEvent first = care.get(0);
        assertEquals(today.toString(), day(first));
        assertEquals("Gannet, the wet; one: look-over", first.getSummary().getValue());
        assertTrue(care.stream()
                .noneMatch(event -> event.getSummary().getValue().contains("teeth")
                        && !event.getSummary().getValue().contains(",")));
    }

    @Test
    void anHourStandsOnTheClockOnTheWallBeforeAndAfterTheChange() throws Exception {
        for (LocalDate day : List.of(today.plusDays(30), today.plusDays(200))) {
            send(HttpMethod.PUT, groom() + "/" + day + "?hour=09:30", "")
                    .andExpect(jsonPath("$.hour").value("09:30:00"));
            VEvent visit = visit(read());
            assertTrue(visit.getDateStart().getValue().hasTime());
            assertEquals(
                    day.atTime(9, 30).atZone(ZoneId.of("Europe/London")).toInstant(),
                    visit.getDateStart().getValue().toInstant());
        }
        send(HttpMethod.PUT, groom() + "/" + today.plusDays(30) + "?hour=25:00", "")
                .andExpect(status().isBadRequest());
        super.read("/api/dogs/" + dog + "/visits")
                .andExpect(jsonPath("$.next").value(today.plusDays(200).toString()));
    }

    @Test
    void aMovedAppointmentIsTheSameOneOnAnotherDayAndNothingIsThereTwice() throws Exception {
        String before = visit(read()).getUid().getValue();
        send(HttpMethod.PUT, groom() + "/" + today.plusDays(30), "").andExpect(status().isOk());
        VEvent moved = visit(read());
        assertEquals(before, moved.getUid().getValue());
        assertEquals(today.plusDays(30).toString(), day(moved));
        Map<String, Long> times = read().stream()
                .collect(Collectors.groupingBy(event -> event.getUid().getValue(), Collectors.counting()));
        assertTrue(times.values().stream().allMatch(count -> count == 1), times.toString());
    }

    @Test
    void whoeverHasTheOldAddressReadsNothingAfterItWasRenewed() throws Exception {
        String old = JsonPath.read(text("/api/calendar"), "$.path");
        assertEquals(old, JsonPath.read(text("/api/calendar"), "$.path"));
        post("/api/calendar", "").andExpect(status().isOk());
        super.read(old).andExpect(status().isNotFound());
        super.read(JsonPath.read(text("/api/calendar"), "$.path")).andExpect(status().isOk());
    }

    @Test
    void aGroomersFileSetsTheNextGroomOnTheDayItIsHere() throws Exception {
        String late = today.plusDays(40).toString().replace("-", "");
        take(
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//groomer//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:"
                        + late + "T233000Z\r\nSUMMARY:Full groom\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
                200);
        // 23:30 in Greenwich is half past midnight of the next day in a London summer.
        super.read("/api/dogs/" + dog + "/visits")
                .andExpect(jsonPath("$.next").value(today.plusDays(41).toString()));
    }

    /** A salon's program may write zones of its own; a bad event beside a good one spoils nothing. */
    @Test
    void aZoneThatNobodyKnowsIsTakenAsTheHouseholdsAndSaidAndABadEventSpoilsNoGoodOne() throws Exception {
        String day = today.plusDays(33).toString().replace("-", "");
        String event =
                "BEGIN:VEVENT\r\nUID:%d\r\nDTSTAMP:20260101T000000Z\r\nDTSTART%s\r\nSUMMARY:Full groom\r\nEND:VEVENT\r\n";
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//groomer//EN\r\n%sEND:VCALENDAR\r\n";
        for (String zone : List.of(";TZID=Salon Time", ";TZID=Mars/Olympus", ";TZID=\"W. Nowhere\"")) {
            for (String bad : List.of(
                    "", ":99999999T996000", ";TZID=Mars/Olympus:20260231T100000", ":soon", ";VALUE=DATE:2026")) {
                String events = (bad.isEmpty() ? "" : event.formatted(1, bad))
                        + event.formatted(2, zone + ":" + day + "T103000");
                sendCalendar("/api/dogs/" + dog + "/groom-calendar", file.formatted(events))
                        .andExpect(status().isOk())
                        .andExpect(jsonPath("$.day").value(today.plusDays(33).toString()))
                        .andExpect(jsonPath("$.hour").value("10:30:00"))
                        .andExpect(jsonPath("$.zoneUnknown").value(true));
            }
        }
        sendCalendar("/api/dogs/" + dog + "/groom-calendar", file.formatted(event.formatted(3, ":" + day + "T090000Z")))
                .andExpect(jsonPath("$.zoneUnknown").value(false));
        sendCalendar("/api/dogs/" + dog + "/groom-calendar", file.formatted(event.formatted(4, ":20260231T100000")))
                .andExpect(status().isBadRequest());
    }

    @Test
    void aForeignOrBrokenFileIsRefusedAndTheAppointmentStays() throws Exception {
        for (String bad : List.of(
                "",
                "nothing",
                "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:2026",
                "{\"day\": 1}",
                "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nEND:VCALENDAR\r\n")) {
            take(bad, 400);
        }
        super.read("/api/dogs/" + dog + "/visits")
                .andExpect(jsonPath("$.next").value(today.plusDays(200).toString()));
    }

    private void take(String file, int status) throws Exception {
        assertEquals(
                status,
                sendCalendar("/api/dogs/" + dog + "/groom-calendar", file)
                        .andReturn()
                        .getResponse()
                        .getStatus(),
                file);
    }

    private String groom() {
        return "/api/dogs/" + dog + "/groom";
    }

    private VEvent visit(List<VEvent> events) throws Exception {
        return events.stream()
                .filter(event -> event.getSummary().getValue().startsWith("Groomer"))
                .reduce((first, last) -> last)
                .orElseThrow();
    }

    private List<VEvent> read() throws Exception {
        ICalendar calendar = Biweekly.parse(ics()).first();
        return calendar.getEvents();
    }

    private String ics() throws Exception {
        return text(JsonPath.read(text("/api/calendar"), "$.path"));
    }

    private String text(String path) throws Exception {
        return super.read(path)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    /** A whole day has no time that a zone could move. */
    private static String day(VEvent event) {
        assertTrue(!event.getDateStart().getValue().hasTime());
        var raw = event.getDateStart().getValue().getRawComponents();
        return LocalDate.of(raw.getYear(), raw.getMonth(), raw.getDate()).toString();
    }
}
