package rustictangle.core.session;

import java.util.Optional;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Fit;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.kit.Tool;
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
 * @param cornstarch whether it is there
 * @param gel        whether detangling gel is there
 */
record CatchMeans(
        boolean tender,
        boolean face,
        Optional<String> brush,
        boolean comb,
        boolean thickPins,
        boolean slicker,
        boolean cornstarch,
        boolean gel) {

    static CatchMeans of(Picture picture, Section section) {
        SectionKit kit = picture.kit().at(section);
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
                has(kit, ToolKind.CORNSTARCH),
                has(kit, ToolKind.DETANGLING_GEL));
    }

    private static boolean has(SectionKit kit, ToolKind kind) {
        return kit.fits().stream().map(Fit::tool).anyMatch(tool -> here(tool) && tool.kind() == kind);
    }

    private static boolean here(Tool tool) {
        return !tool.putAside();
    }
}
