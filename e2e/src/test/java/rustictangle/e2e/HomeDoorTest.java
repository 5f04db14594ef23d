package rustictangle.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLEngine;
import javax.net.ssl.TrustManager;
import javax.net.ssl.X509ExtendedTrustManager;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import rustictangle.e2e.views.SessionView;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The phone on the shelf gets in, and nobody else in the house or street. Two machines, joined by a cable. */
class HomeDoorTest extends Browsing {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int WRONG_CODES = 1000;
    private static final int HELD = 60;

    private static TwoMachines both;
    private final HttpClient http = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .sslContext(whateverItsCertificate())
            .build();
    private RunningApp app;

    @BeforeAll
    static void join() throws Exception {
        both = TwoMachines.joined();
    }

    @AfterAll
    static void part() throws Exception {
        both.close();
    }

    @BeforeEach
    void begins() throws Exception {
        app = RunningApp.anew(true);
    }

    @AfterEach
    void theDoorIsShut() throws Exception {
        for (JsonNode device : JSON.readTree(app.get("api/home-door")).get("devices")) {
            app.send("DELETE", "api/home-door/devices/" + device.get("id").asString(), "");
        }
        app.send("PUT", "api/home-door", "{}");
    }

    private String door() {
        return "https://" + TwoMachines.HERE + ":" + app.homePort();
    }

    private void open() throws Exception {
        app.send("PUT", "api/home-door", "{\"address\": \"" + TwoMachines.HERE + "\"}");
    }

    private String code(String name, String role) throws Exception {
        return JSON.readTree(app.send(
                        "POST", "api/home-door/offers", "{\"name\": \"%s\", \"role\": \"%s\"}".formatted(name, role)))
                .get("offer")
                .get("code")
                .asString();
    }

    private HttpResponse<String> ask(String method, String path, String json, String... headers) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(door() + path))
                .timeout(Duration.ofSeconds(60))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        json.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(json));
        for (int at = 0; at < headers.length; at += 2) {
            request.header(headers[at], headers[at + 1]);
        }
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** @return the cookie of a device that was let in */
    private String letIn(String role) throws Exception {
        HttpResponse<String> answer = ask("POST", "/api/pair", "{\"code\": \"" + code("by hand", role) + "\"}");
        assertEquals(200, answer.statusCode(), answer.body());
        String cookie = answer.headers().firstValue("Set-Cookie").orElseThrow();
        for (String guard : List.of("__Host-device=", "HttpOnly", "Secure", "SameSite=Strict", "Path=/")) {
            assertTrue(cookie.contains(guard), cookie);
        }
        return cookie.split(";")[0];
    }

    @Test
    void aFreshStartAnswersThisMachineOnly() throws Exception {
        assertEquals(" 000", TwoMachines.asks(door() + "/"));
        assertEquals(" 000", TwoMachines.asks("http://" + TwoMachines.HERE + ":" + app.port() + "/"));
        open();
        assertTrue(TwoMachines.asks(door() + "/pair").endsWith(" 200"));
        assertEquals(" 000", TwoMachines.asks("http://" + TwoMachines.HERE + ":" + app.port() + "/"));
        app.send("PUT", "api/home-door", "{}");
        assertEquals(" 000", TwoMachines.asks(door() + "/pair"));
    }

    @Test
    void aPhoneIsLetInBrushesLosesTheSignalAndAllArrivesOnce() throws Exception {
        Page laptop = laptop();
        laptop.navigate(app.url() + "settings");
        Locator section = laptop.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Also in our home"));
        button(laptop, Pattern.compile("^Open it( at 10\\.77\\.3\\.1)?$")).click();
        section.getByLabel("Its name").fill("the phone on the shelf");
        button(laptop, "Make a code").click();
        assertThat(laptop.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Code to scan")))
                .isVisible();
        Barriers.assertNone(laptop, "a code to scan");
        Matcher code = Pattern.compile("\\b([A-Z2-9]{5}) ([A-Z2-9]{5})\\b").matcher(section.innerText());
        assertTrue(code.find(), section.innerText());

        BrowserContext phone = elsewhere(TwoMachines.browser(folder));
        Page there = phone.newPage();
        assertEquals(401, there.navigate(door() + "/week").status());
        assertThat(heading(there, "This device was not let in")).isVisible();
        there.navigate(door() + "/pair#" + code.group(1) + code.group(2));
        // The same certificate is shown on both sides.
        String fingerprint =
                JSON.readTree(app.get("api/home-door")).get("fingerprint").asString();
        assertThat(there.getByText(fingerprint)).isVisible();
        Barriers.assertNone(there, "pairing");
        button(there, "Let this device in").click();
        assertThat(heading(there, "This device is let in")).isVisible();
        Locator putOut = laptop.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put out the phone on the shelf"));
        assertThat(putOut).isVisible();
        link(there, "To the dogs").click();
        assertThat(heading(there, "Today")).isVisible();

        String device = JSON.readTree(app.get("api/home-door"))
                .get("devices")
                .get(0)
                .get("id")
                .asString();
        String session = UUID.randomUUID().toString();
        app.send(
                "POST",
                "api/dogs/2/sessions",
                "{\"id\": \"%s\", \"sections\": [\"BACK\", \"CHEST\", \"EAR_LEFT\", \"THIGH_LEFT\", \"TAIL_WHOLE\"]}"
                        .formatted(session));
        there.navigate(door() + "/dogs/2/sessions/" + session);
        SessionView view = new SessionView(there).start();
        view.ranFree();
        both.signal(false);
        view.ranFree();
        assertThat(there.getByText(Pattern.compile("kept here"))).isVisible();
        both.signal(true);
        there.waitForCondition(() -> proved(session, device) == 2);
        there.reload();
        assertThat(view.next()).isVisible();
        assertEquals(2, proved(session, device), "each arrived once");
        there.keyboard().press("e");
        assertThat(heading(there, "Enough for today")).isVisible();
        assertThat(there.getByText("Said on the phone on the shelf.")).isVisible();

        // Taken out with one touch: what it bears opens nothing any more.
        putOut.click();
        assertThat(putOut).hasCount(0);
        there.navigate(door() + "/week");
        assertThat(heading(there, "This device was not let in")).isVisible();
    }

    /** Steps that were said to be done, by the device that was let in. */
    private int proved(String session, String device) {
        try (Connection opened = DriverManager.getConnection("jdbc:sqlite:" + app.data());
                PreparedStatement ask = opened.prepareStatement("SELECT count(*) FROM entry WHERE session_id = ? AND "
                        + "device = ? AND said ->> '$.type' = 'STEP_DONE'")) {
            ask.setString(1, session);
            ask.setString(2, device);
            try (ResultSet counted = ask.executeQuery()) {
                return counted.getInt(1);
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void whoWasNotLetInIsToldNothingAtAnyAddress() throws Exception {
        open();
        JsonNode paths = JSON.readTree(app.get("api/openapi.json")).get("paths");
        Map<String, Integer> answered = new TreeMap<>();
        int asked = 0;
        for (String path : paths.propertyNames()) {
            if (path.startsWith("/api/pair")) {
                continue;
            }
            for (String method : paths.get(path).propertyNames()) {
                String name = method.toUpperCase(Locale.ROOT);
                int status = ask(name, path.replaceAll("\\{[^}]+}", "1"), name.equals("GET") ? "" : "{}")
                        .statusCode();
                asked++;
                if (status != 401 && status != 403) {
                    answered.put(name + " " + path, status);
                }
            }
        }
        assertEquals(Map.of(), answered);
        assertTrue(asked > 120, asked + " were asked");
        for (String page : List.of("/", "/week", "/dogs/1/today", "/settings", "/notices-web.txt", "/%61pi/home")) {
            assertEquals(401, ask("GET", page, "").statusCode(), page);
        }
        assertTrue(TwoMachines.asks(door() + "/api/home").endsWith(" 401"));
    }

    @Test
    void aThousandGuessesNeverGetInAndLockNobodyOut() throws Exception {
        open();
        code("for nobody", "OWNERS");
        String answers = TwoMachines.asks(
                "--interface",
                TwoMachines.GUESSER,
                "-H",
                "Content-Type: application/json",
                "-d",
                "{\"code\": \"AAAAABBBBB\"}",
                "-D",
                "-",
                "-o",
                "/dev/null",
                door() + "/api/pair?guess=[1-" + WRONG_CODES + "]");
        assertFalse(answers.toLowerCase(Locale.ROOT).contains("set-cookie"), "nobody got in");
        assertEquals(WRONG_CODES, statuses(answers, "409") + statuses(answers, "429"));
        assertTrue(statuses(answers, "409") < 10, "five are heard, then there is a pause that grows");
        assertTrue(app.get("api/home").contains("Gannet"), "the owner is within as before");
        // From another place, with another code.
        letIn("OWNERS");
        String spent = code("once", "OWNERS");
        assertEquals(
                200, ask("POST", "/api/pair", "{\"code\": \"" + spent + "\"}").statusCode());
        assertEquals(
                409, ask("POST", "/api/pair", "{\"code\": \"" + spent + "\"}").statusCode());
    }

    private static long statuses(String heads, String status) {
        return Pattern.compile("HTTP/1.1 " + status).matcher(heads).results().count();
    }

    @Test
    void eachDeviceMayWhatItsRoleMay() throws Exception {
        open();
        String owners = letIn("OWNERS");
        String helpers = letIn("HELPERS");
        String childs = letIn("CHILDS");
        String life = "/api/dogs/2/life/2026-05-14/SWAM";
        String begin = "{\"id\": \"%s\", \"sections\": [\"BACK\"]}";
        assertEquals(200, ask("GET", "/api/home", "", "Cookie", owners).statusCode());
        assertEquals(200, ask("GET", "/api/home", "", "Cookie", childs).statusCode());
        assertEquals(2, ask("PUT", life, "", "Cookie", childs).statusCode() / 100);
        for (String atTheMachine : List.of(
                "/api/backup",
                "/api/export.json",
                "/api/export/sections.csv",
                "/api/kept-copies",
                "/api/home-door",
                "/api/calendar")) {
            assertEquals(403, ask("GET", atTheMachine, "", "Cookie", owners).statusCode(), atTheMachine);
        }
        assertEquals(403, ask("PUT", "/api/import.json", "{}", "Cookie", owners).statusCode());
        assertEquals(
                403,
                ask("POST", "/api/home-door/offers", "{}", "Cookie", owners).statusCode());
        for (String who : List.of(helpers, childs)) {
            assertEquals(403, ask("PUT", "/api/household", "{}", "Cookie", who).statusCode());
            assertEquals(403, ask("DELETE", "/api/dogs/1", "", "Cookie", who).statusCode());
            assertEquals(
                    403, ask("PUT", "/api/dogs/1/coat", "{}", "Cookie", who).statusCode());
            assertEquals(
                    403,
                    ask("PUT", "/api/dogs/2/closed/seen", "{}", "Cookie", who).statusCode());
        }
        assertEquals(
                403,
                ask("POST", "/api/dogs/3/practice-trials", "{}", "Cookie", childs)
                        .statusCode());
        assertEquals(
                403,
                ask("POST", "/api/dogs/2/care/done", "{}", "Cookie", childs).statusCode());
        assertEquals(
                400,
                ask("POST", "/api/dogs/2/care/done", "{}", "Cookie", helpers).statusCode());
        // A child's device brushes where a child's hand was chosen, and nowhere else.
        String refused = ask("POST", "/api/dogs/2/sessions", begin.formatted(UUID.randomUUID()), "Cookie", childs)
                .body();
        assertTrue(refused.contains("an adult chose a child’s hand"), refused);
        app.send("PUT", "api/dogs/2/approach", "{\"tips\": \"BY_SKIN\", \"mist\": \"BY_SKIN\", \"hand\": \"CHILD\"}");
        HttpResponse<String> begun =
                ask("POST", "/api/dogs/2/sessions", begin.formatted(UUID.randomUUID()), "Cookie", childs);
        assertEquals(2, begun.statusCode() / 100, begun.body());
        assertNotEquals(
                200,
                ask("GET", "/api/home", "", "Cookie", owners.substring(0, owners.length() - 1) + "_")
                        .statusCode());
    }

    @Test
    void whateverIsTriedAtTheDoorIsRefusedByName() throws Exception {
        open();
        String owners = letIn("OWNERS");
        String swam = "/api/dogs/2/life/2026-05-14/SWAM";
        assertEquals(
                403,
                ask("GET", "/api/home", "", "Cookie", owners, "Sec-Fetch-Site", "cross-site")
                        .statusCode());
        assertEquals(
                403,
                ask("PUT", swam, "", "Cookie", owners, "Origin", "https://example.org")
                        .statusCode());
        assertEquals(
                413,
                ask("POST", "/api/dogs", "x".repeat(3 << 20), "Cookie", owners).statusCode());
        assertEquals(
                406,
                ask("PUT", swam, "", "Cookie", owners, "Accept", "image/png").statusCode());
        String rebound = TwoMachines.asksFromHere("-H", "Host: rebound.example", door() + "/api/pair");
        assertTrue(rebound.endsWith(" 403"), rebound);
        String plain =
                TwoMachines.asksFromHere("-i", "http://" + TwoMachines.HERE + ":" + (app.homePort() + 1) + "/api/home");
        assertTrue(plain.contains("Location: " + door() + "/api/home") && plain.endsWith(" 308"), plain);
        HttpResponse<String> page = ask("GET", "/pair", "");
        assertTrue(
                page.headers().firstValue("Content-Security-Policy").orElse("").contains("frame-ancestors 'none'"));
        // It would forbid to go on past the warning that a home's own certificate gives.
        assertTrue(page.headers().firstValue("Strict-Transport-Security").isEmpty());
    }

    @Test
    void whoHoldsTheDoorKeepsNobodyOutForLong() throws Exception {
        open();
        String owners = letIn("OWNERS");
        List<Socket> held = new ArrayList<>();
        try {
            for (int one = 0; one < HELD; one++) {
                held.add(new Socket(TwoMachines.HERE, app.homePort()));
                held.add(new Socket("127.0.0.1", app.port()));
            }
            assertTrue(app.get("api/home").contains("Gannet"), "the machine itself answers at once");
            // Who only holds it is let go of after a while, and the next one comes in.
            String answer = TwoMachines.asks("--max-time", "90", "-H", "Cookie: " + owners, door() + "/api/home");
            assertTrue(answer.endsWith(" 200"), answer);
        } finally {
            for (Socket one : held) {
                one.close();
            }
        }
    }

    /** A home's certificate is vouched for by nobody outside; the test of the pages looks at its fingerprint. */
    private static SSLContext whateverItsCertificate() {
        try {
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, new TrustManager[] {new Anybody()}, new SecureRandom());
            return context;
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private static final class Anybody extends X509ExtendedTrustManager {

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, Socket socket) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, Socket socket) {}

        @Override
        public void checkClientTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

        @Override
        public void checkServerTrusted(X509Certificate[] chain, String type, SSLEngine engine) {}

        @Override
        public X509Certificate[] getAcceptedIssuers() {
            return new X509Certificate[0];
        }
    }
}
