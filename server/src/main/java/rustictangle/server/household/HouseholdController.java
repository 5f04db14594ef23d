package rustictangle.server.household;

import jakarta.validation.Valid;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.server.frame.FormCheck;
import rustictangle.server.frame.ScreenFacts;
import rustictangle.server.frame.ViewProbe;

@RestController
@RequestMapping("/api/household")
record HouseholdController(HouseholdStore store, HouseholdLoader loader, FormCheck forms)
        implements ViewProbe, ScreenFacts {

    @GetMapping
    Household get() {
        return loader.get();
    }

    @PutMapping
    Household put(@Valid @RequestBody Household household) {
        store.put(household);
        return loader.get();
    }

    @Override
    public void household() {
        forms.checked(store.get());
    }

    @Override
    public Map<String, Object> facts() {
        return Map.of("longestHouseholdName", Household.LONGEST_NAME, "mostMinutesADay", Household.MOST_MINUTES);
    }
}
