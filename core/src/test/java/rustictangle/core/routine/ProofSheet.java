package rustictangle.core.routine;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Dogs;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Mass;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.Drawers;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.Kit;
import rustictangle.core.kit.Match;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.Ways;
import rustictangle.core.log.ToolKind;
import rustictangle.core.trust.Trust;

/** Twelve dogs and what their owners are told, to be read by a groomer. */
final class ProofSheet {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

    /** One of each that a coat may ask for. */
    static final List<Tool> DRAWER = List.of(
            Drawers.pins(24, PadKind.MEDIUM),
            Drawers.pins(19, PadKind.FIRM),
            Drawers.pins(35, PadKind.SOFT),
            Drawers.slicker(15, Tips.COATED, true),
            Tool.brush(ToolKind.WOODEN_PIN_BRUSH, 20, Optional.of(PadKind.SOFT), Tips.BALL, HeadShape.OVAL, false),
            Tool.comb(ToolKind.COMB, Spacing.WIDE_AND_FINE),
            Tool.comb(ToolKind.FACE_COMB, Spacing.FINE),
            Tool.of(ToolKind.RUBBER_CURRY),
            Tool.of(ToolKind.BRISTLE_BRUSH),
            Tool.of(ToolKind.UNDERCOAT_RAKE),
            Tool.of(ToolKind.MIST));

    private ProofSheet() {}

    record Patient(String name, Dog dog, Coat coat) {
        Routine routine() {
            return routine(Structure.PLACE_BY_PLACE);
        }

        Course course(Structure structure) {
            return Course.of(structure, routine(structure).places(), section -> true);
        }

        Routine routine(Structure structure) {
            Approach approach = Approach.USUAL.withWays(Ways.USUAL.with(SchoolQuestion.STRUCTURE, structure));
            Kit kit = Kit.of(Match.of(dog, coat, approach), DRAWER);
            return Routine.of(
                    dog, coat, kit, Trust.of(dog, kit, List.of(), DAY), List.of(), Arrays.asList(Section.values()));
        }

        RoutinePlace at(Section section) {
            return routine().places().stream()
                    .filter(place -> place.section() == section)
                    .findFirst()
                    .orElseThrow();
        }
    }

    static List<Patient> patients() {
        RegionCoat doubled = Dogs.hair(CoatKind.DOUBLE, 55, Density.DENSE, Texture.HARSH);
        return List.of(
                new Patient("silky toy", adult(3), Dogs.allOver(silk(110))),
                new Patient(
                        "golden",
                        adult(30),
                        regions(
                                Dogs.hair(CoatKind.DOUBLE, 45),
                                Map.of(
                                        Region.HEAD, Dogs.hair(CoatKind.DOUBLE, 15),
                                        Region.EARS, Dogs.hair(CoatKind.DOUBLE, 40),
                                        Region.REAR, Dogs.hair(CoatKind.DOUBLE, 90),
                                        Region.TAIL, Dogs.hair(CoatKind.DOUBLE, 100)))),
                new Patient("small double in season", adult(8), Dogs.shedding(doubled)),
                new Patient(
                        "husky",
                        adult(25),
                        regions(
                                doubled,
                                Map.of(
                                        Region.HEAD, Dogs.hair(CoatKind.DOUBLE, 15),
                                        Region.LEGS, Dogs.hair(CoatKind.DOUBLE, 25, Density.DENSE, Texture.HARSH)))),
                new Patient("fleece of 80 mm", adult(15), Dogs.allOver(Dogs.fleece(80))),
                new Patient("curly, clipped to 12 mm", adult(20), Dogs.allOver(curls(12))),
                new Patient(
                        "curly with a top-knot",
                        adult(6),
                        regions(curls(30), Map.of(Region.HEAD, curls(80), Region.EARS, curls(60)))),
                new Patient(
                        "wire with beard and legs",
                        adult(8),
                        regions(
                                Dogs.hair(CoatKind.WIRE, 20, Density.DENSE, Texture.HARSH),
                                Map.of(
                                        Region.HEAD, Dogs.hair(CoatKind.WIRE, 55, Density.DENSE, Texture.HARSH),
                                        Region.LEGS, Dogs.hair(CoatKind.WIRE, 50, Density.DENSE, Texture.HARSH)))),
                new Patient("drop of 200 mm", adult(6), Dogs.allOver(silk(200))),
                new Patient("smooth", adult(28), Dogs.allOver(Dogs.hair(CoatKind.SMOOTH, 12))),
                new Patient("puppy", Dogs.with(LifeStage.PUPPY, History.GENTLE), Dogs.allOver(Dogs.fleece(30))),
                new Patient(
                        "elderly, feathered",
                        Dogs.with(LifeStage.ELDERLY, History.GENTLE),
                        regions(
                                Dogs.hair(CoatKind.FEATHERED, 25),
                                Map.of(
                                        Region.EARS, Dogs.hair(CoatKind.FEATHERED, 70),
                                        Region.LEGS, Dogs.hair(CoatKind.FEATHERED, 50),
                                        Region.REAR, Dogs.hair(CoatKind.FEATHERED, 60),
                                        Region.TAIL, Dogs.hair(CoatKind.FEATHERED, 70)))));
    }

    private static Dog adult(double kilograms) {
        return new Dog(new Mass(kilograms), LifeStage.ADULT, false, Skin.SOUND, History.GENTLE, Set.of(), Set.of());
    }

    private static RegionCoat silk(double millimetres) {
        return Dogs.hair(CoatKind.DROP, millimetres, Density.MEDIUM, Texture.SILKY);
    }

    private static RegionCoat curls(double millimetres) {
        return new RegionCoat(
                CoatKind.CURLY, new HairLength(millimetres), Density.DENSE, Texture.CURLY, false, true, Colour.GOLD);
    }

    private static Coat regions(RegionCoat body, Map<Region, RegionCoat> others) {
        Map<Region, RegionCoat> regions = new EnumMap<>(Dogs.regions(body));
        regions.putAll(others);
        return new Coat(regions, false, false);
    }

    static String of(Patient patient) {
        StringBuilder sheet = new StringBuilder();
        for (Structure structure : Structure.values()) {
            Routine routine = patient.routine(structure);
            Course course = patient.course(structure);
            sheet.append("== %s, %s, %.0f min, %s%n"
                    .formatted(
                            patient.name(),
                            structure.label(),
                            routine.totalSeconds() / 60,
                            routine.whyOrder().text()));
            course.passes()
                    .forEach(pass -> step(
                            sheet,
                            "** " + pass.tool().label() + (pass.lifts() ? " (hair?)" : ""),
                            pass.places(),
                            pass.prompt()));
            course.steps().forEach(step -> step(sheet, "-- " + step.label(), step.places(), step.prompt()));
        }
        return sheet.toString();
    }

    private static void step(StringBuilder sheet, String label, List<RoutinePlace> places, Optional<Reason> prompt) {
        sheet.append(label)
                .append(", ")
                .append(Math.round(RoutineStep.seconds(places)))
                .append(" s")
                .append(prompt.map(said -> " · " + said.text()).orElse(""))
                .append('\n');
        places.forEach(place -> sheet.append(line(place)));
    }

    private static String line(RoutinePlace place) {
        return String.format(
                Locale.ROOT,
                "   %-16s %4.0f s  %2d×%.0f mm %s | %s | %s | mist %s | hold %s%n",
                place.section(),
                place.seconds(),
                place.layers().count(),
                place.layers().thicknessMm(),
                place.parted() ? "parted" : "",
                Stream.concat(
                                place.tools().stream()
                                        .map(tool -> tool.step().tool() + " "
                                                + tool.step().manner()),
                                place.missing().stream().map(tool -> "(" + tool + ")"))
                        .collect(Collectors.joining(", ")),
                place.passes().directions(),
                place.mist()
                        .map(mist -> mist.text()
                                .substring(0, Math.min(24, mist.text().length())))
                        .orElse("-"),
                place.hold());
    }
}
