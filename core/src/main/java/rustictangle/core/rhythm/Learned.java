package rustictangle.core.rhythm;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import rustictangle.core.Choice;
import rustictangle.core.dog.Section;

/**
 * What was learned of a place, or of its both sides alike.
 *
 * @param factor  how often tangles arise there against the table, as now believed
 * @param text    one plain sentence
 */
public record Learned(List<Section> sections, double factor, Sure sure, String text) {

    /** How sure it is that the place differs from the table, and to that side. Own choice of limits. */
    public enum Sure implements Choice {
        SURE("sure", 0.95),
        LIKELY("likely", 0.85),
        PERHAPS("perhaps", 0.7);

        private final Words words;
        private final double chance;

        Sure(String label, double chance) {
            this.words = new Words(label);
            this.chance = chance;
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /** Nobody keeps more in mind. */
    private static final int MOST = 5;
    /** What is less off than this is not told. Own estimate. */
    private static final double NEWS = 1.25;

    private static final int ENOUGH_CHECKS = 3;

    public Learned {
        sections = List.copyOf(sections);
    }

    static List<Learned> of(Forecast forecast) {
        List<Learned> learned = new ArrayList<>();
        Set<Section> told = EnumSet.noneOf(Section.class);
        for (SectionRhythm here : forecast.sections()) {
            Section section = here.section();
            if (told.add(section) && isNews(forecast, section)) {
                Section other = section.otherSide();
                boolean both = other != section && isNews(forecast, other) && alike(forecast, section, other);
                if (both) {
                    told.add(other);
                }
                learned.add(of(forecast, both ? List.of(section, other) : List.of(section)));
            }
        }
        learned.sort(Comparator.comparing((Learned rate) -> rate.sure)
                .thenComparing(Comparator.comparingDouble((Learned rate) -> Math.abs(Math.log(rate.factor)))
                        .reversed()));
        return List.copyOf(learned.subList(0, Math.min(MOST, learned.size())));
    }

    private static boolean isNews(Forecast forecast, Section section) {
        if (forecast.rhythm(section).checks() < ENOUGH_CHECKS
                || forecast.at(section).filter(Outlook::mats).isEmpty()) {
            return false;
        }
        TangleRate rate = rate(forecast, section);
        return Math.abs(Math.log(rate.factor())) >= Math.log(NEWS) && rate.sureOfSide() >= Sure.PERHAPS.chance;
    }

    private static TangleRate rate(Forecast forecast, Section section) {
        return forecast.at(section).orElseThrow().rate();
    }

    private static boolean alike(Forecast forecast, Section one, Section other) {
        return Math.abs(Math.log(
                        rate(forecast, one).factor() / rate(forecast, other).factor()))
                < Math.log(NEWS);
    }

    private static Learned of(Forecast forecast, List<Section> sections) {
        TangleRate rate = rate(forecast, sections.get(0));
        Sure sure = sure(rate.sureOfSide());
        boolean both = sections.size() > 1;
        String place = both
                ? sections.get(0).part().label() + ", left and right,"
                : sections.get(0).label();
        String text = place + (both ? " tangle " : " tangles ") + times(rate.factor()) + " for such hair"
                + (sure == Sure.SURE ? "." : sure == Sure.LIKELY ? ", very likely." : ", as far as one can tell yet.");
        return new Learned(sections, rate.factor(), sure, Character.toUpperCase(text.charAt(0)) + text.substring(1));
    }

    private static Sure sure(double chance) {
        return chance >= Sure.SURE.chance ? Sure.SURE : chance >= Sure.LIKELY.chance ? Sure.LIKELY : Sure.PERHAPS;
    }

    private static String times(double factor) {
        if (factor < 1) {
            return factor < 0.4
                    ? "a third as often as usual"
                    : factor < 0.6 ? "half as often as usual" : "less often than usual";
        }
        return factor < 1.75
                ? factor < 1.4 ? "a little more often than usual" : "half again as often as usual"
                : factor < 2.5
                        ? "twice as often as usual"
                        : String.format(Locale.ROOT, "%.0f times as often as usual", factor);
    }
}
