package rustictangle.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;
import rustictangle.core.Reason;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.rhythm.Outlook;
import rustictangle.core.rhythm.SectionRhythm;

/** Why a section is brushed when it is, in plain sentences. */
final class SectionReasons {

    private final SectionRhythm here;
    private final Outlook outlook;
    private final LocalDate today;
    /** Days that are told. */
    private final int told;

    private final IntPredicate scarce;
    private final OptionalInt brushOut;
    private final List<Integer> off;
    private final boolean daily;

    /** @param scarce whether minutes are short on any of so many days, today the first */
    SectionReasons(SectionRhythm here, Outlook outlook, Workload dog, IntPredicate scarce) {
        this.here = here;
        this.outlook = outlook;
        this.today = dog.forecast().today();
        this.told = dog.daysTold();
        this.brushOut = dog.brushOut();
        this.off = dog.off();
        this.daily = dog.daily();
        this.scarce = scarce;
    }

    static Reason notBrushed(SectionRhythm here) {
        return new Reason(
                "rhythm.not-brushed",
                "Nothing is brushed here, so nothing falls due: "
                        + here.hair().kind().hint() + ".");
    }

    /**
     * @param days  on which it is brushed, those from today on
     * @param every so many days in the long run
     */
    List<Reason> all(List<Integer> days, InTheLongRun every, Workload.PlaceWork place, boolean learned) {
        List<Reason> reasons = new ArrayList<>();
        place.closed().ifPresent(reasons::add);
        if (here.hair().kind() == CoatKind.SMOOTH) {
            reasons.add(new Reason(
                    "rhythm.smooth", "A smooth coat does not mat: a weekly rub-down is for loose hair and the skin."));
            return reasons;
        }
        reasons.add(known());
        if (!outlook.nobodyKnows()) {
            reasons.add(now());
        }
        if (place.closed().isPresent()) {
            return reasons;
        }
        if (place.from().filter(day -> day == 0).isEmpty()) {
            reasons.add(new Reason(
                    "plan.in-training",
                    "It is practised, not brushed, and goes on tangling meanwhile: that is counted everywhere."));
        } else {
            planned(days).ifPresent(reasons::add);
        }
        if (brushOut.isPresent() && days.contains(brushOut.getAsInt())) {
            reasons.add(new Reason(
                    "plan.brush-out",
                    "On {" + today.plusDays(brushOut.getAsInt())
                            + " date}, the last day before the groom, everything that mats is gone through, so that length "
                            + "can be left."));
        }
        boolean ready = place.from().filter(day -> day == 0).isPresent();
        reasons.add(daily && ready && outlook.mats() ? school(days) : rhythm(every, learned));
        if (here.wearADay() > 1) {
            reasons.add(new Reason(
                    "rhythm.exposure",
                    String.format(
                            Locale.ROOT,
                            "What the dog wears, does or sheds counts each day here as %.1f ordinary days.",
                            here.wearADay())));
        }
        return reasons;
    }

    private Reason known() {
        if (here.matLeft()) {
            return new Reason(
                    "rhythm.mat-left",
                    "A mat was left here: it tightens by the day. Tease it "
                            + "out if it is small and the skin is free beneath, else ask a groomer.");
        }
        return here.lastClear()
                .map(day -> new Reason(
                        "rhythm.clear",
                        (here.byGroomer() ? "The groomer saw it on {" : "The comb ran free on {") + day + " date}."))
                .orElseGet(() -> new Reason(
                        "rhythm.unknown", "Not known yet: no comb has been recorded here. Search with the fingers."));
    }

    private Reason now() {
        return new Reason(
                "rhythm.now",
                "By this evening " + chance(outlook.mats(0))
                        + (outlook.mats(0) >= Outlook.MAT_LIKELY ? ": search with the fingers first." : "."));
    }

    private Optional<Reason> planned(List<Integer> days) {
        int next = days.isEmpty() ? told : days.get(0);
        if (outlook.nobodyKnows()) {
            return next == 0 ? Optional.empty() : Optional.of(firstTurn(days.isEmpty(), next));
        }
        if (next > 0) {
            String day = "{" + today.plusDays(next) + " date}";
            if (off.stream().anyMatch(none -> none < next) && !canWait(outlook.mats(next))) {
                return Optional.of(new Reason(
                        "plan.days-off",
                        "Days off come before its next turn on " + day + ": by then " + chance(outlook.mats(next))
                                + "."));
            }
            return Optional.of(later(days.isEmpty(), scarce.test(next), day, outlook.mats(next)));
        }
        return days.size() < 2
                ? Optional.empty()
                : Optional.of(new Reason(
                        "plan.due",
                        "Left until {" + today.plusDays(days.get(1)) + " date}, its next turn, "
                                + chance(outlook.mats(days.get(1))) + "."));
    }

    /** @param never in the days that are told */
    private Reason firstTurn(boolean never, int next) {
        String day = "{" + today.plusDays(next) + " date}";
        return new Reason(
                "plan.first-turn",
                (never ? "Its first turn comes after " : "Its first turn comes on ") + day
                        + ": what is in it, the comb tells then.");
    }

    /** Only of what has no more than this chance of a mat by the told day is it said that it can wait. Handbook 10.5. */
    static final double CAN_WAIT_CHANCE = 0.2;

    /** Whether so many mats to be expected are few enough to say that it can wait. */
    static boolean canWait(double mats) {
        return -Math.expm1(-mats) <= CAN_WAIT_CHANCE && mats < Outlook.MAT_LIKELY;
    }

    private static Reason later(boolean never, boolean noMinutes, String day, double mats) {
        if (!canWait(mats) && (noMinutes || never)) {
            return new Reason(
                    "plan.no-minutes",
                    (noMinutes ? "There are no minutes for it before " : "Nothing is planned here before ") + day
                            + ": by then " + chance(mats) + ".");
        }
        if (never) {
            return new Reason(
                    "plan.later", "It can wait past the days that are told: by " + day + " " + chance(mats) + ".");
        }
        return canWait(mats)
                ? new Reason("plan.waits", "It can wait till " + day + ": by then " + chance(mats) + ".")
                : new Reason(
                        "plan.comes",
                        "Its turn comes on " + day + ": by then " + chance(mats)
                                + ", which costs less than a session of its own before.");
    }

    private static String chance(double mats) {
        double percent = -100 * Math.expm1(-mats);
        return "the chance of a mat is " + (percent < 0.5 ? "next to none" : Math.round(percent) + " %");
    }

    /** Said to fall short only where minutes are scarce and the days that are planned have a gap. */
    private Reason school(List<Integer> days) {
        boolean gap = days.size() < 2 || days.get(1) - days.get(0) > 1 && !off.contains(days.get(0) + 1);
        return new Reason(
                "plan.school-daily",
                gap && scarce.test(told)
                        ? "Comb only is a daily round over the whole dog, and the minutes do not hold it every day: slicker and "
                                + "comb asks for fewer days."
                        : "Comb only is a daily round over the whole dog, a few minutes with a comb from the pocket.");
    }

    private Reason rhythm(InTheLongRun every, boolean learned) {
        String what = "about " + every.words();
        return learned
                ? new Reason(
                        "rhythm.learned",
                        "Learned from " + here.checks() + " comb checks here and a little from its neighbours': " + what
                                + ".")
                : new Reason(
                        "rhythm.table",
                        "For " + here.hair().kind().label() + " hair of "
                                + Reason.mm(here.hair().length().millimetres()) + " at this place: " + what + ".");
    }
}
