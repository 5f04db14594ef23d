package rustictangle.core.log;

import java.util.Optional;
import java.util.UUID;
import rustictangle.core.Choice;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;

/**
 * What was seen or felt at a place, in a look-over or wherever else hands were.
 *
 * @param words what it looks like; may be empty where there is a photo, or where it is said what it is
 * @param photo of the place
 * @param what  it is; empty: the words say it
 */
@Lasts(Lasts.For.EVER)
public record LookedAt(Section section, String words, Optional<UUID> photo, Optional<BodyFinding> what)
        implements Said {

    public LookedAt(Section section, String words, Optional<UUID> photo) {
        this(section, words, photo, Optional.empty());
    }

    public LookedAt {
        Limits.refuseMissing("section", section);
        Limits.refuseMissing("words", words);
        Limits.refuseLonger("words", words, Limits.LONGEST_TEXT);
        if (words.isBlank() && photo.isEmpty() && what.isEmpty()) {
            throw new Refused("words", "Say what you saw, or take a photo.");
        }
    }

    @Override
    public String inWords() {
        String seen = what.map(Choice::label).orElse(words.isBlank() ? "a photo" : "");
        return section.label() + ": " + seen
                + (words.isBlank() ? "" : (seen.isEmpty() ? "" : ", ") + "“" + words + "”");
    }
}
