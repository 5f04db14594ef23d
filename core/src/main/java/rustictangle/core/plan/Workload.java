package rustictangle.core.plan;

import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.AmountSchool;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.routine.SetUp;

/** What one dog asks of the household in the days to come. Immutable. */
public final class Workload {

    /** Without a groomer's date so many days are reckoned, of which {@link #DAYS_SHOWN} are told. Own choices. */
    public static final int DAYS_WITHOUT_GROOMER = 42;

    public static final int DAYS_SHOWN = 14;
    /** Never more than this are reckoned. Own choice. */
    public static final int MOST_DAYS = 70;

    /**
     * One section that is brushed, or will be.
     *
     * @param minutes what one brushing takes, greater than 0
     * @param from    the first day on which it can be brushed, 0 being today; empty: not within these days
     * @param closed  why a vet or a groomer must see it first; empty: nobody must
     */
    public record PlaceWork(double minutes, Optional<Integer> from, Optional<Reason> closed) {

        public static PlaceWork ready(double minutes) {
            return new PlaceWork(minutes, Optional.of(0), Optional.empty());
        }

        /** @param ready days from today; empty: it cannot be told */
        public static PlaceWork inTraining(double minutes, Optional<Integer> ready) {
            return new PlaceWork(minutes, ready.map(day -> Math.max(1, day)), Optional.empty());
        }

        public static PlaceWork closed(double minutes, Reason why) {
            return new PlaceWork(minutes, Optional.empty(), Optional.of(why));
        }

        private PlaceWork practisedEvery(int days) {
            return new PlaceWork(minutes, from.map(day -> day * days), closed);
        }

        boolean today() {
            return from.filter(day -> day == 0).isPresent();
        }
    }

    /**
     * What is settled of today; all later days are open.
     *
     * @param sure  is brushed, whatever else
     * @param maybe what else may be; empty: anything
     */
    public record Today(Set<Section> sure, Optional<Set<Section>> maybe) {

        public static final Today OPEN = new Today(Set.of(), Optional.empty());
        public static final Today NOTHING = only(Set.of());

        public Today {
            sure = Set.copyOf(sure);
            maybe = maybe.map(Set::copyOf);
        }

        public static Today just(Set<Section> sections) {
            return new Today(sections, Optional.of(Set.of()));
        }

        public static Today only(Set<Section> sections) {
            return new Today(Set.of(), Optional.of(sections));
        }

        public static Today atLeast(Set<Section> sections) {
            return new Today(sections, Optional.empty());
        }

        private boolean may(Section section) {
            return maybe.filter(some -> !some.contains(section)).isEmpty();
        }
    }

    /**
     * How sessions with this dog go.
     *
     * @param setUp   minutes that fetching the dog and things takes, each time
     * @param going   whether a session is going on, so that it needs no setting up today
     * @param sitting the longest sitting; empty: as long as it takes
     * @param daily   whether the school goes through everything each day, comb in the pocket
     * @param amount  how much of it is brushed at a time
     */
    public record Sessions(
            double setUp, boolean going, Optional<Duration> sitting, boolean daily, AmountSchool amount) {

        public Sessions(double setUp, boolean going, Optional<Duration> sitting) {
            this(setUp, going, sitting, false, AmountSchool.BY_MINUTES);
        }

        public Sessions {
            setUp = daily ? Math.min(setUp, SetUp.OF_A_SHORT_SITTING) : setUp;
        }
    }

    /**
     * All that a dog's work follows from.
     *
     * @param places every section that is brushed or in training
     * @param groom  days from today to the groomer's; empty: nobody said
     * @param baths  days on which it is bathed, 0 being today: a comb goes through shortly before
     * @param off    days on which nothing is done with it
     */
    public record Basis(
            Forecast forecast,
            Comfort comfort,
            Map<Section, PlaceWork> places,
            Sessions sessions,
            Optional<Integer> groom,
            List<Integer> baths,
            List<Integer> off) {

        /** Of a dog that is there every day. */
        public Basis(
                Forecast forecast,
                Comfort comfort,
                Map<Section, PlaceWork> places,
                Sessions sessions,
                Optional<Integer> groom,
                List<Integer> baths) {
            this(forecast, comfort, places, sessions, groom, baths, List.of());
        }

        public Basis {
            EnumMap<Section, PlaceWork> sorted = new EnumMap<>(Section.class);
            sorted.putAll(places);
            places = Collections.unmodifiableMap(sorted);
            baths = List.copyOf(baths);
            off = List.copyOf(off);
        }

        public Workload work() {
            return new Workload(this, Today.OPEN, Optional.empty());
        }

        private Basis of(Map<Section, PlaceWork> other) {
            return new Basis(forecast, comfort, other, sessions, groom, baths, off);
        }

        private Basis of(AmountSchool amount) {
            Sessions other = new Sessions(sessions.setUp, sessions.going, sessions.sitting, sessions.daily, amount);
            return new Basis(forecast, comfort, places, other, groom, baths, off);
        }

        private Basis of(Comfort other) {
            return new Basis(forecast, other, places, sessions, groom, baths, off);
        }
    }

    private final Basis basis;
    private final Today today;
    /** The same with nothing settled of today; empty: this is it. */
    private final Optional<Workload> open;

    private final DogJobs jobs;
    private final int end;
    private final boolean groomed;
    /** Worked out once: other dogs, and the plan, change nothing of them. */
    private volatile Optional<Planner.Schedule> alone = Optional.empty();

    private final Map<Section, InTheLongRun> longRun = new ConcurrentHashMap<>();
    private final Map<Today, Workload> settled = new ConcurrentHashMap<>();
    private final Map<Integer, Workload> seldom = new ConcurrentHashMap<>();
    private final Map<Comfort, Workload> others = new ConcurrentHashMap<>();

    private Workload(Basis basis, Today today, Optional<Workload> open) {
        this.basis = basis;
        this.today = today;
        this.open = open;
        this.groomed = basis.groom.filter(days -> days <= MOST_DAYS).isPresent();
        this.end = groomed ? Math.max(1, basis.groom.get()) : DAYS_WITHOUT_GROOMER;
        List<Job> all = basis.places.entrySet().stream()
                .map(place -> job(place.getKey(), place.getValue()))
                .toList();
        double sitting = sitting();
        this.jobs = new DogJobs(
                all,
                basis.sessions.setUp,
                today.sure.isEmpty() ? setUp(0) : 0,
                sitting,
                Math.max(0, sitting - brushing(today.sure)),
                basis.sessions.amount == AmountSchool.WHOLE,
                new double[0]);
    }

    /** Most minutes of brushing in a day; one place is never too much. */
    private double sitting() {
        double most =
                basis.sessions.sitting.map(limit -> limit.toSeconds() / 60.0).orElse(Double.POSITIVE_INFINITY);
        if (basis.sessions.amount != AmountSchool.A_THIRD) {
            return most;
        }
        return open.isPresent() ? open.get().jobs.sitting() : Math.min(most, someOfIt());
    }

    /** Above what a day asks for on average, so that days can differ. Own estimate. */
    private static final double ROOM = 1.3;

    /** A third of the dog; where its coat asks for more than that each day, so much: else it would never be done. */
    private double someOfIt() {
        double longest = basis.places.values().stream()
                .mapToDouble(PlaceWork::minutes)
                .max()
                .orElse(0);
        Workload free = new Workload(basis.of(AmountSchool.BY_MINUTES), Today.OPEN, Optional.empty());
        double asked = 0;
        List<BitSet> days = free.alone().days().get(0);
        for (int job = 0; job < days.size(); job++) {
            asked += free.jobs.jobs().get(job).minutes() * days.get(job).cardinality();
        }
        return Math.max(longest, Math.max(brushing(basis.places.keySet()) / 3, ROOM * asked / end));
    }

    private Job job(Section section, PlaceWork place) {
        Outlook outlook = basis.forecast.at(section).orElseThrow();
        Job job = Job.of(outlook, basis.comfort, place.minutes(), place.from().orElse(end), end)
                .without(basis.off)
                .beforeBaths(basis.baths, outlook.mats(), proved(section));
        job = groomed ? job.beforeGroom(outlook.mats()) : job;
        job = basis.sessions.daily && outlook.mats() ? job.daily() : job;
        return today.sure.contains(section) ? job.brushedToday() : today.may(section) ? job : job.notToday();
    }

    private double brushing(Set<Section> sections) {
        return sections.stream()
                .mapToDouble(section -> place(section).minutes())
                .sum();
    }

    /** Of a dog that is not bathed. */
    public Workload(
            Forecast forecast,
            Comfort comfort,
            Map<Section, PlaceWork> places,
            Sessions sessions,
            Optional<Integer> groom) {
        this(new Basis(forecast, comfort, places, sessions, groom, List.of()), Today.OPEN, Optional.empty());
    }

    /** Days from today to the last proof of a place, 0 or less. */
    private int proved(Section section) {
        return basis.forecast
                .sections()
                .get(section.ordinal())
                .lastClear()
                .map(day -> (int) ChronoUnit.DAYS.between(basis.forecast.today(), day))
                .orElse(-Job.NEVER_PROVED);
    }

    /** The same of an owner with another comfort. */
    public Workload with(Comfort other) {
        return other == basis.comfort
                ? this
                : others.computeIfAbsent(other, now -> new Workload(basis.of(now), today, Optional.empty()));
    }

    /** The same with something settled of today. */
    public Workload with(Today settled) {
        Workload whole = open.orElse(this);
        return settled.equals(Today.OPEN)
                ? whole
                : whole.settled.computeIfAbsent(settled, now -> new Workload(basis, now, Optional.of(whole)));
    }

    /** The same where what leads to brushing is practised only every so many days: places in training are ready later. */
    Workload practisedEvery(int days) {
        if (days == 1
                || basis.places.values().stream()
                        .allMatch(place -> place.practisedEvery(days).equals(place))) {
            return this;
        }
        return seldom.computeIfAbsent(days, now -> {
            Map<Section, PlaceWork> later = new EnumMap<>(Section.class);
            basis.places.forEach((section, place) -> later.put(section, place.practisedEvery(now)));
            return new Workload(basis.of(later), today, Optional.empty());
        });
    }

    /** What is sure to be brushed today. */
    Set<Section> sureToday() {
        return today.sure;
    }

    /**
     * What that takes, setting up included, minutes.
     *
     * @param minutes there are today
     */
    double minutesSureToday(double minutes) {
        return today.sure.isEmpty() ? 0 : SetUp.on(setUp(0), minutes) + brushing(today.sure);
    }

    Forecast forecast() {
        return basis.forecast;
    }

    Comfort comfort() {
        return basis.comfort;
    }

    /** Of a section that is brushed or in training. */
    PlaceWork place(Section section) {
        return Sure.at(basis.places, section);
    }

    Map<Section, PlaceWork> places() {
        return basis.places;
    }

    /** What a brushing takes with its share of setting up, against itself alone, in the whole dog; 1 or more. */
    double withSettingUp() {
        double minutes =
                basis.places.values().stream().mapToDouble(PlaceWork::minutes).sum();
        return 1 + jobs.setUp() / minutes;
    }

    DogJobs jobs() {
        return jobs;
    }

    /**
     * What it costs to leave a place on a day on which it could be brushed, minutes.
     *
     * @param before when it was brushed last; -1: before the plan
     * @param next   when it is brushed next
     */
    double leaving(Section section, int before, int day, int next) {
        double[][] cost = jobs.jobs()
                .get(List.copyOf(basis.places.keySet()).indexOf(section))
                .cost();
        return cost[before + 1][next] - cost[before + 1][day] - cost[day + 1][next];
    }

    InTheLongRun inTheLongRun(Section section) {
        return open.orElse(this).longRun.computeIfAbsent(section, asked -> InTheLongRun.of(this, asked));
    }

    /** Its own plan with as many minutes as it takes. */
    Planner.Schedule alone() {
        Optional<Planner.Schedule> known = alone;
        if (known.isEmpty()) {
            double[] time = new double[end];
            Arrays.fill(time, Double.POSITIVE_INFINITY);
            known = Optional.of(Planner.plan(
                    List.of(jobs),
                    time,
                    open.map(whole -> List.of(whole.alone().sessions(0))).orElse(List.of())));
            alone = known;
        }
        return known.get();
    }

    /** Minutes of setting up that a session on a day takes where there are minutes enough, 0 being today. */
    double setUp(int day) {
        return day == 0 && basis.sessions.going ? 0 : basis.sessions.setUp;
    }

    /** Days that are reckoned, today included, in [1, {@link #MOST_DAYS}]. */
    public int days() {
        return end;
    }

    /** Days on which nothing is done with it, 0 being today. */
    List<Integer> off() {
        return basis.off;
    }

    /** Whether the school goes through everything each day. */
    boolean daily() {
        return basis.sessions.daily;
    }

    /** The last day before the groom, on which everything that mats is gone through; empty: no groom is near. */
    OptionalInt brushOut() {
        return groomed
                ? IntStream.range(0, end)
                        .filter(day -> !basis.off.contains(day))
                        .max()
                : OptionalInt.empty();
    }

    /** Days that are told, today included: to the groomer's date, or as far as one can sensibly say. */
    public int daysTold() {
        return groomed ? end : Math.min(end, DAYS_SHOWN);
    }
}
