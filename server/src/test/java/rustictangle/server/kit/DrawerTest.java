package rustictangle.server.kit;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.server.ServerTest;

/** The drawer, and what it is worth on a dog. */
class DrawerTest extends ServerTest {

    @BeforeEach
    void emptyTheDrawer() {
        jdbc.sql("UPDATE tool SET removed_at = '2026-01-01T00:00:00Z' WHERE removed_at IS NULL")
                .update();
    }

    @Test
    void aToolIsKeptAsItWasMeasured() throws Exception {
        long id = add(pins("the all-round", 27));
        read("/api/tools")
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].shownName").value("the all-round"))
                .andExpect(jsonPath("$[0].form.pinMillimetres").value(27))
                .andExpect(jsonPath("$[0].putAside").value(false));
        send(HttpMethod.PUT, "/api/tools/" + id, pins("the long one", 35)).andExpect(status().isOk());
        read("/api/tools").andExpect(jsonPath("$[0].form.pinMillimetres").value(35));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"pinMillimetres\": 270 | pinMillimetres  | 1 to 60 mm",
                "\"headMillimetres\": 2  | headMillimetres | 5 to 250 mm",
                "\"spacing\": \"WIDE\"   | spacing         | has no spacing of teeth",
                "\"pad\": \"SQUASHY\"    | pad             | Allowed: SOFT, MEDIUM, FIRM",
            })
    void aWrongMeasureIsRefusedByNameAndNothingIsStored(String property, String field, String message)
            throws Exception {
        post("/api/tools", "{\"name\": \"\", \"kind\": \"PIN_BRUSH\", \"flexible\": false, " + property + "}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value(field))
                .andExpect(jsonPath("$.fields[0].message", containsString(message)));
        read("/api/tools").andExpect(jsonPath("$", hasSize(0)));
    }

    @Test
    void aToolTakenOutCanBePutBack() throws Exception {
        long id = add(pins("", 27));
        send(HttpMethod.DELETE, "/api/tools/" + id, "").andExpect(status().isNoContent());
        read("/api/tools").andExpect(jsonPath("$", hasSize(0)));
        send(HttpMethod.DELETE, "/api/tools/" + id, "").andExpect(status().isNotFound());
        post("/api/tools/" + id + "/restore", "").andExpect(status().isOk());
        read("/api/tools").andExpect(jsonPath("$[0].shownName").value("pin brush"));
    }

    @Test
    void aToolThatScratchedIsMatchedNowhereUntilItIsReplaced() throws Exception {
        long dog = addKnownDog("Gannet");
        long id = add(slicker());
        read("/api/dogs/" + dog + "/kit")
                .andExpect(jsonPath("$.needs[0].own.toolId").value((int) id));
        post("/api/tools/" + id + "/checks", "{\"faults\": [\"SCRATCHES\"]}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.putAside").value(true))
                .andExpect(jsonPath("$.check.day").value("2026-05-14"));
        read("/api/dogs/" + dog + "/kit")
                .andExpect(jsonPath("$.needs[0].own").doesNotExist())
                .andExpect(jsonPath("$.needs[0].fits[0].reasons[0].rule").value("kit.put-aside"));
        post("/api/tools/" + id + "/checks", "{\"faults\": []}")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("until it is replaced")));
        post("/api/tools/" + id + "/replacement", "")
                .andExpect(jsonPath("$.putAside").value(false))
                .andExpect(jsonPath("$.check").doesNotExist());
        read("/api/dogs/" + dog + "/kit")
                .andExpect(jsonPath("$.needs[0].own.toolId").value((int) id));
    }

    /** One thing in the drawer, two entries in the match. */
    @Test
    void aBrushWithTwoFacesIsTwoToolsAndOneThing() throws Exception {
        long pins = add(pins("", 27));
        String bristle = "{\"name\": \"\", \"kind\": \"%s\", \"flexible\": false, \"otherFace\": %d}";
        long other = add(bristle.formatted("BRISTLE_BRUSH", pins));
        read("/api/tools")
                .andExpect(jsonPath("$[0].otherFace.id").value((int) other))
                .andExpect(jsonPath("$[1].otherFace.shownName").value("pin brush"));
        refusedFace(bristle.formatted("SLICKER", pins), "has no free side");
        refusedFace(bristle.formatted("COMB", pins), "is no face");
        refusedFace(bristle.formatted("SLICKER", 999), "There is no tool 999");
        send(HttpMethod.PUT, "/api/tools/" + pins, bristle.formatted("PIN_BRUSH", other))
                .andExpect(status().isBadRequest());

        post("/api/tools/" + pins + "/checks", "{\"faults\": [\"SCRATCHES\"]}");
        read("/api/tools").andExpect(jsonPath("$[1].putAside").value(false));
        String replaced = checkId(post("/api/tools/" + other + "/replacement", "")
                .andReturn()
                .getResponse()
                .getContentAsString());
        read("/api/tools").andExpect(jsonPath("$[0].putAside").value(false));
        send(HttpMethod.DELETE, "/api/tools/" + other + "/checks/" + replaced, "");
        read("/api/tools").andExpect(jsonPath("$[0].putAside").value(true));

        send(HttpMethod.DELETE, "/api/tools/" + other, "").andExpect(status().isNoContent());
        read("/api/tools").andExpect(jsonPath("$", hasSize(0)));
        post("/api/tools/" + pins + "/restore", "").andExpect(status().isOk());
        read("/api/tools").andExpect(jsonPath("$", hasSize(2)));
    }

    private void refusedFace(String form, String why) throws Exception {
        post("/api/tools", form)
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].field").value("otherFace"))
                .andExpect(jsonPath("$.fields[0].message", containsString(why)));
    }

    @Test
    void aLookOverCanBeTakenBackButOnlyTheLatest() throws Exception {
        long id = add(slicker());
        String first = checkId(post("/api/tools/" + id + "/checks", "{\"faults\": []}")
                .andReturn()
                .getResponse()
                .getContentAsString());
        String second = checkId(post("/api/tools/" + id + "/checks", "{\"faults\": [\"BENT\"]}")
                .andReturn()
                .getResponse()
                .getContentAsString());
        send(HttpMethod.DELETE, "/api/tools/" + id + "/checks/" + first, "").andExpect(status().isNotFound());
        send(HttpMethod.DELETE, "/api/tools/" + id + "/checks/" + second, "")
                .andExpect(jsonPath("$.putAside").value(false))
                .andExpect(jsonPath("$.check.day").value("2026-05-14"));
    }

    @Test
    void theKitNamesToolPinsPadProofNeverAndReasonsAndWhatIsMissing() throws Exception {
        long dog = addKnownDog("Gannet");
        add(slicker());
        read("/api/dogs/" + dog + "/kit")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.needs", hasSize(29)))
                .andExpect(jsonPath("$.needs[0].lead").value("SLICKER"))
                .andExpect(jsonPath("$.needs[0].pins.minMillimetres").value(17))
                .andExpect(jsonPath("$.needs[0].proof").value("COMB"))
                .andExpect(jsonPath("$.needs[0].own.verdict").value("RIGHT"))
                .andExpect(jsonPath("$.needs[0].order[?(@.missing == true)].tool", contains("MIST", "COMB", "COMB")))
                .andExpect(jsonPath("$.needs[0].never[*].why.rule", hasItem("kit.never-deshedding-blade")))
                .andExpect(jsonPath("$.needs[0].reasons[*].rule", hasItem("kit.pins-by-length")))
                .andExpect(jsonPath("$.incomplete.rule").value("kit.incomplete"));
    }

    @Test
    void whatToBuyIsTheOneThingThatIsMissing() throws Exception {
        long dog = addKnownDog("Gannet");
        add(slicker());
        add("{\"name\": \"\", \"kind\": \"MIST\", \"flexible\": false}");
        read("/api/dogs/" + dog + "/purchases")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.buy[*].kind", contains("COMB")))
                .andExpect(jsonPath("$.buy[0].lookFor", contains("a wide and a fine end")))
                .andExpect(jsonPath("$.buy[0].caution.rule").value("buy.look-comb"))
                .andExpect(jsonPath("$.justOne.kind").value("COMB"))
                // Cut again in some weeks: by then the short wires of the drawer only do.
                .andExpect(jsonPath("$.untilGroom.rule").value("buy.until-groom"))
                .andExpect(jsonPath("$.better.kind").value("SLICKER"))
                .andExpect(jsonPath("$.openSteps", greaterThan(20)));
    }

    @Test
    void oneThingMoreIsNamedWithItsCaution() throws Exception {
        long dog = addKnownDog("Gannet");
        send(HttpMethod.PUT, "/api/dogs/" + dog + "/coat", coatJson("FLEECE", "80"));
        read("/api/dogs/" + dog + "/purchases")
                .andExpect(jsonPath("$.leftAtWillDo", greaterThan(20)))
                .andExpect(jsonPath("$.better.kind").value("PIN_BRUSH"))
                .andExpect(jsonPath("$.better.forSteps", greaterThan(20)))
                .andExpect(jsonPath("$.better.caution.rule").value("buy.look-tips"));
    }

    @Test
    void twoToolsAreComparedPropertyByProperty() throws Exception {
        long dog = addKnownDog("Gannet");
        long shortPins = add(pins("short", 10));
        long longPins = add(pins("long", 20));
        read("/api/dogs/" + dog + "/comparison?section=BACK&first=" + shortPins + "&second=" + longPins)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.hairMillimetres").value(40))
                .andExpect(jsonPath("$.rows[?(@.property == 'LENGTH')].first.have", contains("{10 mm}")))
                .andExpect(jsonPath("$.why.text", containsString("pin length")));
        read("/api/dogs/" + dog + "/comparison?section=BACK&first=" + shortPins + "&second=99999")
                .andExpect(status().isNotFound());
    }

    @Test
    void aChosenSchoolIsKeptPerDogAndSaysWhatItChanges() throws Exception {
        long dog = addKnownDog("Gannet");
        long other = addKnownDog("Oakum");
        read("/api/dogs/" + dog + "/schools")
                .andExpect(jsonPath("$.chosen.lead").doesNotExist())
                .andExpect(jsonPath(
                        "$.questions[?(@.field == 'lead')].schools[?(@.value == 'NO_SLICKER_YET')].tools[0].to",
                        contains("fingers, conditioning mist, pin brush, comb")));
        send(
                        HttpMethod.PUT,
                        "/api/dogs/" + dog + "/approach",
                        """
                {"lead": "NO_SLICKER_YET", "tips": "BALL", "mist": "ON_TOOL", "hand": "EXPERIENCED",
                 "structure": "TOOL_BY_TOOL", "finish": "LAID", "mistWhen": "WHEN_NEEDED", "mats": "GROOMER"}
                """)
                .andExpect(status().isOk())
                .andExpect(jsonPath(
                        "$.questions[*].schools[?(@.chosen == true)]", hasSize(SchoolQuestion.values().length)));
        read("/api/dogs/" + dog + "/schools")
                .andExpect(jsonPath("$.chosen.structure").value("TOOL_BY_TOOL"))
                .andExpect(jsonPath("$.chosen.finish").value("LAID"))
                .andExpect(jsonPath("$.chosen.mistWhen").value("WHEN_NEEDED"))
                .andExpect(jsonPath("$.chosen.mats").value("GROOMER"))
                .andExpect(jsonPath("$.chosen.loosener").value("SOAKED"))
                .andExpect(jsonPath("$.chosen.order").doesNotExist())
                .andExpect(jsonPath(
                        "$.questions[?(@.field == 'mistWhen')].schools[?(@.value == 'ALWAYS')].places.length()",
                        contains(greaterThan(10))));
        read("/api/dogs/" + dog + "/kit")
                .andExpect(jsonPath("$.needs[0].lead").value("PIN_BRUSH"))
                .andExpect(jsonPath("$.needs[0].tips").value("ball-tipped"));
        read("/api/dogs/" + other + "/kit")
                .andExpect(jsonPath("$.needs[0].lead").value("SLICKER"));
        add(pins("the short one", 20));
        read("/api/dogs/" + dog + "/routine")
                .andExpect(jsonPath("$.routine.places[0].tools[*].tool", hasItem("PIN_BRUSH")));
    }

    private long add(String tool) throws Exception {
        String answer = post("/api/tools", tool)
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return JsonPath.<Integer>read(answer, "$.id");
    }

    private static String checkId(String answer) {
        return JsonPath.read(answer, "$.checkId");
    }

    private static String pins(String name, int millimetres) {
        return """
                {"name": "%s", "kind": "PIN_BRUSH", "pinMillimetres": %d, "pad": "MEDIUM", "tips": "GROUND",
                 "head": "OVAL", "flexible": false, "handle": "WOOD"}
                """
                .formatted(name, millimetres);
    }

    private static String slicker() {
        return """
                {"name": "", "kind": "SLICKER", "pinMillimetres": 20, "tips": "COATED", "head": "OVAL", "flexible": true}
                """;
    }

    /** By the household's own figures only. */
    @Test
    void theLeastToPayIsToldOnceEveryKindHasAPrice() throws Exception {
        long id = addKnownDog("Gannet");
        String prices = "/api/dogs/" + id + "/purchases/prices/";
        read("/api/dogs/" + id + "/purchases")
                .andExpect(jsonPath("$.toPay.total").doesNotExist())
                .andExpect(jsonPath("$.toPay.currency").value("EUR"));
        for (String kind : JsonPath.<List<String>>read(
                read("/api/dogs/" + id + "/purchases").andReturn().getResponse().getContentAsString(),
                "$.toPay.kinds[*].kind")) {
            send(HttpMethod.PUT, prices + kind, "{\"price\": 12.5}").andExpect(status().isOk());
        }
        read("/api/dogs/" + id + "/purchases")
                .andExpect(jsonPath("$.toPay.total").value(37.5));
        send(HttpMethod.PUT, prices + "COMB", "{\"price\": -1}")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.fields[0].message", containsString("0 to 10000")));
        send(HttpMethod.PUT, prices + "COMB", "{}")
                .andExpect(jsonPath("$.toPay.total").doesNotExist());
    }

    @Test
    void aCombIsWashedAndDueAgainInTwoWeeksAndAMistakeIsTakenBack() throws Exception {
        String comb = post("/api/tools", "{\"name\": \"\", \"kind\": \"COMB\", \"flexible\": false}")
                .andExpect(jsonPath("$.care.cleaned").doesNotExist())
                .andExpect(jsonPath("$.care.how.rule").value("kit.care-comb"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String tool = "/api/tools/" + JsonPath.<Integer>read(comb, "$.id");
        String washed = post(tool + "/cleaned", "")
                .andExpect(jsonPath("$.care.cleaned").value(today().toString()))
                .andExpect(jsonPath("$.care.due").value(today().plusDays(14).toString()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        send(HttpMethod.DELETE, tool + "/cleaned/" + JsonPath.<String>read(washed, "$.care.entryId"), "")
                .andExpect(jsonPath("$.care.cleaned").doesNotExist());
    }
}
