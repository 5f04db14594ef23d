package rustictangle.server.plan;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.Base64;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;
import rustictangle.server.ServerTest;

/** One dog over the months: its photos, its hair, and what comes after a short clip. */
class MonthsTest extends ServerTest {

    private static String picture() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1600, 1200, BufferedImage.TYPE_INT_RGB), "jpeg", bytes);
        return Base64.getEncoder().encodeToString(bytes.toByteArray());
    }

    private ResultActions keep(long dog, UUID id, String photo) throws Exception {
        return post("/api/dogs/" + dog + "/months/photos", "{\"id\": \"%s\", \"photo\": \"%s\"}".formatted(id, photo));
    }

    @Test
    void aPhotoOfTheWholeDogIsKeptSmallAndGoesForGoodWhenItIsTakenBack() throws Exception {
        long dog = addKnownDog("Gannet");
        UUID id = UUID.randomUUID();
        String view = keep(dog, id, picture())
                .andExpect(jsonPath("$.months[11].photos", hasSize(1)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        keep(dog, id, picture()).andExpect(jsonPath("$.months[11].photos", hasSize(1)));
        String photo = JsonPath.read(view, "$.months[11].photos[0].photo");
        byte[] kept = read("/api/dogs/" + dog + "/looks/photos/" + photo)
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        assertEquals(1024, ImageIO.read(new ByteArrayInputStream(kept)).getWidth());
        read("/api/dogs/" + dog + "/today")
                .andExpect(jsonPath("$.said[0].words", containsString("a photo of the whole dog")));
        send(HttpMethod.DELETE, "/api/dogs/" + dog + "/months/photos/" + id, "")
                .andExpect(jsonPath("$.months[11].photos", empty()));
        read("/api/dogs/" + dog + "/looks/photos/" + photo).andExpect(status().isNotFound());
    }

    @Test
    void whatIsNoPhotoIsRefusedAndNothingIsKept() throws Exception {
        long dog = addKnownDog("Gannet");
        keep(dog, UUID.randomUUID(), Base64.getEncoder().encodeToString("no picture".getBytes()))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field", is("photo")));
        read("/api/dogs/" + dog + "/months").andExpect(jsonPath("$.months[11].photos", empty()));
    }

    /**
     * Hair that grows on makes about a third of a millimetre a day (from memory, of published rates for poodles), so
     * that ten weeks make some 25 mm.
     */
    @Test
    void afterAShortClipItIsToldAndDrawnHowItGrowsBack() throws Exception {
        long dog = addDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/coat", coatJson("CURLY", "40"));
        read("/api/dogs/" + dog + "/months")
                .andExpect(jsonPath("$.months", hasSize(12)))
                .andExpect(jsonPath("$.months[11].minutes", is(0)))
                .andExpect(jsonPath("$.ahead", empty()));
        send(
                HttpMethod.PUT,
                "/api/dogs/" + dog + "/visits/" + today(),
                "{\"leftMillimetres\": 12, \"remarks\": \"\", \"found\": \"\", \"takeOver\": true}");
        read("/api/dogs/" + dog + "/months")
                .andExpect(jsonPath("$.restart.rule", is("visit.restart")))
                .andExpect(jsonPath("$.ahead[*].weeks", contains(2, 6, 10)))
                .andExpect(jsonPath("$.months[11].millimetres", is(12.0)))
                .andExpect(jsonPath("$.ahead[2].millimetres", closeTo(12 + 25, 6)));
    }
}
