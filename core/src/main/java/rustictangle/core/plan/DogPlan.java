package rustictangle.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import rustictangle.core.Every;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.plan.SectionPlan.State;
import rustictangle.core.rhythm.LongRun;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.rhythm.SectionRhythm;

/**
 * One dog in the plan, section by section.
 *
 * @param sections one per section, in the order of {@link Section}
 * @param next     the next day with a brush, today or later; empty: none within the days that are planned
 * @param reason   why that day
 */
public record DogPlan(List<SectionPlan> sections, Optional<LocalDate> next, Reason reason) {

    /** Below this chance of a mat nothing is said to be on its way. Own estimate. */
    private static final double FRESH = 0.005;
    /** From what part of what the owner accepts there are so many burrs. Own choice. */
    private static final double[] BURRS_FROM = {0.15, 0.5, 1};

    private static final int ENOUGH_CHECKS = 2;

    public DogPlan {
        sections = List.copyOf(sections);
    }

    /** @param days of each of its places */
    /** @param scarce whether minutes are short on any of so many days, today the first */
    static DogPlan of(Workload dog, Map<Section, BitSet> days, IntPredicate scarce) {
        LocalDate today = dog.forecast().today();
        List<SectionPlan> sections = new ArrayList<>();
        for (SectionRhythm here : dog.forecast().sections()) {
            sections.add(
                    dog.places().containsKey(here.section())
                            ? section(dog, here, Sure.at(days, here.section()), scarce)
                            : notBrushed(here));
        }
        Optional<LocalDate> next =
                sections.stream().flatMap(section -> section.next().stream()).min(Comparator.naturalOrder());
        return new DogPlan(sections, next, why(sections, next));
    }

    public SectionPlan at(Section section) {
        return sections.get(section.ordinal());
    }

    /** Sections that are brushed today. */
    public List<SectionPlan> due(LocalDate today) {
        return sections.stream().filter(section -> section.due(today)).toList();
    }

    /** Whether brush or comb has a job anywhere on this dog. */
    public boolean anythingBrushed() {
        return sections.stream().anyMatch(section -> section.state() != State.NOT_BRUSHED);
    }

    /** Whether nobody knows what is in most of its hair that can mat. */
    public boolean nobodyKnows() {
        long unknown = sections.stream().filter(SectionPlan::nobodyKnows).count();
        long known = sections.stream()
                .filter(section -> section.tangles() > 0 && !section.nobodyKnows())
                .count();
        return unknown > known;
    }

    private static SectionPlan notBrushed(SectionRhythm here) {
        return new SectionPlan(
                here.section(),
                State.NOT_BRUSHED,
                here.lastClear(),
                Optional.empty(),
                0,
                0,
                0,
                LongRun.LONGEST_DAYS,
                "",
                LongRun.LONGEST_DAYS,
                LongRun.LONGEST_DAYS,
                here.checks(),
                false,
                List.of(SectionReasons.notBrushed(here)));
    }

    private static SectionPlan section(Workload dog, SectionRhythm here, BitSet days, IntPredicate scarce) {
        LocalDate today = dog.forecast().today();
        Outlook outlook = dog.forecast().at(here.section()).orElseThrow();
        Workload.PlaceWork place = dog.place(here.section());
        boolean training =
                place.closed().isEmpty() && place.from().filter(day -> day == 0).isEmpty();
        List<Integer> on = days.stream().boxed().toList();
        InTheLongRun alone = dog.inTheLongRun(here.section());
        State state =
                place.closed().isPresent() ? State.CLOSED : state(here, outlook, on, training, dog.daysTold(), scarce);
        return new SectionPlan(
                here.section(),
                state,
                here.lastClear(),
                on.stream().findFirst().map(today::plusDays),
                burrs(state, outlook, alone, here, today),
                outlook.tangles(0),
                outlook.mats(0),
                alone.days(),
                Every.inWords(alone.days()),
                alone.from(),
                alone.to(),
                here.checks(),
                outlook.nobodyKnows(),
                new SectionReasons(here, outlook, dog, scarce)
                        .all(on, alone, place, here.checks() >= ENOUGH_CHECKS && outlook.mats()));
    }

    private static State state(
            SectionRhythm here, Outlook outlook, List<Integer> on, boolean training, int told, IntPredicate scarce) {
        if (here.matLeft()) {
            return State.MAT_LEFT;
        }
        if (outlook.mats(0) >= Outlook.MAT_LIKELY && outlook.known()) {
            return State.MAT_LIKELY;
        }
        if (training) {
            return State.IN_TRAINING;
        }
        if (!outlook.known() && outlook.mats()) {
            return State.UNKNOWN;
        }
        if (!on.isEmpty() && on.get(0) == 0) {
            return State.DUE;
        }
        int next = on.isEmpty() ? told : on.get(0);
        if (!SectionReasons.canWait(outlook.mats(next))) {
            return scarce.test(next) ? State.NO_MINUTES : State.COMES;
        }
        return outlook.mats() && outlook.mats(0) < FRESH ? State.FRESH : State.WAITS;
    }

    private static int burrs(State state, Outlook outlook, InTheLongRun alone, SectionRhythm here, LocalDate today) {
        if (outlook.nobodyKnows()) {
            return 0;
        }
        if (state == State.MAT_LEFT || outlook.mats(0) >= Outlook.MAT_LIKELY) {
            return BURRS_FROM.length + 1;
        }
        double part = outlook.mats()
                ? outlook.mats(0) / Math.max(alone.accepted(), Double.MIN_NORMAL)
                : here.lastClear()
                        .map(day -> (double) ChronoUnit.DAYS.between(day, today) / alone.days())
                        .orElse(1.0);
        int burrs = 0;
        while (burrs < BURRS_FROM.length && part >= BURRS_FROM[burrs]) {
            burrs++;
        }
        return burrs;
    }

    private static Reason why(List<SectionPlan> sections, Optional<LocalDate> next) {
        List<SectionPlan> first = sections.stream()
                .filter(section -> next.isPresent() && section.next().equals(next))
                .sorted(Comparator.comparingDouble(SectionPlan::mats).reversed())
                .toList();
        if (first.isEmpty()) {
            List<SectionPlan> brushed = sections.stream()
                    .filter(section -> section.state() != State.NOT_BRUSHED)
                    .toList();
            if (brushed.isEmpty()) {
                return sections.get(0).reasons().get(0);
            }
            return brushed.stream().allMatch(section -> section.state() == State.CLOSED)
                    ? new Reason(
                            "plan.all-closed",
                            "Nothing is planned while everything is closed: the coat goes on tangling meanwhile. See to it "
                                    + "that somebody looks.")
                    : new Reason("plan.nothing", "Nothing needs a brush in the days that are planned.");
        }
        int others = first.size() - 1;
        String more = others == 0
                ? ""
                : others == 1 ? " One more place comes with it." : " " + others + " more places come with it.";
        return new Reason(
                "plan.next-date",
                "First in line: " + first.get(0).section().label() + ". "
                        + first.get(0).reasons().get(0).text() + more);
    }
}
