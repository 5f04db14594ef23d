package rustictangle.core.log;

import java.util.Optional;
import java.util.UUID;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/**
 * What was seen at a place in a look-over.
 *
 * @param words what it looks like; may be empty where there is a photo
 * @param photo of the place
 */
@Lasts(Lasts.For.EVER)
public record LookedAt(Section section, String words, Optional<UUID> photo) implements Said {

    public LookedAt {
        Limits.refuseMissing("section", section);
        Limits.refuseMissing("words", words);
        Limits.refuseLonger("words", words, Limits.LONGEST_TEXT);
        if (words.isBlank() && photo.isEmpty()) {
            throw new Refused("words", "Say what you saw, or take a photo.");
        }
    }

    @Override
    public String inWords() {
        return section.label() + ": " + (words.isBlank() ? "a photo" : "“" + words + "”");
    }
}
