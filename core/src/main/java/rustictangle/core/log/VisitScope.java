package rustictangle.core.log;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/** What of the dog a groomer went through: only there the coat is as after a comb, and mats are out. */
public enum VisitScope implements Choice {
    FULL_GROOM("full groom", "the whole coat, combed to the skin", EnumSet.allOf(Section.class), Optional.empty()),
    BATH_AND_DRY(
            "bath and dry",
            "washed, dried and brushed through; nothing cut",
            EnumSet.allOf(Section.class),
            Optional.of(CareJob.BATH)),
    TIDY(
            "face, feet and rear",
            "tidied; the rest as it was",
            Section.of(Part.MUZZLE, Part.FRONT_FOOT, Part.HIND_FOOT, Part.REAR_TROUSERS),
            Optional.empty()),
    PLACES("single places", "those that you name", EnumSet.noneOf(Section.class), Optional.empty()),
    NAILS("nails only", "no hair was touched", EnumSet.noneOf(Section.class), Optional.of(CareJob.NAILS));

    private final Words words;
    private final Set<Section> sections;
    private final Optional<CareJob> job;

    VisitScope(String label, String hint, Set<Section> sections, Optional<CareJob> job) {
        words = new Words(label, hint);
        this.sections = Set.copyOf(sections);
        this.job = job;
    }

    @Override
    public Words words() {
        return words;
    }

    /** Where the coat was gone through; of single places none, they are named. */
    public Set<Section> sections() {
        return sections;
    }

    /** The job at the table that it is in itself. */
    public Optional<CareJob> job() {
        return job;
    }

    /** Whether all of the dog was washed. */
    public boolean washes() {
        return this == FULL_GROOM || this == BATH_AND_DRY;
    }
}
