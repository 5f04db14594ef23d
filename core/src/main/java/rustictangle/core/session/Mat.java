package rustictangle.core.session;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.dog.Section;

/**
 * A mat that was left in and has not been cleared since.
 *
 * @param since the day it was first left
 * @param found what the owner saw of it last; empty: it was left without a closer look
 */
public record Mat(Section section, LocalDate since, Optional<Catch> found) {

    /**
     * One look at a section.
     *
     * @param found what the owner saw where the comb caught; empty: not looked closer
     * @param comb  what the comb said in the end; empty: no end yet
     */
    public record Look(Section section, LocalDate day, Optional<Catch> found, Optional<CombResult> comb) {}

    /**
     * Every mat still in.
     *
     * @param looks oldest first
     */
    public static List<Mat> stillIn(List<Look> looks) {
        Map<Section, Mat> mats = new EnumMap<>(Section.class);
        Map<Section, Catch> seen = new EnumMap<>(Section.class);
        for (Look look : looks) {
            Section section = look.section();
            look.found().ifPresent(found -> seen.put(section, found));
            if (look.comb().isEmpty() || look.comb().get() == CombResult.NOT_COMBED) {
                continue;
            }
            if (look.comb().get() == CombResult.MAT_LEFT) {
                LocalDate since = mats.containsKey(section) ? mats.get(section).since() : look.day();
                mats.put(section, new Mat(section, since, Optional.ofNullable(seen.get(section))));
            } else {
                mats.remove(section);
                seen.remove(section);
            }
        }
        return List.copyOf(mats.values());
    }
}
