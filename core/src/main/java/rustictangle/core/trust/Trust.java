package rustictangle.core.trust;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;

/** Where the dog stands at every section: a fold of its answers. */
public final class Trust {

    /** First rung for a section the dog minds little, by history. Own estimate. */
    private static final int START_GENTLE = 9;
    private static final int START_CHANGING_COAT = 8;
    private static final int START_ROUGH_GROOM = 4;
    private static final int START_UNKNOWN = 3;
    private static final int START_PUPPY = 1;

    private final Map<Section, Standing> standings;

    private Trust(Map<Section, Standing> standings) {
        this.standings = Collections.unmodifiableMap(standings);
    }

    /**
     * @param trials the dog's answers, oldest first
     */
    public static Trust of(Dog dog, List<Trial> trials) {
        Map<Section, Standing> standings = new EnumMap<>(Section.class);
        Arrays.stream(Section.values()).forEach(section -> standings.put(section, start(dog, section)));
        trials.forEach(trial -> standings.compute(trial.section(),
                (section, standing) -> standing.after(trial.signal())));
        return new Trust(standings);
    }

    /** Where the dog begins before it has answered at all: lower where it minds more. */
    public static Standing start(Dog dog, Section section) {
        return new Standing(Rung.numbered(startAtBack(dog) - stepsDown(section)), 0);
    }

    public Standing at(Section section) {
        return standings.get(section);
    }

    public Map<Section, Standing> standings() {
        return standings;
    }

    /** Whether the dog accepts real brushing everywhere. */
    public boolean readyEverywhere() {
        return standings.values().stream().allMatch(standing -> standing.rung().readyForBrushing());
    }

    private static int startAtBack(Dog dog) {
        if (dog.isPuppy()) {
            return START_PUPPY;
        }
        return switch (dog.history()) {
            case ROUGH_GROOM -> START_ROUGH_GROOM;
            case UNKNOWN_RESCUE -> START_UNKNOWN;
            case GENTLE -> dog.lifeStage() == LifeStage.CHANGING_COAT ? START_CHANGING_COAT : START_GENTLE;
        };
    }

    private static int stepsDown(Section section) {
        if (section.sensitivityRank() >= 9) {
            return 2;
        }
        return section.sensitivityRank() >= 7 ? 1 : 0;
    }
}
