package rustictangle.server;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;

class DogTest extends ServerTest {

    @Test
    void aDogIsKeptAsItWasDescribed() throws Exception {
        long id = addDog("Gannet");
        read("/api/dogs/" + id)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.form.name").value("Gannet"))
                .andExpect(jsonPath("$.form.kilograms").value(14))
                .andExpect(jsonPath("$.form.wears", hasItem("HARNESS")))
                .andExpect(jsonPath("$.coatDescribed").value(false));
    }

    @ParameterizedTest
    @CsvSource({"0.1, kilograms", "500, kilograms", "'\"heavy\"', kilograms"})
    void anImpossibleWeightIsRefusedByNameAndNothingIsStored(String kilograms, String field) throws Exception {
        int before = countDogs();
        post("/api/dogs", dogJson("Gannet", kilograms))
                .andExpect(status().isBadRequest())
                .andExpect(content().contentType("application/problem+json"))
                .andExpect(jsonPath("$.fields[0].field").value(field));
        assertEquals(before, countDogs());
    }

    @Test
    void theRefusalNamesTheLimitAndTheFix() throws Exception {
        post("/api/dogs", dogJson("Gannet", "500"))
                .andExpect(jsonPath("$.fields[0].message", containsString("0.3 to 120 kg")))
                .andExpect(jsonPath("$.fields[0].message", containsString("check number and unit")))
                .andExpect(jsonPath("$.fields[0].message", containsString("500")));
    }

    /** About will do, nobody has to know; a day that is still to come is a slip of the hand. */
    @Test
    void aBirthdayIsKeptAndOneToComeIsRefused() throws Exception {
        String pup = dogJson("Pintle", "4");
        String born = pup.replaceFirst("\\{", "{\"born\": \"" + today().minusWeeks(11) + "\",");
        long dog = addDog("Pintle");
        send(HttpMethod.PUT, "/api/dogs/" + dog, born)
                .andExpect(jsonPath("$.form.born").value(today().minusWeeks(11).toString()));
        send(
                        HttpMethod.PUT,
                        "/api/dogs/" + dog,
                        born.replace(
                                today().minusWeeks(11).toString(),
                                today().plusDays(1).toString()))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("born"))
                .andExpect(jsonPath("$.fields[0].message", containsString("today at the latest")));
        read("/api/dogs/" + dog)
                .andExpect(jsonPath("$.form.born").value(today().minusWeeks(11).toString()));
        send(HttpMethod.PUT, "/api/dogs/" + dog, pup)
                .andExpect(jsonPath("$.form.born").doesNotExist());
    }

    @Test
    void aDogNeedsAName() throws Exception {
        post("/api/dogs", dogJson("  ", "14"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("name"));
    }

    @Test
    void anUnknownWordIsAnsweredWithTheKnownOnes() throws Exception {
        post("/api/dogs", dogJson("Gannet", "14").replace("SOUND", "SHINY"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("skin"))
                .andExpect(jsonPath("$.fields[0].message", containsString("SENSITIVE")));
    }

    @Test
    void brokenJsonIsRefusedPolitely() throws Exception {
        post("/api/dogs", "{\"name\": ")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.detail", containsString("Nothing was changed")));
    }

    @Test
    void aRemovedDogCanBeBroughtBackWithItsRecords() throws Exception {
        long id = addKnownDog("Gannet");
        post(beginSession(id, "BACK") + "/events", glides("BACK")).andExpect(status().isOk());
        send(HttpMethod.DELETE, "/api/dogs/" + id, "").andExpect(status().isNoContent());
        read("/api/dogs/" + id).andExpect(status().isNotFound());
        post("/api/dogs/" + id + "/restore", "").andExpect(status().isOk());
        read("/api/dogs/" + id + "/when")
                .andExpect(jsonPath("$.plan.sections[0].checks").value(1));
    }

    @Test
    void theCoatIsKeptPerRegion() throws Exception {
        long id = addKnownDog("Gannet");
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions", hasSize(7)))
                .andExpect(jsonPath("$.regions[?(@.region == 'TAIL')].millimetres", hasItem(40.0)));
    }

    @Test
    void aWrongCoatLeavesTheOldOneInPlace() throws Exception {
        long id = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + id + "/coat", coatJson("CURLY", "999"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("regions[0].millimetres"))
                .andExpect(jsonPath("$.fields[0].message", containsString("1 to 400 mm")));
        send(
                        HttpMethod.PUT,
                        "/api/dogs/" + id + "/coat",
                        "{\"regions\": [], \"sheddingHeavily\": false, \"neglected\": false}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("head")));
        read("/api/dogs/" + id + "/coat")
                .andExpect(jsonPath("$.regions[0].millimetres").value(40));
    }

    @Test
    void withoutACoatNothingIsMatchedAndTheOwnerIsToldWhatToDo() throws Exception {
        long id = addDog("Gannet");
        read("/api/dogs/" + id + "/kit")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Describe Gannet's coat first")));
    }

    @Test
    void aWebPageElsewhereCannotReachInUnderAnotherName() throws Exception {
        read("http://evil.example/api/dogs").andExpect(status().isForbidden());
        read("http://127.0.0.1:8417/api/dogs").andExpect(status().isOk());
    }

    @Test
    void settingsAreKeptAndWrongOnesRefused() throws Exception {
        String good =
                """
                {"name": "Mooring 14", "comfort": "CAREFUL", "lengthUnit": "INCHES", "massUnit": "POUNDS",
                 "weekStart": "SUNDAY", "dateFormat": "MONTH_DAY", "latitude": 54.5, "minutes": {}, "currency": "GBP", "quietFrom": "22:00", "quietTo": "07:00"}
                """;
        send(HttpMethod.PUT, "/api/household", good).andExpect(status().isOk());
        read("/api/household").andExpect(jsonPath("$.lengthUnit").value("INCHES"));
        send(HttpMethod.PUT, "/api/household", good.replace("CAREFUL", "BRAVE")).andExpect(status().isBadRequest());
        read("/api/household").andExpect(jsonPath("$.comfort").value("CAREFUL"));
        send(HttpMethod.PUT, "/api/household", good.replace("54.5", "154"))
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("-90 to 90")));
        send(HttpMethod.PUT, "/api/household", good.replace("CAREFUL", "BALANCED"))
                .andExpect(status().isOk());
    }

    private int countDogs() {
        return jdbc.sql("SELECT count(*) FROM dog").query(Integer.class).single();
    }
}
