package rustictangle.server.household;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/household")
class HouseholdController {

    private final HouseholdStore store;

    HouseholdController(HouseholdStore store) {
        this.store = store;
    }

    @GetMapping
    Household get() {
        return store.get();
    }

    @PutMapping
    Household put(@Valid @RequestBody Household household) {
        store.put(household);
        return store.get();
    }
}
