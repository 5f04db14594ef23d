package rustictangle.core.rhythm;

import static rustictangle.core.Reason.percent;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Section;
import rustictangle.core.rhythm.SectionRhythm.State;

/** Works out one section's rhythm from its coat, the dog's life and the comb checks so far. */
final class SectionForecast {

    /** Smooth coats: a weekly rub-down. Common practice, no published source. */
    private static final int SMOOTH_INTERVAL_DAYS = 7;

    private final Comfort comfort;
    private final Section section;
    private final RegionCoat hair;
    private final Exposure exposure;
    private final List<CombCheck> checks;
    private final LocalDate today;
    private final NavigableSet<LocalDate> grooms;
    private final Optional<LocalDate> lastGroom;
    private final Optional<LocalDate> lastClear;
    /** Absent on hair that does not mat. */
    private final Optional<Hazard> hazard;

    SectionForecast(
            Comfort comfort,
            Section section,
            Conditions.Here here,
            List<CombCheck> checks,
            NavigableSet<LocalDate> grooms,
            LocalDate today) {
        this.comfort = comfort;
        this.section = section;
        this.hair = here.hair();
        this.exposure = here.exposure();
        this.hazard = here.hazard();
        this.checks = checks;
        this.today = today;
        this.grooms = grooms;
        this.lastGroom = Optional.ofNullable(grooms.floor(today));
        this.lastClear = Stream.concat(
                        checks.stream().filter(check -> !check.matLeft()).map(CombCheck::date), lastGroom.stream())
                .max(Comparator.naturalOrder());
    }

    /** What the checks here say; none where hair does not mat. */
    Optional<Learning.Evidence> evidence() {
        return hazard.map(table -> Learning.Evidence.of(checks, grooms, table));
    }

    /** Empty where hair does not mat. */
    Optional<Risk> risk(TangleRate rate) {
        return hazard.map(
                table -> new Risk(rate.factor(), table, RateTable.of(hair).hardenDays()));
    }

    SectionRhythm rhythm(TangleRate rate) {
        if (!hair.kind().brushed()) {
            return notBrushed();
        }
        return hair.kind() == CoatKind.SMOOTH ? smooth() : matting(rate);
    }

    private SectionRhythm notBrushed() {
        return new SectionRhythm(
                section,
                State.NOT_BRUSHED,
                lastClear,
                today.plusDays(Risk.LONGEST_WAIT_DAYS),
                Optional.empty(),
                0,
                0,
                0,
                Risk.LONGEST_WAIT_DAYS,
                Risk.LONGEST_WAIT_DAYS,
                Risk.LONGEST_WAIT_DAYS,
                Risk.LONGEST_WAIT_DAYS,
                checks.size(),
                List.of(new Reason(
                        "rhythm.not-brushed",
                        "Nothing is brushed here, so nothing falls due: "
                                + hair.kind().recognisedBy() + ".")));
    }

    private SectionRhythm smooth() {
        Reason why = new Reason(
                "rhythm.smooth", "A smooth coat does not mat: a weekly rub-down is for loose hair and the skin.");
        return assemble(SMOOTH_INTERVAL_DAYS, Days.always(SMOOTH_INTERVAL_DAYS), Optional.empty(), 0, 0, List.of(why));
    }

    private SectionRhythm matting(TangleRate rate) {
        Risk risk = risk(rate).orElseThrow();
        LocalDate since = lastClear.orElse(today);
        int dueAfter = risk.dueAfterDays(since, comfort);
        Days interval = new Days(
                ordinaryInterval(rate.factor()),
                ordinaryInterval(rate.high()),
                ordinaryInterval(rate.low()),
                ordinaryInterval(1));
        long days = lastClear.map(this::daysSince).orElse(0L);
        Optional<LocalDate> overdue = lastClear.map(day -> day.plusDays(risk.overdueAfterDays(day)));
        return assemble(
                dueAfter,
                interval,
                overdue,
                risk.tangle(since, days),
                risk.mat(since, days),
                reasons(risk, since, dueAfter, interval));
    }

    /** Days between brushings if today's coat stayed and nothing particular happened. */
    private int ordinaryInterval(double factor) {
        return atLength(factor, hair.length()).dueAfterDays(today, comfort);
    }

    /** On ordinary days with hair of this length. */
    Risk atLength(double factor, HairLength length) {
        RateTable table = RateTable.of(hair);
        return new Risk(
                factor, Hazard.steady(table.perDay(section, hair, length) * exposure.plain(today)), table.hardenDays());
    }

    /**
     * Days between brushings.
     *
     * @param days  as now believed
     * @param from  two times of three at least
     * @param to    and at most
     * @param table before anything was learned
     */
    private record Days(int days, int from, int to, int table) {

        static Days always(int days) {
            return new Days(days, days, days, days);
        }
    }

    private SectionRhythm assemble(
            int dueAfter,
            Days interval,
            Optional<LocalDate> overdueFrom,
            double tangle,
            double mat,
            List<Reason> reasons) {
        State state = state(dueAfter, overdueFrom);
        LocalDate due = state == State.NEVER_CHECKED || state == State.MAT_LEFT
                ? today
                : lastClear.orElseThrow().plusDays(dueAfter);
        return new SectionRhythm(
                section,
                state,
                lastClear,
                due,
                overdueFrom,
                burrs(state, dueAfter),
                tangle,
                mat,
                interval.days,
                interval.from,
                interval.to,
                interval.table,
                checks.size(),
                reasons);
    }

    private State state(int interval, Optional<LocalDate> overdueFrom) {
        if (matLeft()) {
            return State.MAT_LEFT;
        }
        if (lastClear.isEmpty()) {
            return State.NEVER_CHECKED;
        }
        if (overdueFrom.isPresent() && !today.isBefore(overdueFrom.get())) {
            return State.OVERDUE;
        }
        return daysSince(lastClear.get()) >= interval ? State.DUE : State.RESTING;
    }

    private int burrs(State state, int interval) {
        return switch (state) {
            case MAT_LEFT, OVERDUE -> 4;
            case DUE, NEVER_CHECKED -> 3;
            // Thirds of the way, so that a resting section fills evenly up to the day it is due.
            case NOT_BRUSHED -> 0;
            case RESTING -> (int) Math.min(2, 3 * daysSince(lastClear.orElseThrow()) / interval);
        };
    }

    private boolean matLeft() {
        return !checks.isEmpty()
                && checks.get(checks.size() - 1).matLeft()
                && lastGroom
                        .filter(groom ->
                                groom.isAfter(checks.get(checks.size() - 1).date()))
                        .isEmpty();
    }

    private long daysSince(LocalDate day) {
        return ChronoUnit.DAYS.between(day, today);
    }

    private List<Reason> reasons(Risk risk, LocalDate since, int dueAfter, Days interval) {
        List<Reason> reasons = new ArrayList<>();
        reasons.add(whyDue(risk, since, dueAfter));
        if (dueAfter < interval.days) {
            reasons.add(new Reason(
                    "rhythm.life",
                    "What happened since then, or is to come, makes it due after " + days(dueAfter) + " instead of "
                            + days(interval.days) + "."));
        }
        if (checks.size() > 1 && interval.days != interval.table) {
            reasons.add(new Reason(
                    "rhythm.learned",
                    "Learned from " + checks.size() + " comb checks here and a little from its neighbours': "
                            + every(interval.days) + spread(interval) + ", not " + every(interval.table) + "."));
        } else {
            reasons.add(new Reason(
                    "rhythm.table",
                    "For " + hair.kind().label() + " hair of "
                            + Reason.mm(hair.length().millimetres()) + " at this place: " + every(interval.days)
                            + spread(interval) + "."));
        }
        if (exposure.plain(today) > 1) {
            reasons.add(new Reason(
                    "rhythm.exposure",
                    String.format(
                            Locale.ROOT,
                            "What the dog wears, does or sheds counts each day here as %.1f ordinary days.",
                            exposure.plain(today))));
        }
        return reasons;
    }

    private Reason whyDue(Risk risk, LocalDate since, int interval) {
        if (matLeft()) {
            return new Reason(
                    "rhythm.mat-left",
                    "A mat was left here: it tightens by the day. Tease it "
                            + "out if it is small and the skin is free beneath, else ask a groomer.");
        }
        if (lastClear.isEmpty()) {
            return new Reason("rhythm.never-checked", "No comb has been recorded here yet.");
        }
        String ranFree = (lastGroom.equals(lastClear) ? "The groomer saw it on {" : "The comb ran free on {")
                + lastClear.get() + " date}; ";
        if (risk.tangleDecides(since, interval, comfort)) {
            return new Reason(
                    "rhythm.tangle-chance",
                    ranFree + "after " + days(interval)
                            + " the chance of a tangle is " + percent(risk.tangle(since, interval)) + "; your limit is "
                            + percent(comfort.tangleLimit()) + ".");
        }
        return new Reason(
                "rhythm.mat-chance",
                ranFree + "after " + days(interval) + " the chance of a mat is " + percent(risk.mat(since, interval))
                        + "; 5 % is the limit.");
    }

    private static String spread(Days interval) {
        return interval.from == interval.to ? "" : " (" + interval.from + " to " + interval.to + ")";
    }

    private static String days(int count) {
        return count == 1 ? "1 day" : count + " days";
    }

    private static String every(int days) {
        return days == 1 ? "every day" : "every " + days + " days";
    }
}
