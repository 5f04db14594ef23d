package rustictangle.core.dog;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Refused;

/**
 * Who this dog is, as far as the rules need to know; its name is no rule's business.
 *
 * @param flatFace overheats: cool air only
 * @param neutered needs less energy
 * @param wears    on most days
 * @param habits   on most days
 * @param born     or about then; empty: nobody knows
 */
public record Dog(
        Mass mass,
        LifeStage lifeStage,
        boolean flatFace,
        boolean neutered,
        Skin skin,
        History history,
        Set<Wear> wears,
        Set<Habit> habits,
        Optional<LocalDate> born) {

    /** Older no dog is taken to be, years. */
    private static final int OLDEST_YEARS = 30;

    public Dog {
        Objects.requireNonNull(mass, "mass");
        Objects.requireNonNull(lifeStage, "lifeStage");
        Objects.requireNonNull(skin, "skin");
        Objects.requireNonNull(history, "history");
        wears = ordered(Wear.class, wears);
        habits = ordered(Habit.class, habits);
    }

    /** A neutered dog, as most pets are; nobody knows when it was born. */
    public Dog(
            Mass mass,
            LifeStage lifeStage,
            boolean flatFace,
            Skin skin,
            History history,
            Set<Wear> wears,
            Set<Habit> habits) {
        this(mass, lifeStage, flatFace, true, skin, history, wears, habits, Optional.empty());
    }

    /** @throws Refused a day after today, or before any dog's life */
    public static void refuseBorn(LocalDate born, LocalDate today) {
        if (born.isAfter(today) || born.isBefore(today.minusYears(OLDEST_YEARS))) {
            throw new Refused(
                    "born",
                    "A day of the last " + OLDEST_YEARS + " years, today at the latest; " + born
                            + " was given. Leave it empty if nobody knows; about will do.");
        }
    }

    /** Days of its life so far; empty: nobody knows. */
    public Optional<Integer> ageDays(LocalDate today) {
        return born.map(day -> (int) Math.max(0, ChronoUnit.DAYS.between(day, today)));
    }

    /** A puppy still meets every tool for the first time. */
    public boolean isPuppy() {
        return lifeStage == LifeStage.PUPPY;
    }

    /** Frightened by an earlier groom, or nobody knows. */
    public boolean mayBeFrightened() {
        return history == History.ROUGH_GROOM || history == History.UNKNOWN_RESCUE;
    }

    /** Whom a soft brush introduces to brushing: puppies, the frightened and the old. Common practice, no published source. */
    public boolean introducedSoftly() {
        return isPuppy() || mayBeFrightened() || history == History.RAISED_HERE || lifeStage == LifeStage.ELDERLY;
    }

    /** Skin that burns sooner under a brush: thin with age, sensitive, or in a vet's care. */
    public boolean delicateSkin() {
        return lifeStage == LifeStage.ELDERLY || skin != Skin.SOUND;
    }

    private static <E extends Enum<E>> Set<E> ordered(Class<E> type, Collection<E> values) {
        EnumSet<E> set = EnumSet.noneOf(type);
        set.addAll(values);
        return java.util.Collections.unmodifiableSet(set);
    }
}
