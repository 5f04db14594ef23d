package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Optional;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Section;

/**
 * What is known of one section.
 *
 * @param hair      as it is believed to be
 * @param lastClear when a comb last ran free, or a groomer last went through; empty: never recorded
 * @param lastCombed the same, a mat that was left in aside: since then tangles have gathered
 * @param byGroomer whether it was a groomer that cleared it
 * @param matLeft   whether a mat was left in since
 * @param checks    comb checks recorded here
 * @param wearADay  ordinary days that a day of this dog counts here just now, 1 or more
 */
public record SectionRhythm(
        Section section,
        RegionCoat hair,
        Optional<LocalDate> lastClear,
        Optional<LocalDate> lastCombed,
        boolean byGroomer,
        boolean matLeft,
        int checks,
        double wearADay) {

    /** Whether brush or comb has a job here: not in cords, not on bare skin. */
    public boolean brushed() {
        return hair.kind().brushed();
    }
}
