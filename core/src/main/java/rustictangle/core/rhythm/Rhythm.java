package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;

/**
 * When each section, and so the dog, is due next.
 *
 * @param sections  one per section, in the order of {@link Section}
 * @param nextDate  the next brushing day, today or later
 * @param reason    why that day
 */
public record Rhythm(List<SectionRhythm> sections, LocalDate nextDate, Reason reason) {

    public Rhythm {
        sections = List.copyOf(sections);
    }

    /**
     * @param checks comb checks of this dog, oldest first
     */
    public static Rhythm of(Dog dog, Coat coat, Comfort comfort, List<CombCheck> checks, LocalDate today) {
        return Forecast.of(dog, coat, comfort, Diary.of(checks), today).rhythm();
    }

    static Rhythm of(List<SectionRhythm> sections, LocalDate today) {
        SectionRhythm first = sections.stream()
                .min(Comparator.comparing(SectionRhythm::due)
                        .thenComparing(Comparator.comparingDouble(SectionRhythm::chanceOfTangle)
                                .reversed()))
                .orElseThrow();
        LocalDate next = first.due().isBefore(today) ? today : first.due();
        return new Rhythm(sections, next, why(sections, first, next));
    }

    public SectionRhythm at(Section section) {
        return sections.get(section.ordinal());
    }

    /** Whether brush or comb has a job anywhere on this dog; if not, its next date is only nominal. */
    public boolean anythingBrushed() {
        return sections.stream().anyMatch(section -> section.state() != SectionRhythm.State.NOT_BRUSHED);
    }

    /** Sections that today's routine should hold. */
    public List<SectionRhythm> dueSections() {
        return sections.stream().filter(SectionRhythm::needsBrushing).toList();
    }

    private static Reason why(List<SectionRhythm> sections, SectionRhythm first, LocalDate next) {
        if (first.state() == SectionRhythm.State.NEVER_CHECKED) {
            return new Reason(
                    "rhythm.never-checked",
                    "Not every place has met the comb yet: only then is it known when it is due.");
        }
        long others = sections.stream().filter(s -> !s.due().isAfter(next)).count() - 1;
        String more = others == 0
                ? ""
                : others == 1 ? " One more place is due with it." : " " + others + " more places are due with it.";
        if (first.state() == SectionRhythm.State.NOT_BRUSHED) {
            return first.reasons().get(0);
        }
        return new Reason(
                "rhythm.next-date",
                "First in line: " + first.section().label() + ". "
                        + first.reasons().get(0).text() + more);
    }
}
