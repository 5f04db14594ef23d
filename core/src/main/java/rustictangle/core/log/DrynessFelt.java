package rustictangle.core.log;

import java.util.List;
import java.util.stream.Stream;
import rustictangle.core.dog.Part;
import rustictangle.core.dog.Section;

/**
 * A hand has felt whether it is dry to the skin.
 *
 * @param dry to the skin
 */
@Lasts(Lasts.For.A_YEAR)
public record DrynessFelt(Section section, boolean dry) implements Said {

    /** In the order in which places stay damp; where they are dry it is dry everywhere. Common practice, no published source. */
    public static final List<Section> STAYS_DAMP = Stream.of(
                    Part.ARMPIT,
                    Part.BELLY,
                    Part.FRONT_FOOT,
                    Part.HIND_FOOT,
                    Part.BEHIND_EAR,
                    Part.NECK_RUFF,
                    Part.REAR_TROUSERS)
            .flatMap(part -> Section.of(part).stream())
            .toList();

    public DrynessFelt {
        Limits.refuseMissing("section", section);
    }

    @Override
    public String inWords() {
        return section.label() + ": " + (dry ? "dry to the skin" : "still damp");
    }
}
