package rustictangle.core.rhythm;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rustictangle.core.dog.Section;

/**
 * What was learned of a place, or of its both sides alike.
 *
 * @param before days between brushings by the table
 * @param now    as now believed
 * @param sure   whether even the spread of what is believed leaves the table's value out
 * @param text   one plain sentence
 */
public record Learned(List<Section> sections, int before, int now, boolean sure, String text) {

    public Learned {
        sections = List.copyOf(sections);
    }

    static List<Learned> of(Rhythm rhythm) {
        List<Learned> learned = new ArrayList<>();
        Set<Section> told = EnumSet.noneOf(Section.class);
        for (SectionRhythm here : rhythm.sections()) {
            if (told.add(here.section()) && isNews(here)) {
                SectionRhythm other = rhythm.at(here.section().otherSide());
                boolean both = other != here && isNews(other) && same(here, other);
                if (both) {
                    told.add(other.section());
                }
                learned.add(of(here, both ? List.of(here.section(), other.section()) : List.of(here.section())));
            }
        }
        learned.sort(Comparator.comparingDouble((Learned one) -> Math.abs(Math.log((double) one.now / one.before)))
                .reversed());
        return learned;
    }

    private static boolean isNews(SectionRhythm here) {
        return here.checks() > 1 && here.intervalDays() != here.tableIntervalDays();
    }

    private static boolean same(SectionRhythm one, SectionRhythm other) {
        return one.intervalDays() == other.intervalDays() && one.tableIntervalDays() == other.tableIntervalDays();
    }

    private static Learned of(SectionRhythm here, List<Section> sections) {
        int before = here.tableIntervalDays();
        int now = here.intervalDays();
        boolean sure = before < here.intervalFrom() || before > here.intervalTo();
        boolean both = sections.size() > 1;
        String place = both ? bothSides(here.section()) : here.section().label();
        String text = now < before
                ? place + (both ? " need it " : " needs it ") + every(now) + ", not " + every(before)
                : place + " can wait " + later(now - before) + ": " + every(now) + ", not " + every(before);
        return new Learned(
                sections,
                before,
                now,
                sure,
                Character.toUpperCase(text.charAt(0))
                        + text.substring(1)
                        + (sure ? "." : ", as far as one can tell yet."));
    }

    private static String bothSides(Section section) {
        return section.label().replaceFirst("left ", "") + ", left and right,";
    }

    private static String later(int days) {
        return days == 1 ? "a day longer" : days + " days longer";
    }

    private static String every(int days) {
        return days == 1 ? "every day" : "every " + days + " days";
    }
}
