package rustictangle.core.routine;

import java.util.Collection;
import java.util.List;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.trust.Trust;

/**
 * All that is reckoned of one dog on one day, for every view of it.
 *
 * @param pace of this owner on this dog
 */
public record Picture(Dog dog, Coat coat, Kit kit, Trust trust, Forecast forecast, Pace pace) {

    /** @param times that places took, see {@link Pace#times} */
    public static Picture of(Dog dog, Coat coat, Kit kit, Trust trust, Forecast forecast, List<SectionDone> times) {
        Routine whole = Routine.of(dog, coat, kit, trust, forecast.matted(), kit.brushed());
        return new Picture(dog, coat, kit, trust, forecast, Pace.learned(whole, times));
    }

    /** How these sections are done, whatever is due, in the minutes that this owner has shown to take. */
    public Routine routine(Collection<Section> sections) {
        return Routine.of(dog, coat, kit, trust, forecast.matted(), sections, forecast.happenedToday())
                .atPace(pace);
    }

    /** Everywhere that is brushed, not only practised. */
    public Routine ready() {
        return routine(Training.of(trust, kit.brushed()).brushed());
    }

    /** How everything that is brushed would be done if the coat were another one. */
    public Routine withCoat(Coat other, Kit forIt) {
        return Routine.of(dog, other, forIt, trust, forecast.matted(), forIt.brushed())
                .atPace(pace);
    }

    /** Where a mat waits that was left in. */
    public Collection<Section> matted() {
        return forecast.matted();
    }
}
