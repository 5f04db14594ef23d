package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.routine.SetUp;

/**
 * Who is brushed where on which day, over all dogs: the one plan that every view reads.
 *
 * <p>It asks for the fewest minutes and mats together, a mat being worth what the owner's {@link
 * rustictangle.core.rhythm.Comfort} says. As many minutes as it takes, or so many a day, differ only in what a day holds.
 * Nothing is kept from an earlier plan: a missed day only means that today's begins from there. The same facts give the
 * same plan.
 */
public final class HouseholdPlan {

    private static final int DAYS_A_WEEK = 7;
    private static final double DAYS_A_MONTH = 365.25 / 12;

    /** A place of one of the dogs, by the dog's position. */
    public record PlannedPlace(int dog, Section section, double minutes) {}

    private final List<Workload> dogs;
    private final List<Map<Section, BitSet>> days;
    private final Chores.Laid besides;
    /** What one minute more would save on each day, besides itself, minutes; 0, and none: the day has minutes to spare. */
    private final List<Double> price;
    /** There are each day, by which a sitting is short or not; none: as many as it takes. */
    private final double[] time;

    private HouseholdPlan(
            List<Workload> dogs,
            List<Map<Section, BitSet>> days,
            Chores.Laid besides,
            List<Double> price,
            double[] time) {
        this.time = time;
        this.dogs = List.copyOf(dogs);
        this.days = days;
        this.besides = besides;
        this.price = price;
    }

    /** As many days as have to be planned for, today included. */
    public static int days(List<Workload> dogs) {
        return dogs.stream().mapToInt(Workload::days).max().orElse(1);
    }

    /** The same where other things than brushing are planned, too: those go on behind a groom. */
    private static int days(List<Workload> dogs, Chores chores) {
        return Math.max(days(dogs), chores == Chores.NONE ? 1 : Workload.DAYS_WITHOUT_GROOMER);
    }

    /** As many minutes as it takes. */
    public static HouseholdPlan asItTakes(List<Workload> dogs) {
        return asItTakes(dogs, Chores.NONE);
    }

    static HouseholdPlan asItTakes(List<Workload> dogs, Chores chores) {
        return of(
                dogs,
                dogs.stream().map(dog -> dog.alone().days().get(0)).toList(),
                chores.asChosen(days(dogs, chores)),
                List.of(),
                new double[0]);
    }

    /** @param minutes there are for brushing, each day from today on, setting up included; at least as many as {@link #days} */
    public static HouseholdPlan of(List<Workload> dogs, double[] minutes) {
        return of(dogs, Chores.NONE, day -> minutes[day], 0, Optional.empty());
    }

    /**
     * Brushing, and all else, in the same minutes.
     *
     * @param minutes there are each day for all of it, 0 being today
     * @param spent   of today's
     * @param like    a plan of the same dogs that is nearly right, and sooner made better than a new one; empty: none is
     */
    static HouseholdPlan of(
            List<Workload> dogs,
            Chores chores,
            IntToDoubleFunction minutes,
            double spent,
            Optional<HouseholdPlan> like) {
        int end = days(dogs, chores);
        double[] there = IntStream.range(0, end).mapToDouble(minutes).toArray();
        double[] time = there.clone();
        time[0] = Math.max(0, time[0] - spent);
        HouseholdPlan free = asItTakes(dogs, chores);
        if (IntStream.range(0, end)
                .allMatch(day -> free.minutes(day) + free.besides.minutes(day) <= time[day] + 1e-9)) {
            return free;
        }
        Chores.Laid fixed = chores.fixed(end);
        for (int day = 0; day < end; day++) {
            time[day] = Math.max(0, time[day] - fixed.minutes(day));
        }
        double sure =
                dogs.stream().mapToDouble(dog -> dog.minutesSureToday(there[0])).sum();
        time[0] = Math.max(0, time[0] - sure);
        List<DogJobs> jobs =
                new ArrayList<>(dogs.stream().map(dog -> dog.jobs().in(there)).toList());
        Optional<HouseholdPlan> known = like.filter(plan -> plan.dogs.size() == dogs.size() && !plan.price.isEmpty());
        List<BitSet> start = new ArrayList<>();
        for (int dog = 0; dog < dogs.size(); dog++) {
            int here = dog;
            start.add(known.map(plan -> plan.sessions(here, dogs.get(here).days()))
                    .orElseGet(() -> dogs.get(here).alone().sessions(0)));
        }
        Optional<DogJobs> loose = chores.jobs(end, false);
        loose.ifPresent(besides -> {
            jobs.add(besides);
            start.add(new BitSet());
        });
        Planner.Schedule schedule = Planner.plan(
                jobs, time, start, known.map(plan -> plan.price).orElse(List.of()), chores.jobs(end, true));
        return of(
                dogs,
                schedule.days().subList(0, dogs.size()),
                chores.laid(
                        loose.map(besides -> schedule.days().get(dogs.size())).orElse(List.of()), end),
                schedule.price(),
                there);
    }

    private static HouseholdPlan of(
            List<Workload> dogs, List<List<BitSet>> days, Chores.Laid besides, List<Double> price, double[] time) {
        List<Map<Section, BitSet>> all = new ArrayList<>();
        for (int g = 0; g < dogs.size(); g++) {
            Map<Section, BitSet> places = new EnumMap<>(Section.class);
            int i = 0;
            for (Section section : dogs.get(g).places().keySet()) {
                BitSet on = (BitSet) days.get(g).get(i++).clone();
                if (dogs.get(g).sureToday().contains(section)) {
                    on.set(0);
                }
                places.put(section, on);
            }
            all.add(places);
        }
        return new HouseholdPlan(dogs, all, besides, price, time);
    }

    /** On a day, 0 being today. */
    public List<PlannedPlace> on(int day) {
        List<PlannedPlace> places = new ArrayList<>();
        for (int g = 0; g < dogs.size(); g++) {
            int dog = g;
            days.get(g).forEach((section, on) -> {
                if (on.get(day)) {
                    places.add(new PlannedPlace(
                            dog, section, dogs.get(dog).place(section).minutes()));
                }
            });
        }
        return places;
    }

    /** The sections of one dog that are brushed on a day, 0 being today. */
    public Set<Section> sectionsOn(int dog, int day) {
        Set<Section> sections = EnumSet.noneOf(Section.class);
        days.get(dog).forEach((section, on) -> {
            if (on.get(day)) {
                sections.add(section);
            }
        });
        return sections;
    }

    private BitSet sessions(int dog, int end) {
        BitSet sessions = new BitSet();
        days.get(dog).values().forEach(sessions::or);
        return sessions.get(0, end);
    }

    /** The jobs at the table, and baths. */
    public CareDays care() {
        return besides.care();
    }

    public PracticeDays practice() {
        return besides.practice();
    }

    /** Whether minutes are short on any of so many days, today the first. */
    private boolean scarce(int ofDays) {
        return price.stream().limit(ofDays).anyMatch(each -> each > 0);
    }

    /** What a day takes, setting up included. */
    public double minutes(int day) {
        return IntStream.range(0, dogs.size())
                .mapToDouble(dog -> minutes(dog, day))
                .sum();
    }

    /** The same of one dog; 0 when it has no session. */
    public double minutes(int dog, int day) {
        double brushing = brushing(dog, day);
        return brushing == 0 ? 0 : brushing + setUp(dog, day);
    }

    /** Minutes of setting up that a session of one dog takes on a day. */
    public double setUp(int dog, int day) {
        double usual = dogs.get(dog).setUp(day);
        return time.length == 0 ? usual : SetUp.on(usual, time[day]);
    }

    /** Without setting up. */
    public double brushing(int dog, int day) {
        Workload of = dogs.get(dog);
        return days.get(dog).entrySet().stream()
                .filter(place -> place.getValue().get(day))
                .mapToDouble(place -> of.place(place.getKey()).minutes())
                .sum();
    }

    /** What one dog takes on average in the days that are planned, setting up included. */
    public double minutesAWeek(int dog) {
        int days = dogs.get(dog).days();
        return IntStream.range(0, days).mapToDouble(day -> minutes(dog, day)).sum() * DAYS_A_WEEK / days;
    }

    /**
     * How a usual week goes.
     *
     * @param sessions a week, 0 to 7
     * @param minutes  of a week, setting up included
     * @param mats     small ones to expect in a month
     */
    public record Week(double sessions, double minutes, double mats) {}

    public Week week(int dog) {
        int end = dogs.get(dog).days();
        long sessions = IntStream.range(0, end)
                .filter(day -> !sectionsOn(dog, day).isEmpty())
                .count();
        return new Week(sessions * (double) DAYS_A_WEEK / end, minutesAWeek(dog), matsAMonth(dog));
    }

    /**
     * Small mats to expect of one dog on average in the days that are planned, besides those of today: what nobody knows
     * counts as free today, so that a month of the routine is told and not a past that was guessed.
     */
    public double matsAMonth(int dog) {
        double sum = 0;
        for (Map.Entry<Section, BitSet> place : days.get(dog).entrySet()) {
            sum += mats(
                    dogs.get(dog).forecast().at(place.getKey()).orElseThrow(),
                    place.getValue(),
                    dogs.get(dog).days());
        }
        return sum * DAYS_A_MONTH / dogs.get(dog).days();
    }

    private static double mats(Outlook outlook, BitSet days, int end) {
        int first = days.nextSetBit(0);
        int until = first < 0 ? end : first;
        double sum = outlook.nobodyKnows() ? outlook.mats(0, until) : outlook.mats(until) - outlook.mats(0);
        for (int day = first; day >= 0; ) {
            int next = days.nextSetBit(day + 1);
            sum += outlook.mats(day, next < 0 ? end : next);
            day = next;
        }
        return sum;
    }

    /**
     * Small mats that are in a coat, or have been found, by the end of the days that are told.
     *
     * @param nobodyKnows places of which nobody knows what is in them: they are in neither sum
     */
    public record End(Mats mats, int nobodyKnows) {}

    public End end(int dog) {
        Mats mats = new Mats(0, 0);
        int unknown = 0;
        for (SectionThread thread : threads(dog)) {
            if (thread.nobodyKnows()) {
                unknown++;
            } else {
                mats = mats.and(thread.on(thread.planned().size() - 1));
            }
        }
        return new End(mats, unknown);
    }

    /** One dog of it, section by section. */
    public DogPlan dog(int dog) {
        return DogPlan.of(dogs.get(dog), days.get(dog), this::scarce);
    }

    /** Day by day what is to be expected of one dog's places whose hair mats, in training or not. */
    public List<SectionThread> threads(int dog) {
        return threads(dog, dogs.get(dog).daysTold());
    }

    private List<SectionThread> threads(int dog, int end) {
        return days.get(dog).entrySet().stream()
                .flatMap(place -> SectionThread.of(dogs.get(dog), place.getKey(), place.getValue(), end).stream())
                .toList();
    }

    /**
     * Small mats that are in a coat, or have been found, by the evening of a day, as far as anybody knows.
     *
     * @param nothing the same if nothing is done
     */
    public record Mats(double planned, double nothing) {

        Mats and(Mats other) {
            return new Mats(planned + other.planned, nothing + other.nothing);
        }
    }

    /**
     * Of all dogs, day by day from today on. The coat of one that a groomer has seen is another one: what was of it until
     * then stays counted, what comes later is not foretold.
     */
    public List<Mats> mats(int ofDays) {
        List<Mats> mats = new ArrayList<>(Collections.nCopies(ofDays, new Mats(0, 0)));
        for (int dog = 0; dog < dogs.size(); dog++) {
            int last = dogs.get(dog).days() - 1;
            for (SectionThread thread : threads(dog, last)) {
                if (thread.nobodyKnows()) {
                    continue;
                }
                for (int day = 0; day < ofDays; day++) {
                    int on = Math.min(day, last);
                    mats.set(day, mats.get(day).and(thread.on(on)));
                }
            }
        }
        return List.copyOf(mats);
    }

    /** The days of each place of one dog, 0 being today. */
    public Map<Section, BitSet> of(int dog) {
        Map<Section, BitSet> of = new EnumMap<>(Section.class);
        days.get(dog).forEach((section, on) -> of.put(section, (BitSet) on.clone()));
        return of;
    }
}
