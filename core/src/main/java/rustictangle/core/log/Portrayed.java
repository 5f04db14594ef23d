package rustictangle.core.log;

import java.util.UUID;

/** A photo of the whole dog, as it looks now. */
@Lasts(Lasts.For.EVER)
public record Portrayed(UUID photo) implements Said {

    public Portrayed {
        Limits.refuseMissing("photo", photo);
    }

    @Override
    public String inWords() {
        return "a photo of the whole dog";
    }
}
