package rustictangle.core.log;

import java.util.List;
import java.util.Set;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/**
 * Fingers went through the hair down to the skin, where the dog is not brushed yet: an answer where no comb can give one.
 *
 * @param sections that were searched
 * @param lumps    where something lumped was felt; of those searched
 */
@Lasts(Lasts.For.A_YEAR)
public record FingerSearched(List<Section> sections, List<Section> lumps) implements Said {

    public FingerSearched {
        Limits.refuseMissing("sections", sections);
        Limits.refuseMissing("lumps", lumps);
        sections = List.copyOf(sections);
        lumps = List.copyOf(lumps);
        if (sections.isEmpty()) {
            throw new Refused("sections", "Say at least one place that the fingers went through.");
        }
        if (!Set.copyOf(sections).containsAll(lumps)) {
            throw new Refused("lumps", "A lump is felt at a place that was searched; name it there, too.");
        }
    }

    @Override
    public String inWords() {
        return "fingers through " + sections.size() + (sections.size() == 1 ? " place, " : " places, ")
                + (lumps.isEmpty()
                        ? "no lump"
                        : "a lump: "
                                + String.join(
                                        ", ", lumps.stream().map(Section::label).toList()));
    }
}
