package rustictangle.server.door;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.http.Cookie;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;
import rustictangle.server.StandIns;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Who else uses this machine sees and changes nothing. */
class OwnDoorTest extends ServerTest {

    @Autowired
    private JsonMapper json;

    @Autowired
    private OwnKey key;

    /** A browser that was not let in. */
    private ResultActions stranger(HttpMethod method, String path) throws Exception {
        return mvc.perform(request(method, URI.create(path)).header(HttpHeaders.AUTHORIZATION, "none"));
    }

    @Test
    void withoutTheKeyNoAddressOfTheHouseholdAnswers() throws Exception {
        JsonNode paths = json.readTree(body("/api/openapi.json")).get("paths");
        List<String> answered = new ArrayList<>();
        int asked = 0;
        for (String path : paths.propertyNames()) {
            for (String method : paths.get(path).propertyNames()) {
                if (path.equals("/api/enter") || path.equals("/api/calendar/{key}.ics")) {
                    continue;
                }
                asked++;
                String concrete = path.replaceAll("\\{[^}]+}", "1");
                int status = stranger(HttpMethod.valueOf(method.toUpperCase(Locale.ROOT)), concrete)
                        .andReturn()
                        .getResponse()
                        .getStatus();
                if (status != 401) {
                    answered.add(method + " " + path + " " + status);
                }
            }
        }
        assertEquals(List.of(), answered);
        assertTrue(asked > 120, asked + " were asked");
    }

    @Test
    void anAddressWrittenInAnotherWayIsTheSameAddress() throws Exception {
        for (String path :
                List.of("/%61pi/home", "/api%2Fhome", "//api/home", "/api/./home", "/x/../api/home", "/api;x/home")) {
            int status =
                    stranger(HttpMethod.GET, path).andReturn().getResponse().getStatus();
            assertTrue(status >= 400, path + " answered " + status);
        }
        stranger(HttpMethod.GET, "/%61pi/home").andExpect(status().isUnauthorized());
    }

    @Test
    void thePageItselfShowsHowToGetIn() throws Exception {
        stranger(HttpMethod.GET, "/api/home")
                .andExpect(jsonPath("$.type").value("urn:rustic-tangle:who"))
                .andExpect(jsonPath("$.detail", containsString(".way-in")));
    }

    @Test
    void theKeyBecomesACookieThatScriptsAndOtherSitesNeverSee() throws Exception {
        post("/api/enter", "{\"key\": \"" + "x".repeat(43) + "\"}").andExpect(status().is4xxClientError());
        post("/api/enter", "{\"key\": \"" + StandIns.KEY + "\"}")
                .andExpect(status().isNoContent())
                .andExpect(header().string(
                                HttpHeaders.SET_COOKIE,
                                allOf(containsString("HttpOnly"), containsString("SameSite=Strict"))));
        withCookie("door-80", StandIns.KEY).andExpect(status().isOk());
        withCookie("door-80", "y".repeat(43)).andExpect(status().isUnauthorized());
        // Of another instance on this machine.
        withCookie("door-81", StandIns.KEY).andExpect(status().isUnauthorized());
    }

    private ResultActions withCookie(String name, String value) throws Exception {
        return mvc.perform(request(HttpMethod.GET, "/api/home")
                .header(HttpHeaders.AUTHORIZATION, "none")
                .cookie(new Cookie(name, value)));
    }

    @Test
    void aForeignPageIsNotEvenAnswered() throws Exception {
        mvc.perform(request(HttpMethod.GET, "/api/backup").header("Sec-Fetch-Site", "cross-site"))
                .andExpect(status().isForbidden());
        // Another program's page on this machine is another site's port.
        mvc.perform(request(HttpMethod.GET, "/api/home").header("Sec-Fetch-Site", "same-site"))
                .andExpect(status().isForbidden());
        mvc.perform(request(HttpMethod.POST, "/api/dogs")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(dogJson("Oakum", "14"))
                        .header(HttpHeaders.ORIGIN, "http://127.0.0.1:9999"))
                .andExpect(status().isForbidden());
    }

    @Test
    void theWayInIsForTheOwnersEyesAndStaysTheSame() throws Exception {
        String first = key.open(8417);
        assertEquals("http://127.0.0.1:8417/enter#" + StandIns.KEY, first);
        Path file = key.file();
        assertEquals(first, Files.readString(file).strip());
        assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(file)));
        assertEquals(first, new OwnKey(data, false).open(8417));
        assertFalse(new OwnKey(data, true).asked(), "the demo household is made up, and open");
    }
}
