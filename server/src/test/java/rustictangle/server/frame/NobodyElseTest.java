package rustictangle.server.frame;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import rustictangle.server.ServerTest;

/** Only our own pages, on this machine, and words that tell whose mistake it was. */
class NobodyElseTest extends ServerTest {

    @Autowired
    private MockMvc mvc;

    @Test
    void anotherPageInTheSameBrowserChangesNothing() throws Exception {
        String address = read("/api/calendar").andReturn().getResponse().getContentAsString();
        for (String origin :
                new String[] {"https://example.org", "http://127.0.0.1:3000", "null", "http://localhost"}) {
            mvc.perform(renewal().header("Origin", origin))
                    .andExpect(status().isForbidden())
                    .andExpect(jsonPath("$.detail", containsString("Nothing was changed")));
        }
        mvc.perform(renewal().header("Sec-Fetch-Site", "cross-site")).andExpect(status().isForbidden());
        assertEquals(address, read("/api/calendar").andReturn().getResponse().getContentAsString());
        mvc.perform(renewal().header("Origin", "http://localhost:8417").header("Host", "localhost:8417"))
                .andExpect(status().isOk());
    }

    private static MockHttpServletRequestBuilder renewal() {
        return MockMvcRequestBuilders.post("/api/calendar").header("Host", "localhost:8417");
    }

    @Test
    void onlyThisMachineByItsOwnNameIsAnswered() throws Exception {
        mvc.perform(get("/api/household").with(request -> {
                    request.setServerName("rebound.example.org");
                    return request;
                }))
                .andExpect(status().isForbidden());
        mvc.perform(get("/api/household").with(request -> {
                    request.setRemoteAddr("192.0.2.7");
                    return request;
                }))
                .andExpect(status().isForbidden());
    }

    @Test
    void noPageOfOthersMayShowFrameOrKeepWhatIsAnswered() throws Exception {
        read("/api/household")
                .andExpect(header().string("Content-Security-Policy", containsString("frame-ancestors 'none'")))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(header().string("Referrer-Policy", "no-referrer"))
                .andExpect(header().string("Cross-Origin-Resource-Policy", "same-origin"))
                .andExpect(header().string("Cache-Control", containsString("no-store")));
    }

    @Test
    void anAnswerThatCannotBeGivenFollowsOnNothingThatWasDone() throws Exception {
        long dogs = jdbc.sql("SELECT count(*) FROM dog").query(Long.class).single();
        mvc.perform(MockMvcRequestBuilders.post("/api/dogs")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(dogJson("Oakum", "14"))
                        .accept("image/png"))
                .andExpect(status().isNotAcceptable());
        assertEquals(
                dogs, jdbc.sql("SELECT count(*) FROM dog").query(Long.class).single());
    }

    @Test
    void theDataIsForTheOwnersEyesOnly() throws Exception {
        assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(data.file())));
        PrivateFiles.createFolders(data.file().resolveSibling("new").resolve("deeper"));
        assertEquals(
                "rwx------",
                PosixFilePermissions.toString(
                        Files.getPosixFilePermissions(data.file().resolveSibling("new"))));
    }

    @Test
    void whatIsWrongIsNamedWithWhatWouldBeRight() throws Exception {
        long dog = addKnownDog("Gannet");
        post("/api/dogs", dogJson("Oakum", "14").replace("\"flatFace\": false,", ""))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("flatFace"))
                .andExpect(jsonPath("$.fields[0].message").value("Missing. Say true or false."));
        post("/api/dogs", dogJson("Oakum", "\"heavy\""))
                .andExpect(jsonPath("$.fields[0].message", containsString("Give a number")));
        post("/api/dogs", dogJson("Oakum", "14").replace("\"ADULT\"", "1")).andExpect(status().isBadRequest());
        read("/api/dogs/" + dog + "/routine?scope=SIDEWAYS")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("scope"))
                .andExpect(jsonPath("$.fields[0].message", containsString("WHOLE")));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/life/yesterday/SWAM", "")
                .andExpect(jsonPath("$.fields[0].message", containsString("such as 2026-05-14")));
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/readings/BODY/-999999999-01-01", "{\"millimetres\": 40}")
                .andExpect(status().isBadRequest());
        send(
                        HttpMethod.PUT,
                        "/api/dogs/" + dog + "/groom-price",
                        "{\"price\": 1e999, \"tip\": 0, \"credit\": 0, \"membership\": 0}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("price"));
        read("/api/dogs/" + dog + "/fuss-or-fear?seen=TREMBLES&seen=").andExpect(status().isOk());
        read("/api/nowhere").andExpect(status().isNotFound());
    }

    @Test
    void aDefectIsOursAndIsFoundAgainInTheLogByItsNumber() throws Exception {
        // A word that no version has ever written: what was stored is not the owner's mistake.
        long dog = addKnownDog("Gannet");
        jdbc.sql("UPDATE region_coat SET kind = 'FURRY' WHERE dog_id = ? AND region = 'BODY'")
                .param(dog)
                .update();
        String said = read("/api/dogs/" + dog + "/coat")
                .andExpect(status().isInternalServerError())
                .andExpect(jsonPath("$.type").value("urn:rustic-tangle:defect"))
                .andExpect(jsonPath("$.id").isNotEmpty())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertFalse(said.contains("rustictangle.") || said.contains("FURRY"), said);
        jdbc.sql("UPDATE region_coat SET kind = 'CURLY' WHERE dog_id = ?")
                .param(dog)
                .update();
    }

    @Test
    void tooMuchIsNotEvenRead() throws Exception {
        String huge = "x".repeat(3 << 20);
        long dog = addKnownDog("Gannet");
        sendCalendar("/api/dogs/" + dog + "/groom-calendar", huge)
                .andExpect(status().isContentTooLarge())
                .andExpect(jsonPath("$.detail", containsString("At most 2 MB")));
        post("/api/dogs", dogJson(huge, "14")).andExpect(status().isContentTooLarge());
        read("/api/dogs/" + dog + "/visits").andExpect(jsonPath("$.past", hasSize(0)));
        assertTrue(jdbc.sql("SELECT max(length(name)) FROM dog")
                        .query(Integer.class)
                        .single()
                <= 40);
    }
}
