package rustictangle.server.care;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.sqlite.SQLiteDataSource;
import rustictangle.server.ServerTest;

/** Look-overs with their photos; in a household of its own, as that of the other tests grows large to take over. */
class LookTest extends ServerTest {

    private static byte[] picture(String format, int width, int height) throws Exception {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.ORANGE);
        pen.fillOval(0, 0, width, height);
        pen.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    /** A camera writes where and when into a segment of its own (JPEG APP1, Exif; CIPA DC-008, from memory). */
    private static byte[] withPlace(byte[] jpeg) throws Exception {
        byte[] told =
                "Exif\0\0MM\0*\0\0\0\bGPSLatitude 51 28 38 N 2026:05:14 09:12:33".getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.write(jpeg, 0, 2);
        all.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (told.length + 2)});
        all.write(told);
        all.write(jpeg, 2, jpeg.length - 2);
        return all.toByteArray();
    }

    private ResultActions found(long dog, String section, String what) throws Exception {
        return post(
                "/api/dogs/" + dog + "/looks",
                "{\"id\": \"%s\", \"section\": \"%s\", \"words\": \"\", \"what\": \"%s\"}"
                        .formatted(UUID.randomUUID(), section, what));
    }

    private ResultActions look(long dog, String section, String words, byte[] photo) throws Exception {
        String picture = photo == null ? "null" : "\"" + Base64.getEncoder().encodeToString(photo) + "\"";
        return post(
                "/api/dogs/" + dog + "/looks",
                "{\"id\": \"%s\", \"section\": \"%s\", \"words\": \"%s\", \"photo\": %s}"
                        .formatted(UUID.randomUUID(), section, words, picture));
    }

    private byte[] photoOf(long dog, ResultActions looks) throws Exception {
        String view = looks.andReturn().getResponse().getContentAsString();
        List<String> ids = JsonPath.read(view, "$.looks[*].photo");
        return read("/api/dogs/" + dog + "/looks/photos/" + ids.get(0))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    @Test
    void aPhotoIsMadeSmallAndLeavesWhereAndWhenItWasTakenBehind() throws Exception {
        long dog = addKnownDog("Gannet");
        byte[] sent = withPlace(picture("jpeg", 3000, 2000));
        assertTrue(new String(sent, StandardCharsets.ISO_8859_1).contains("GPSLatitude"));
        byte[] kept = photoOf(dog, look(dog, "ARMPIT_LEFT", "red", sent));
        String raw = new String(kept, StandardCharsets.ISO_8859_1);
        assertFalse(raw.contains("Exif") || raw.contains("GPS") || raw.contains("2026:05:14"));
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(kept));
        assertEquals(1024, image.getWidth());
        assertEquals(683, image.getHeight());
        assertTrue(kept.length < 200_000, kept.length + " bytes");
    }

    @Test
    void aDrawingInPngComesInAndASmallOneStaysAsLarge() throws Exception {
        long dog = addKnownDog("Gannet");
        byte[] kept = photoOf(dog, look(dog, "BACK", "", picture("png", 300, 200)));
        assertEquals(300, ImageIO.read(new ByteArrayInputStream(kept)).getWidth());
    }

    @Test
    void whatIsNoPhotoIsRefusedWithTheFieldTheLimitAndTheWayOut() throws Exception {
        long dog = addKnownDog("Gannet");
        byte[] svg = "<svg xmlns=\"http://www.w3.org/2000/svg\"><script>alert(1)</script></svg>"
                .getBytes(StandardCharsets.UTF_8);
        byte[] jpeg = picture("jpeg", 400, 300);
        for (byte[] none : List.of(
                svg,
                "a text named photo.jpg".getBytes(StandardCharsets.UTF_8),
                new byte[0],
                picture("bmp", 200, 200),
                picture("gif", 200, 200),
                java.util.Arrays.copyOf(jpeg, 120))) {
            look(dog, "BACK", "", none)
                    .andExpect(status().isBadRequest())
                    .andExpect(jsonPath("$.fields[0].field").value("photo"))
                    .andExpect(jsonPath("$.fields[0].message", containsString("JPEG or PNG")));
        }
        look(dog, "BACK", "", picture("png", 1, 100_000))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("1 by 100000 points")))
                .andExpect(jsonPath("$.fields[0].message", containsString("16 to 12000")));
        look(dog, "BACK", "", new byte[40 * 1024 * 1024])
                .andExpect(status().is(413))
                .andExpect(jsonPath("$.detail", containsString("At most 16 MB")));
        look(dog, "BACK", "", null).andExpect(jsonPath("$.fields[0].field").value("words"));
        look(dog, "BACK", "x".repeat(1001), null).andExpect(status().isBadRequest());
        read("/api/dogs/" + dog + "/looks").andExpect(jsonPath("$.looks", hasSize(0)));
    }

    /** A lump of Sunday is on Friday's sheet, whatever was looked over since, until a vet has seen it or it is gone. */
    @Test
    void whatWasFoundStaysOnTheSheetUntilItIsGoneOrAVetHasSeenIt() throws Exception {
        long dog = addKnownDog("Gannet");
        look(dog, "CHEST", "a scab", null);
        post(
                "/api/dogs/" + dog + "/care/done",
                "{\"id\": \"%s\", \"job\": \"LOOK_OVER\", \"outcome\": \"DONE\", \"words\": \"\"}"
                        .formatted(UUID.randomUUID()));
        daysPass(7);
        look(dog, "BELLY", "a tick", null)
                .andExpect(jsonPath("$.looks", hasSize(2)))
                .andExpect(jsonPath("$.open", hasSize(2)))
                .andExpect(jsonPath("$.open[0].words").value("a tick"));
        read("/api/dogs/" + dog + "/care-sheet")
                .andExpect(jsonPath("$.open[*].section", contains("BELLY", "CHEST")))
                .andExpect(jsonPath("$.done[?(@.job == 'NAILS')]", hasSize(1)));
        found(dog, "BELLY", "GONE").andExpect(jsonPath("$.open[*].section", contains("CHEST")));
        found(dog, "ARMPIT_LEFT", "SORE").andExpect(jsonPath("$.open", hasSize(2)));
        read("/api/dogs/" + dog + "/when")
                .andExpect(jsonPath("$.closed[*].section", contains("ARMPIT_LEFT")))
                .andExpect(
                        jsonPath("$.closed[0].why.text", containsString("hot, red, wet or broken skin. A vet looks")));
        post(
                        "/api/dogs/" + dog + "/looks/ARMPIT_LEFT/seen",
                        "{\"id\": \"%s\", \"words\": \"Salve.\"}".formatted(UUID.randomUUID()))
                .andExpect(jsonPath("$.open[*].section", contains("CHEST")));
        read("/api/dogs/" + dog + "/when").andExpect(jsonPath("$.closed", hasSize(0)));
        found(dog, "BACK", "CRIED").andExpect(status().isOk());
        found(dog, "BACK", "CRIED").andExpect(jsonPath("$.open[0].what").value("CRIED"));
        read("/api/dogs/" + dog + "/when").andExpect(jsonPath("$.closed", hasSize(0)));
        daysPass(1);
        found(dog, "BACK", "CRIED").andExpect(jsonPath("$.open[0].what").value("CRIED_AGAIN"));
        read("/api/dogs/" + dog + "/when").andExpect(jsonPath("$.closed[*].section", contains("BACK")));
        found(dog, "BACK", "WING").andExpect(status().isBadRequest());
    }

    @Test
    void aLookTakenBackTakesItsPhotoWithIt() throws Exception {
        long dog = addKnownDog("Gannet");
        String view = look(dog, "BACK", "", picture("jpeg", 400, 300))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String entry = JsonPath.<List<String>>read(view, "$.looks[*].entry").get(0);
        String photo = JsonPath.<List<String>>read(view, "$.looks[*].photo").get(0);
        send(HttpMethod.DELETE, "/api/dogs/" + dog + "/looks/" + entry, "").andExpect(jsonPath("$.looks", hasSize(0)));
        read("/api/dogs/" + dog + "/looks/photos/" + photo).andExpect(status().isNotFound());
        long other = addKnownDog("Oakum");
        read("/api/dogs/" + other + "/looks/photos/" + photo).andExpect(status().isNotFound());
    }

    @Test
    void photosComeThroughExportAndImportByteForByte() throws Exception {
        long dog = addKnownDog("Gannet");
        ResultActions looked = look(dog, "BACK", "", picture("jpeg", 900, 700));
        byte[] before = photoOf(dog, looked);
        byte[] file = streamed("/api/export.json");
        assertEquals(
                200,
                sendBytes("/api/import.json", file).andReturn().getResponse().getStatus());
        assertArrayEquals(before, photoOf(dog, read("/api/dogs/" + dog + "/looks")));
        assertArrayEquals(file, streamed("/api/export.json"));
        String foreign =
                new String(file, StandardCharsets.UTF_8).replaceAll("\"jpeg\":\"[^\"]+\"", "\"jpeg\":\"PHN2Zz4=\"");
        assertEquals(
                400,
                sendBytes("/api/import.json", foreign.getBytes(StandardCharsets.UTF_8))
                        .andReturn()
                        .getResponse()
                        .getStatus());
        String broken =
                new String(file, StandardCharsets.UTF_8).replaceAll("\"jpeg\":\"[^\"]{8}", "\"jpeg\":\"<script>");
        assertEquals(
                400,
                sendBytes("/api/import.json", broken.getBytes(StandardCharsets.UTF_8))
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertArrayEquals(before, photoOf(dog, read("/api/dogs/" + dog + "/looks")));
    }

    @Test
    void aBackupHoldsThePhotosByteForByte(@TempDir Path folder) throws Exception {
        long dog = addKnownDog("Gannet");
        byte[] before = photoOf(dog, look(dog, "BACK", "", picture("jpeg", 900, 700)));
        Path backup = folder.resolve("backup.db");
        Files.write(backup, streamed("/api/backup"));
        SQLiteDataSource restored = new SQLiteDataSource();
        restored.setUrl("jdbc:sqlite:" + backup);
        assertArrayEquals(
                before,
                JdbcClient.create(restored)
                        .sql("SELECT jpeg FROM photo WHERE dog_id = ?")
                        .param(dog)
                        .query((row, n) -> row.getBytes(1))
                        .single());
    }
}
