package rustictangle.server.care;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import rustictangle.core.Refused;
import rustictangle.core.care.BathMix;
import rustictangle.core.care.Supply;
import rustictangle.server.frame.ViewProbe;

/** Things in the drawer that are no brushes. */
@RestController
@RequestMapping("/api/supplies")
record SupplyController(CareStore store) implements ViewProbe {

    /**
     * @param have  whether it lies there
     * @param parts of water to one of shampoo; absent: it is used as it is, or no shampoo
     */
    record SupplyView(Supply kind, boolean have, Optional<Integer> parts) {}

    /** @param parts of a shampoo's label, 1 : parts; absent: it is used as it is */
    record SupplyForm(@Nullable Integer parts) {}

    @GetMapping
    List<SupplyView> all() {
        var there = store.supplies();
        return Arrays.stream(Supply.values())
                .map(kind -> new SupplyView(kind, there.containsKey(kind), there.getOrDefault(kind, Optional.empty())))
                .toList();
    }

    @PutMapping("/{kind}")
    List<SupplyView> put(@PathVariable Supply kind, @RequestBody SupplyForm form) {
        if (form.parts() != null) {
            if (kind != Supply.SHAMPOO) {
                throw new Refused("parts", "Only a shampoo is diluted; leave it empty.");
            }
            BathMix.checkLabel(form.parts());
        }
        store.put(kind, Optional.ofNullable(form.parts()));
        return all();
    }

    @DeleteMapping("/{kind}")
    List<SupplyView> remove(@PathVariable Supply kind) {
        store.remove(kind);
        return all();
    }

    @Override
    public void household() {
        all();
    }
}
