package rustictangle.core.rhythm;

import static rustictangle.core.Reason.percent;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Dog;
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

    SectionForecast(Dog dog, Coat coat, Comfort comfort, Section section, List<CombCheck> checks, Life life,
            LocalDate today) {
        this.comfort = comfort;
        this.section = section;
        this.hair = coat.at(section);
        this.exposure = Exposure.of(dog, coat, section, life);
        this.checks = checks;
        this.today = today;
    }

    SectionRhythm rhythm() {
        if (!hair.kind().brushed()) {
            return notBrushed();
        }
        return hair.kind() == CoatKind.SMOOTH ? smooth() : matting();
    }

    private SectionRhythm notBrushed() {
        return new SectionRhythm(section, State.NOT_BRUSHED, lastClear(), today.plusDays(Risk.LONGEST_WAIT_DAYS),
                Optional.empty(), 0, 0, 0, Risk.LONGEST_WAIT_DAYS, Risk.LONGEST_WAIT_DAYS, checks.size(),
                List.of(new Reason("rhythm.not-brushed", "Nothing is brushed here, so nothing falls due: "
                        + hair.kind().recognisedBy() + ".")));
    }

    private SectionRhythm smooth() {
        Reason why = new Reason("rhythm.smooth", "A smooth coat does not mat: a weekly rub-down is for "
                + "loose hair and the skin.");
        return assemble(SMOOTH_INTERVAL_DAYS, SMOOTH_INTERVAL_DAYS, SMOOTH_INTERVAL_DAYS, Optional.empty(), 0, 0, List.of(why));
    }

    private SectionRhythm matting() {
        RateTable table = RateTable.of(hair);
        double tableRate = table.perDay(section, hair);
        LocalDate since = lastClear().orElse(today);
        Risk expected = new Risk(tableRate, exposure.ordinary(), table.hardenDays(), since);
        Risk risk = new Risk(learn(TangleRate.fromTable(tableRate)).perDay(), exposure, table.hardenDays(), since);
        int dueAfter = risk.dueAfterDays(comfort);
        int interval = risk.ordinary().dueAfterDays(comfort);
        int tableInterval = expected.dueAfterDays(comfort);
        long days = lastClear().map(this::daysSince).orElse(0L);
        Optional<LocalDate> overdue = lastClear().map(day -> day.plusDays(risk.overdueAfterDays()));
        return assemble(dueAfter, interval, tableInterval, overdue, risk.tangle(days), risk.mat(days),
                reasons(risk, dueAfter, interval, tableInterval));
    }

    private SectionRhythm assemble(int dueAfter, int interval, int tableInterval, Optional<LocalDate> overdueFrom,
            double tangle, double mat, List<Reason> reasons) {
        State state = state(dueAfter, overdueFrom);
        LocalDate due = state == State.NEVER_CHECKED || state == State.MAT_LEFT
                ? today : lastClear().orElseThrow().plusDays(dueAfter);
        return new SectionRhythm(section, state, lastClear(), due, overdueFrom, burrs(state, dueAfter),
                tangle, mat, interval, tableInterval, checks.size(), reasons);
    }

    private State state(int interval, Optional<LocalDate> overdueFrom) {
        if (matLeft()) {
            return State.MAT_LEFT;
        }
        if (lastClear().isEmpty()) {
            return State.NEVER_CHECKED;
        }
        if (overdueFrom.isPresent() && !today.isBefore(overdueFrom.get())) {
            return State.OVERDUE;
        }
        return daysSince(lastClear().get()) >= interval ? State.DUE : State.RESTING;
    }

    private int burrs(State state, int interval) {
        return switch (state) {
            case MAT_LEFT, OVERDUE -> 4;
            case DUE, NEVER_CHECKED -> 3;
            // Thirds of the way, so that a resting section fills evenly up to the day it is due.
            case NOT_BRUSHED -> 0;
            case RESTING -> (int) Math.min(2, 3 * daysSince(lastClear().orElseThrow()) / interval);
        };
    }

    /** The first check opens the count: nobody knows what was before it. */
    private TangleRate learn(TangleRate belief) {
        TangleRate learned = belief;
        for (int i = 1; i < checks.size(); i++) {
            long days = ChronoUnit.DAYS.between(checks.get(i - 1).date(), checks.get(i).date());
            learned = learned.after(checks.get(i).tangles(), exposure.over(checks.get(i - 1).date(), days));
        }
        return learned;
    }

    private boolean matLeft() {
        return !checks.isEmpty() && checks.get(checks.size() - 1).matLeft();
    }

    private Optional<LocalDate> lastClear() {
        return checks.stream().filter(check -> !check.matLeft()).map(CombCheck::date)
                .reduce((first, second) -> second);
    }

    private long daysSince(LocalDate day) {
        return ChronoUnit.DAYS.between(day, today);
    }

    private List<Reason> reasons(Risk risk, int dueAfter, int interval, int tableInterval) {
        List<Reason> reasons = new ArrayList<>();
        reasons.add(whyDue(risk, dueAfter));
        if (dueAfter < interval) {
            reasons.add(new Reason("rhythm.life", "What happened since then makes it due after " + days(dueAfter)
                    + " instead of " + days(interval) + "."));
        }
        if (checks.size() > 1 && interval != tableInterval) {
            reasons.add(new Reason("rhythm.learned", "Learned from " + checks.size()
                    + " comb checks here: " + every(interval) + ", not " + every(tableInterval) + "."));
        } else {
            reasons.add(new Reason("rhythm.table", "For " + hair.kind().label() + " hair of "
                    + Reason.mm(hair.length().millimetres()) + " at this place: " + every(interval) + "."));
        }
        if (exposure.perDay() > 1) {
            reasons.add(new Reason("rhythm.exposure", String.format(java.util.Locale.ROOT,
                    "What the dog wears, does or sheds counts each day here as %.1f ordinary days.",
                    exposure.perDay())));
        }
        return reasons;
    }

    private Reason whyDue(Risk risk, int interval) {
        if (matLeft()) {
            return new Reason("rhythm.mat-left", "A mat was left here: it tightens by the day. Tease it "
                    + "out if it is small and the skin is free beneath, else ask a groomer.");
        }
        if (lastClear().isEmpty()) {
            return new Reason("rhythm.never-checked", "No comb has been recorded here yet.");
        }
        String since = "The comb ran free on {" + lastClear().get() + " date}; ";
        if (risk.tangleDecides(comfort)) {
            return new Reason("rhythm.tangle-chance", since + "after " + days(interval)
                    + " the chance of a tangle is " + percent(risk.tangle(interval)) + "; your limit is "
                    + percent(comfort.tangleLimit()) + ".");
        }
        return new Reason("rhythm.mat-chance", since + "after " + days(interval)
                + " the chance of a mat is " + percent(risk.mat(interval)) + "; 5 % is the limit.");
    }

    private static String days(int count) {
        return count == 1 ? "1 day" : count + " days";
    }

    private static String every(int days) {
        return days == 1 ? "every day" : "every " + days + " days";
    }
}
