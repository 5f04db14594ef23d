package rustictangle.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import rustictangle.core.care.Claws;
import rustictangle.core.care.Supply;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Log;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Said;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.server.care.CareStore;

/** What the made-up household did at the table besides brushing. */
final class DemoCare {

    private static final Map<Supply, Optional<Integer>> SUPPLIES = Map.of(
            Supply.SHAMPOO, Optional.of(9),
            Supply.TOWELS, Optional.empty(),
            Supply.NON_SLIP_MAT, Optional.empty(),
            Supply.HOUSEHOLD_DRYER, Optional.empty(),
            Supply.COTTON_PADS, Optional.empty(),
            Supply.EAR_CLEANER, Optional.empty(),
            Supply.DOG_TOOTHPASTE, Optional.empty(),
            Supply.FINGER_BRUSH, Optional.empty(),
            Supply.NAIL_CLIPPERS, Optional.empty(),
            Supply.STYPTIC_GEL, Optional.empty());

    private static final LocalTime EVENING = LocalTime.of(19, 30);

    private final int dog;
    private final LocalDate today;
    private final List<Entry> said = new ArrayList<>();

    private DemoCare(int dog, LocalDate today) {
        this.dog = dog;
        this.today = today;
    }

    static void fill(CareStore store) {
        SUPPLIES.forEach(store::put);
    }

    /** @param dog by position in the household */
    static List<Entry> of(int dog, LocalDate today) {
        DemoCare care = new DemoCare(dog, today);
        switch (dog) {
            case 0 -> care.oakum();
            case 1 -> care.gannet();
            case 2 -> care.thimble();
            default -> care.pintle();
        }
        return care.said;
    }

    private void oakum() {
        known(6, 21);
        nails(20);
        bath(33);
        say(24, new LookedAt(Section.CHEST, "A small scab where the collar lay.", Optional.empty()));
        say(3, new LookedAt(Section.CHEST, "The scab has gone.", Optional.empty(), Optional.of(BodyFinding.GONE)));
    }

    private void gannet() {
        known(5, 25);
        nails(23);
        bath(16);
        say(10, new LookedAt(Section.EAR_LEFT, "A little red inside after swimming.", Optional.empty()));
    }

    private void thimble() {
        for (int ago : new int[] {27, 24, 21, 17, 14, 11, 8, 4}) {
            practise(ago, Exercise.TOOTHBRUSH, ago == 14 ? 1 : 3);
            practise(ago, Exercise.NAIL_GRINDER, ago == 21 ? 2 : 3);
        }
        done(8, CareJob.LOOK_OVER, Optional.empty());
        done(8, CareJob.EYES, Optional.of(Signal.RELAXED));
    }

    private void pintle() {
        for (int ago : new int[] {12, 10, 9, 7, 5, 3, 2}) {
            practise(ago, Exercise.TOOTHBRUSH, ago == 9 ? 2 : 3);
            practise(ago, Exercise.OFFERING_LEG, ago == 5 ? 1 : 3);
        }
        for (int ago : new int[] {4, 3, 2}) {
            practise(ago, Exercise.BATHING, 3);
        }
        done(6, CareJob.LOOK_OVER, Optional.empty());
    }

    /** A dog that takes everything; the newest so many days ago. */
    private void known(int looked, int teethBack) {
        for (int ago = looked + 21; ago >= looked; ago -= 7) {
            done(ago, CareJob.LOOK_OVER, Optional.empty());
            done(ago, CareJob.EARS, Optional.of(Signal.RELAXED));
            done(ago, CareJob.EYES, Optional.of(Signal.RELAXED));
            done(ago, CareJob.FEET, Optional.of(Signal.RELAXED));
        }
        for (int ago = teethBack; ago > 0; ago--) {
            // Some evenings were too short.
            if (ago % 4 != 2 && ago % 7 != 5) {
                done(ago, CareJob.TEETH, Optional.of(Signal.RELAXED));
            }
        }
    }

    private void nails(int ago) {
        Claws.of(Log.EMPTY, Claws.DewClaws.USUAL)
                .claws()
                .forEach(claw -> say(ago, new ClawTouched(claw.paw(), claw.toe(), ClawResult.DONE)));
        done(ago, CareJob.NAILS, Optional.of(Signal.RELAXED));
    }

    private void bath(int ago) {
        say(ago, new Bathed(BathKind.WHOLE_DOG));
        DrynessFelt.STAYS_DAMP.forEach(section -> say(ago, new DrynessFelt(section, true)));
        done(ago, CareJob.BATH, Optional.of(Signal.RELAXED));
    }

    private void practise(int ago, Subject subject, int relaxed) {
        for (int n = 0; n < relaxed; n++) {
            say(ago, new Practised(Optional.of(subject), Optional.empty(), Signal.RELAXED));
        }
        if (relaxed < 3) {
            say(ago, new Practised(Optional.of(subject), Optional.empty(), Signal.UNEASY));
        }
    }

    private void done(int ago, CareJob job, Optional<Signal> signal) {
        say(ago, new Cared(job, CareOutcome.DONE, signal, ""));
    }

    private void say(int ago, Said what) {
        LocalDate day = today.minusDays(ago);
        said.add(new Entry(
                UUID.nameUUIDFromBytes((dog + " " + day + " " + what + said.size()).getBytes(StandardCharsets.UTF_8)),
                day.atTime(EVENING).plusSeconds(20L * said.size()).toInstant(ZoneOffset.UTC),
                day,
                Optional.empty(),
                Optional.empty(),
                what));
    }
}
