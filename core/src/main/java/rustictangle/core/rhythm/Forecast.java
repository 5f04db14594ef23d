package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.HairLength;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.Moment;

/** What is known and to be expected of a dog's coat, section by section. */
public final class Forecast {

    private final Conditions conditions;
    private final Map<Section, SectionRhythm> sections;
    private final Map<Section, Outlook> outlooks;
    private final Optional<Reason> season;

    private Forecast(
            Conditions conditions,
            Map<Section, SectionRhythm> sections,
            Map<Section, Outlook> outlooks,
            Optional<Reason> season) {
        this.conditions = conditions;
        this.sections = sections;
        this.outlooks = outlooks;
        this.season = season;
    }

    public static Forecast of(Dog dog, Coat coat, Diary diary, LocalDate today) {
        return of(Conditions.of(dog, coat, diary, today), diary);
    }

    /** @param diary that the conditions are of, whatever its comb checks */
    public static Forecast of(Conditions conditions, Diary diary) {
        Map<Section, List<CombCheck>> checks = diary.checks().stream()
                .collect(Collectors.groupingBy(
                        CombCheck::section, () -> new EnumMap<>(Section.class), Collectors.toList()));
        Map<Section, List<Unproved>> unproved = diary.unproved().stream()
                .collect(Collectors.groupingBy(
                        Unproved::section, () -> new EnumMap<>(Section.class), Collectors.toList()));
        Learning learning = new Learning();
        for (Section section : Section.values()) {
            conditions
                    .at(section)
                    .days()
                    .ifPresent(days -> learning.add(
                            section,
                            Learning.Evidence.of(
                                    checks.getOrDefault(section, List.of()),
                                    unproved.getOrDefault(section, List.of()),
                                    diary.grooms(section),
                                    days,
                                    conditions.today())));
        }
        Map<Section, SectionRhythm> sections = new EnumMap<>(Section.class);
        Map<Section, Outlook> outlooks = new EnumMap<>(Section.class);
        for (Section section : Section.values()) {
            SectionRhythm here =
                    rhythm(section, conditions, checks.getOrDefault(section, List.of()), diary.grooms(section));
            sections.put(section, here);
            if (here.brushed()) {
                Past past = past(
                        section,
                        checks.getOrDefault(section, List.of()),
                        unproved.getOrDefault(section, List.of()),
                        diary,
                        conditions);
                outlooks.put(section, outlook(here, conditions, past, learning.at(section)));
            }
        }
        return new Forecast(
                conditions, sections, outlooks, conditions.shedding().advice(conditions.coat(), diary.heaps()));
    }

    private static SectionRhythm rhythm(
            Section section, Conditions conditions, List<CombCheck> checks, NavigableSet<Moment> grooms) {
        Optional<Moment> groom = last(grooms);
        Optional<Moment> clear = latest(checks.stream().filter(check -> !check.matLeft()), groom);
        boolean matLeft = !checks.isEmpty()
                && checks.get(checks.size() - 1).matLeft()
                && groom.filter(day -> day.isAfter(checks.get(checks.size() - 1).when()))
                        .isEmpty();
        return new SectionRhythm(
                section,
                conditions.coat().at(section),
                clear.map(Moment::day),
                latest(checks.stream(), groom).map(Moment::day),
                groom.isPresent() && groom.equals(clear),
                matLeft,
                checks.size(),
                conditions.at(section).exposure().plain(conditions.today()));
    }

    private static Optional<Moment> last(NavigableSet<Moment> grooms) {
        return grooms.isEmpty() ? Optional.empty() : Optional.of(grooms.last());
    }

    private static Optional<Moment> latest(Stream<CombCheck> checks, Optional<Moment> groom) {
        return Stream.concat(checks.map(CombCheck::when), groom.stream()).max(Comparator.naturalOrder());
    }

    private static Past past(
            Section section, List<CombCheck> checks, List<Unproved> unproved, Diary diary, Conditions conditions) {
        LocalDate today = conditions.today();
        Optional<Moment> combed = latest(checks.stream(), last(diary.grooms(section)));
        Past past = combed.map(when -> Past.known(daysAfter(today, when.day())))
                .orElseGet(() -> diary.told().past(today, conditions.ageDays()));
        return Unproved.among(
                unproved, when -> combed.filter(clear -> !when.isAfter(clear)).isEmpty(), past, today);
    }

    private static Outlook outlook(SectionRhythm here, Conditions conditions, Past past, TangleRate rate) {
        Conditions.Here days = conditions.at(here.section());
        return new Outlook(days.days(), days.loose(), past, here.matLeft(), rate);
    }

    /** Never ahead: a clock may have been set back since. */
    private static int daysAfter(LocalDate today, LocalDate day) {
        return (int) Math.min(0, ChronoUnit.DAYS.between(today, day));
    }

    public SectionRhythm rhythm(Section section) {
        return Sure.at(sections, section);
    }

    /** In the order of {@link Section}. */
    public List<SectionRhythm> sections() {
        return Arrays.stream(Section.values()).map(sections::get).toList();
    }

    /** Empty where nothing is brushed. */
    public Optional<Outlook> at(Section section) {
        return Optional.ofNullable(outlooks.get(section));
    }

    /** What the day did to the dog so far. */
    public Set<LifeEvent> happenedToday() {
        return conditions.happenedToday();
    }

    /** Where a mat waits that was left in. */
    public List<Section> matted() {
        return sections().stream()
                .filter(SectionRhythm::matLeft)
                .map(SectionRhythm::section)
                .toList();
    }

    /** Where a mat is likely by now, by what is known, though none was found: the fingers search first. */
    public List<Section> matLikely() {
        return sections().stream()
                .filter(outlook -> !outlook.matLeft())
                .map(SectionRhythm::section)
                .filter(section -> at(section)
                        .filter(outlook -> outlook.known() && outlook.mats(0) >= Outlook.MAT_LIKELY)
                        .isPresent())
                .toList();
    }

    /** On days like an ordinary one of this dog, if the hair had this length; empty where nothing is brushed. */
    public Optional<EveryDay> everyDay(Section section, HairLength length) {
        return at(section)
                .map(outlook -> EveryDay.of(
                        section, conditions.coat().at(section), length, conditions.at(section), outlook, conditions));
    }

    /** The same of the hair that it has. */
    public Optional<EveryDay> everyDay(Section section) {
        return everyDay(section, conditions.coat().at(section).length());
    }

    /** What the shedding season asks for; empty when nothing just now. */
    public Optional<Reason> season() {
        return season;
    }

    /** What this dog's own checks taught, the surest and largest first. */
    public List<Learned> learned() {
        return Learned.of(this);
    }

    public LocalDate today() {
        return conditions.today();
    }
}
