package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.HairLength;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;

/** What is known and to be expected of a dog's coat: its rhythm today, and each section's outlook on the days to come. */
public final class Forecast {

    private final Rhythm rhythm;
    private final Map<Section, SectionForecast> sections;
    private final Map<Section, Risk> risks;
    private final Optional<Reason> season;

    private Forecast(
            Rhythm rhythm, Map<Section, SectionForecast> sections, Map<Section, Risk> risks, Optional<Reason> season) {
        this.rhythm = rhythm;
        this.sections = sections;
        this.risks = risks;
        this.season = season;
    }

    public static Forecast of(Dog dog, Coat coat, Comfort comfort, Diary diary, LocalDate today) {
        return of(Conditions.of(dog, coat, diary, today), comfort, diary);
    }

    /** @param diary that the conditions are of, whatever its comb checks */
    public static Forecast of(Conditions conditions, Comfort comfort, Diary diary) {
        Map<Section, List<CombCheck>> checks = diary.checks().stream()
                .collect(Collectors.groupingBy(
                        CombCheck::section, () -> new EnumMap<>(Section.class), Collectors.toList()));
        Map<Section, SectionForecast> sections = new EnumMap<>(Section.class);
        Arrays.stream(Section.values())
                .forEach(section -> sections.put(
                        section,
                        new SectionForecast(
                                comfort,
                                section,
                                conditions.at(section),
                                checks.getOrDefault(section, List.of()),
                                diary.grooms(),
                                conditions.today())));
        Learning learning = new Learning();
        sections.forEach((section, forecast) -> forecast.evidence().ifPresent(found -> learning.add(section, found)));
        Map<Section, Risk> risks = new EnumMap<>(Section.class);
        sections.forEach(
                (section, forecast) -> forecast.risk(learning.at(section)).ifPresent(risk -> risks.put(section, risk)));
        Rhythm rhythm = Rhythm.of(
                sections.entrySet().stream()
                        .map(entry -> entry.getValue().rhythm(learning.at(entry.getKey())))
                        .toList(),
                conditions.today());
        return new Forecast(rhythm, sections, risks, conditions.shedding().advice(conditions.coat(), diary.heaps()));
    }

    public Rhythm rhythm() {
        return rhythm;
    }

    /** Empty where hair does not mat. */
    public Optional<Outlook> at(Section section) {
        return Optional.ofNullable(risks.get(section));
    }

    /** On ordinary days, if the hair had this length; empty where hair does not mat. */
    public Optional<Outlook> atLength(Section section, HairLength length) {
        return Optional.ofNullable(risks.get(section))
                .map(risk -> sections.get(section).atLength(risk.factor(), length));
    }

    /** What the shedding season asks for; empty when nothing just now. */
    public Optional<Reason> season() {
        return season;
    }

    /** What this dog's own checks taught, the largest changes first. */
    public List<Learned> learned() {
        return Learned.of(rhythm);
    }
}
