package rustictangle.core.coat;

import java.util.ArrayList;
import java.util.List;
import rustictangle.core.Reason;
import rustictangle.core.dog.Region;

/**
 * A combination that is rarely so: to be asked about, not refused.
 *
 * @param aspect which part of the description to look at again
 */
public record Doubt(Region region, Aspect aspect, Reason question) {

    /** What about the hair is in doubt. */
    public enum Aspect {
        KIND,
        LENGTH,
        TEXTURE,
        UNDERCOAT
    }

    /** Longest smooth hair, mm. Common practice, no published source: about 25. */
    public static final double SMOOTH_UP_TO_MM = 25;
    /** Longest stubble on bare skin, mm. Own estimate. */
    private static final double HAIRLESS_UP_TO_MM = 5;

    /** All doubts about this coat, region by region; empty when it all fits. */
    public static List<Doubt> about(Coat coat) {
        List<Doubt> doubts = new ArrayList<>();
        coat.regions().forEach((region, hair) -> {
            aboutUndercoat(region, hair, doubts);
            aboutTexture(region, hair, doubts);
            aboutLength(region, hair, doubts);
        });
        return List.copyOf(doubts);
    }

    private static void aboutUndercoat(Region region, RegionCoat hair, List<Doubt> doubts) {
        if (hair.kind() == CoatKind.DOUBLE && !hair.undercoat()) {
            doubts.add(new Doubt(
                    region,
                    Aspect.UNDERCOAT,
                    new Reason(
                            "coat.doubt-undercoat",
                            "A double coat without undercoat? The soft layer beneath is what makes it double.")));
        }
        if (hair.kind() == CoatKind.DROP && hair.texture() == Texture.SILKY && hair.undercoat()) {
            doubts.add(new Doubt(
                    region,
                    Aspect.UNDERCOAT,
                    new Reason(
                            "coat.doubt-undercoat",
                            "Undercoat under silky " + hair.kind().label() + " hair? Part it again: two layers are "
                                    + "the mark of a double coat. Some dogs do carry both.")));
        }
    }

    private static void aboutTexture(Region region, RegionCoat hair, List<Doubt> doubts) {
        boolean fits =
                switch (hair.kind()) {
                    case SMOOTH -> hair.texture() != Texture.CURLY;
                    case DROP -> hair.texture() == Texture.SILKY || hair.texture() == Texture.SOFT;
                    case CURLY -> hair.texture() == Texture.CURLY || hair.texture() == Texture.SOFT;
                    case FLEECE -> hair.texture() != Texture.HARSH;
                    case DOUBLE -> hair.texture() != Texture.CURLY;
                    case FEATHERED -> hair.texture() != Texture.HARSH;
                    case WIRE -> hair.texture() != Texture.SILKY;
                    case CORDED, HAIRLESS -> true;
                };
        if (!fits) {
            doubts.add(new Doubt(
                    region,
                    Aspect.TEXTURE,
                    new Reason(
                            "coat.doubt-texture",
                            hair.texture().title() + " hair in a "
                                    + hair.kind().label() + " coat? That kind is "
                                    + hair.kind().hint() + ".")));
        }
    }

    private static void aboutLength(Region region, RegionCoat hair, List<Doubt> doubts) {
        double mm = hair.length().millimetres();
        if (hair.kind() == CoatKind.SMOOTH && mm > SMOOTH_UP_TO_MM) {
            doubts.add(new Doubt(
                    region,
                    Aspect.LENGTH,
                    new Reason(
                            "coat.doubt-length",
                            "A smooth coat of " + Reason.mm(mm) + "? One hair of it is seldom over "
                                    + Reason.mm(SMOOTH_UP_TO_MM) + ": measure again, or look for another kind.")));
        }
        if (hair.kind() == CoatKind.HAIRLESS && mm > HAIRLESS_UP_TO_MM) {
            doubts.add(new Doubt(
                    region,
                    Aspect.LENGTH,
                    new Reason(
                            "coat.doubt-length",
                            "Hairless, with hair of " + Reason.mm(mm) + "? Where hair grows, name its kind.")));
        }
    }
}
