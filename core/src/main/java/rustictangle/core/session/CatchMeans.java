package rustictangle.core.session;

import java.util.Optional;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Fit;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.Loosener;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.MatSchool;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.Ways;
import rustictangle.core.log.ToolKind;
import rustictangle.core.routine.Picture;

/**
 * What the place, the school and the drawer allow where the comb has caught.
 *
 * @param tender     pale, thin or sensitive skin: it is left sooner
 * @param face       near eyes and nose, or on the ear: nothing is soaked there
 * @param brush      what brushes there, by the name its owner knows; empty: the comb alone, or the fingers
 * @param comb       whether there is one
 * @param thickPins  whether a wide-spaced thick-pin brush is there
 * @param slicker    whether a slicker is there and may be used here
 * @param softener   of what is there, by the school
 * @param gel        whether detangling gel is there
 * @param groomerOnly whether no mat is worked at home: a school
 */
record CatchMeans(
        boolean tender,
        boolean face,
        Optional<String> brush,
        boolean comb,
        boolean thickPins,
        boolean slicker,
        Softener softener,
        boolean gel,
        boolean groomerOnly) {

    /** What loosens a lump before it is teased apart. */
    enum Softener {
        MIST,
        CORNSTARCH,
        /** Nothing of it is in the drawer, or none may come there. */
        NOTHING
    }

    static CatchMeans of(Picture picture, Section section) {
        SectionKit kit = picture.kit().at(section);
        Ways ways = picture.kit().match().approach().ways();
        boolean combOnly =
                kit.need().school().filter(LeadSchool.COMB_ONLY::equals).isPresent();
        boolean face = section.region() == Region.HEAD || section.region() == Region.EARS;
        return new CatchMeans(
                picture.dog().delicateSkin()
                        || section.thinSkinned()
                        || picture.coat().at(section).pale(),
                face,
                combOnly
                        ? Optional.empty()
                        : kit.steps().stream()
                                .filter(step -> step.step().manner().brushes()
                                        && step.step().manner() != Manner.FINDER)
                                .flatMap(step -> step.best().stream())
                                .map(fit -> fit.tool().shownName())
                                .findFirst(),
                kit.fits().stream()
                        .map(Fit::tool)
                        .anyMatch(tool -> here(tool) && tool.kind().proves()),
                has(kit, ToolKind.THICK_PIN_BRUSH) && !combOnly,
                has(kit, ToolKind.SLICKER)
                        && !combOnly
                        && !face
                        && kit.need().forbids(ToolKind.SLICKER).isEmpty(),
                softener(kit, face, ways.loosener()),
                has(kit, ToolKind.DETANGLING_GEL),
                ways.mats() == MatSchool.GROOMER);
    }

    /** Nothing is sprayed near eyes and nose; what is not in the drawer is not asked for. */
    private static Softener softener(SectionKit kit, boolean face, Loosener school) {
        boolean mist = !face && has(kit, ToolKind.MIST);
        boolean starch = has(kit, ToolKind.CORNSTARCH);
        boolean starchFirst = school == Loosener.STARCHED;
        if (starch && (starchFirst || !mist)) {
            return Softener.CORNSTARCH;
        }
        return mist ? Softener.MIST : Softener.NOTHING;
    }

    private static boolean has(SectionKit kit, ToolKind kind) {
        return kit.fits().stream().map(Fit::tool).anyMatch(tool -> here(tool) && tool.kind() == kind);
    }

    private static boolean here(Tool tool) {
        return !tool.putAside();
    }
}
