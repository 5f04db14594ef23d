package rustictangle.core.plan;

import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.Forecast;

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

        /** To quarters of a minute. */
        PlaceWork about() {
            return new PlaceWork(Math.max(0.25, Math.round(4 * minutes) / 4.0), from, closed);
        }

        PlaceWork notToday() {
            return new PlaceWork(minutes, from.map(day -> Math.max(1, day)), closed);
        }
    }

    /**
     * How sessions with this dog go.
     *
     * @param setUp   minutes that fetching the dog and things takes, each time
     * @param going   whether a session is going on, so that it needs no setting up today
     * @param sitting the longest sitting; empty: as long as it takes
     */
    public record Sessions(double setUp, boolean going, Optional<Duration> sitting) {}

    /**
     * All that a dog's work follows from.
     *
     * @param places every section that is brushed or in training
     * @param groom  days from today to the groomer's; empty: nobody said
     * @param baths  days on which it is bathed, 0 being today: a comb goes through shortly before
     */
    public record Basis(
            Forecast forecast,
            Comfort comfort,
            Map<Section, PlaceWork> places,
            Sessions sessions,
            Optional<Integer> groom,
            List<Integer> baths) {

        public Basis {
            places = Map.copyOf(places);
            baths = List.copyOf(baths);
        }

        public Workload work() {
            return new Workload(forecast, comfort, places, sessions, groom, baths);
        }

        /** As it was this morning: a session that is going on, and how quick hands were today, matter little. */
        Basis asOnTheMorning(Forecast thisMorning) {
            Map<Section, PlaceWork> about = new EnumMap<>(Section.class);
            places.forEach((section, place) -> about.put(section, place.about()));
            return new Basis(
                    thisMorning, comfort, about, new Sessions(sessions.setUp, false, sessions.sitting), groom, baths);
        }
    }

    private final Forecast forecast;
    private final Comfort comfort;
    private final Map<Section, PlaceWork> places;
    private final Sessions sessions;
    private final Optional<Integer> groom;
    private final List<Integer> baths;
    private final DogJobs jobs;
    private final int end;
    private final boolean groomed;
    /** Worked out once: other dogs, and the plan, change nothing of them. */
    private volatile Optional<Planner.Schedule> alone = Optional.empty();

    private final Map<Section, InTheLongRun> longRun = new ConcurrentHashMap<>();

    /**
     * @param places every section that is brushed or in training
     * @param groom  days from today to the groomer's; empty: nobody said
     * @param baths  days on which it is bathed, 0 being today: a comb goes through shortly before
     */
    public Workload(
            Forecast forecast,
            Comfort comfort,
            Map<Section, PlaceWork> places,
            Sessions sessions,
            Optional<Integer> groom,
            List<Integer> baths) {
        this.baths = List.copyOf(baths);
        this.forecast = forecast;
        this.comfort = comfort;
        EnumMap<Section, PlaceWork> sorted = new EnumMap<>(Section.class);
        sorted.putAll(places);
        this.places = Collections.unmodifiableMap(sorted);
        this.sessions = sessions;
        this.groom = groom;
        this.groomed = groom.filter(days -> days <= MOST_DAYS).isPresent();
        this.end = groomed ? Math.max(1, groom.get()) : DAYS_WITHOUT_GROOMER;
        List<Job> all = sorted.entrySet().stream()
                .map(place -> Job.of(
                                forecast.at(place.getKey()).orElseThrow(),
                                comfort,
                                place.getValue().minutes(),
                                place.getValue().from().orElse(end),
                                end)
                        .beforeBaths(
                                baths, forecast.at(place.getKey()).orElseThrow().mats(), proved(place.getKey())))
                .toList();
        this.jobs = new DogJobs(
                all,
                sessions.setUp(),
                sessions.going() ? 0 : sessions.setUp(),
                sessions.sitting().map(limit -> limit.toSeconds() / 60.0).orElse(Double.POSITIVE_INFINITY));
    }

    /** Of a dog that is not bathed. */
    public Workload(
            Forecast forecast,
            Comfort comfort,
            Map<Section, PlaceWork> places,
            Sessions sessions,
            Optional<Integer> groom) {
        this(forecast, comfort, places, sessions, groom, List.of());
    }

    /** Days from today to the last proof of a place, 0 or less. */
    private int proved(Section section) {
        return forecast.sections()
                .get(section.ordinal())
                .lastClear()
                .map(day -> (int) ChronoUnit.DAYS.between(forecast.today(), day))
                .orElse(-Job.NEVER_PROVED);
    }

    /** The same of an owner with another comfort. */
    public Workload with(Comfort other) {
        return other == comfort ? this : new Workload(forecast, other, places, sessions, groom, baths);
    }

    /** The same where nothing is brushed today. */
    public Workload notToday() {
        Map<Section, PlaceWork> later = new EnumMap<>(Section.class);
        places.forEach((section, place) -> later.put(section, place.notToday()));
        return new Workload(forecast, comfort, later, sessions, groom, baths);
    }

    Forecast forecast() {
        return forecast;
    }

    Comfort comfort() {
        return comfort;
    }

    /** Of a section that is brushed or in training. */
    PlaceWork place(Section section) {
        return Sure.at(places, section);
    }

    Map<Section, PlaceWork> places() {
        return places;
    }

    /** What a brushing takes with its share of setting up, against itself alone, in the whole dog; 1 or more. */
    double withSettingUp() {
        double minutes =
                places.values().stream().mapToDouble(PlaceWork::minutes).sum();
        return 1 + jobs.setUp() / minutes;
    }

    DogJobs jobs() {
        return jobs;
    }

    InTheLongRun inTheLongRun(Section section) {
        return longRun.computeIfAbsent(section, asked -> InTheLongRun.of(this, asked));
    }

    /** Its own plan with as many minutes as it takes. */
    Planner.Schedule alone() {
        Optional<Planner.Schedule> known = alone;
        if (known.isEmpty()) {
            double[] time = new double[end];
            Arrays.fill(time, Double.POSITIVE_INFINITY);
            known = Optional.of(Planner.plan(List.of(jobs), time));
            alone = known;
        }
        return known.get();
    }

    /** Minutes of setting up that a session today takes. */
    public double setUpToday() {
        return jobs.setUpToday();
    }

    /** Days that are reckoned, today included, in [1, {@link #MOST_DAYS}]. */
    public int days() {
        return end;
    }

    /** Days that are told, today included: to the groomer's date, or as far as one can sensibly say. */
    public int daysTold() {
        return groomed ? end : Math.min(end, DAYS_SHOWN);
    }
}
