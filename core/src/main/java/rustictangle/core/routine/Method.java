package rustictangle.core.routine;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Manner;
import rustictangle.core.kit.Need;
import rustictangle.core.log.ToolKind;

/** How a thing is done with the hands, step by step. Common practice, no published source; the words are our own. */
public enum Method {
    LINE_BRUSHING(
            "Line brushing",
            "The top can look fluffy while the layer at the skin felts. Only a parting shows it.",
            "Part the hair in a line until you see skin, at the bottom of the place.",
            "Hold up all the rest with your flat hand.",
            "Set the tool lightly at the skin, draw it out through the layer, and lift it away: the wires never scrape.",
            "Two or three strokes, then move along the line.",
            "When the line is done, let the next thin layer fall over it, and begin again.",
            "Hear it: hair that is not done crackles and drags, done hair is quiet."),
    CLUMPED_OR_OPEN(
            "Clumped or open",
            "Hair that clumps is a mat on its way; hair that stands apart is done.",
            "Look along the light: done hair lies strand by strand, and the skin shows at its root.",
            "Hair in strings or little cushions is not done, however soft its top is.",
            "After water it may only have dried in clumps: open them with your fingers first. That is no mat.",
            "What the fingers do not open, the brush does, from the ends inward."),
    COMB_CORNER(
            "Parting with the comb's corner",
            "A line as straight as a seam, without pulling a hair.",
            "Hold the comb like a pencil; its last tooth is the pen.",
            "Draw the corner along the skin, lightly, and lay the hair above it over your flat hand.",
            "Dense or dark hair: toward a window or a lamp, until you see skin the whole line long.",
            "Lay the comb by, and brush what hangs below the line."),
    LYING(
            "Lying on its side",
            "What the legs hide lies open, and an old back rests.",
            "Only as far as it has learned it; on a soft, non-slip cloth, never held down.",
            "From a down, wait until the hip rolls; pay every little bit, and lay the treat where the head should rest.",
            "Brush all of the upper side, then the inner sides of the lower legs.",
            "One turn, with a treat in between, and the other half."),
    TABLE_HEIGHT(
            "At the right height",
            "Your back is part of the team.",
            "A firm, non-slip place as high as your hip; a washing machine is about right for a small dog.",
            "Your elbows hang, your wrists are straight; step round the dog, do not lean over it.",
            "Never leave it alone up there, and never tied. A second person at the head is the best help.",
            "A large dog stands on the floor: then you sit."),
    COMB_PROOF(
            "The comb's proof",
            "A brush can glide over felt. The comb cannot.",
            "Put the comb in at the root, teeth toward the skin but not onto it.",
            "Draw it right through to the ends, wide teeth first, fine teeth after.",
            "Runs free: this place is proved.",
            "Catches: take it out, never pull. Back to the brush just there, then comb again."),
    EAR_IN_PALM(
            "The ear in your palm",
            "The leather is thin: it must lie on something.",
            "Lay the ear flat in your palm, upper face up.",
            "Brush from the middle of the leather to its edge, lightly.",
            "Flip it over, and do the under face.",
            "Flip it back, and comb it along its edge."),
    EAR_OVER_HEAD(
            "The ear over the head",
            "For the under face and the place behind, when the palm does not do.",
            "Fold the ear over onto the top of the head: the head is the table.",
            "Hold its edge with two fingers, without pulling.",
            "Brush the under face from the fold outward.",
            "Now behind the ear: hold the hair at its base, and comb."),
    FACE(
            "The face",
            "One slip near an eye is one too many.",
            "Chin on your palm, held so lightly that your fingers can still move.",
            "Your fingers lie over the nose, and between comb and eye.",
            "Comb away from the eyes and toward the ear.",
            "Then the beard, from its ends inward; food and wet make it felt."),
    ARMPIT(
            "The armpit",
            "It rubs at every step, and felts before any other place.",
            "The dog stands. Lift the front leg a little forward, never out to the side.",
            "Look first, then feel with your fingers.",
            "Short light strokes from the ends inward: the skin here is thin and folds.",
            "Let the leg down between two tries."),
    REAR_AND_TAIL(
            "Rear and tail",
            "Sitting, soiling: it needs more mist and less haste.",
            "Hold the tail at its base, gently, and lay it aside.",
            "A little more mist on the trousers.",
            "Part in lines from the bottom up, as everywhere.",
            "Last the tail: parted along its length, from the tip toward the base."),
    THROAT(
            "The throat",
            "Hidden by the chin, rubbed by the collar, and skipped by most.",
            "Collar off. Lift the chin only a little, with two fingers.",
            "Part in lines across the throat, from the chest up to the chin.",
            "Short strokes, away from the mouth.",
            "Comb it, right up to where the chin begins."),
    FOOT(
            "The foot",
            "Twigs, snow and burrs sit between the toes.",
            "A fore foot rests in your hand, thumb above, fingers beneath; a hind foot lies in it backward, as it stands.",
            "Part the toes and look; take out by hand what sticks.",
            "Brush the hair on top toward the nails.",
            "Comb round the edge. Trimming between the pads is for someone taught."),
    INNER_LEG(
            "The inner side of the hind leg",
            "Reached only when the other leg is out of the way.",
            "The dog stands, or lies on its side.",
            "Standing: lift the other hind leg a little, or reach through from behind.",
            "Lying: fold the upper leg back, and the inner side lies open.",
            "Thin skin: light strokes, downward, then the comb.",
            "Round the hock a curved comb has no corner to poke."),
    LIFT_UNDERCOAT(
            "Lifting the undercoat",
            "In the season the undercoat lets go by itself; the guard hair stays.",
            "Loosen first: rubber in small circles.",
            "Then the brush against the lie, so that the coat stands open.",
            "Rake or comb lightly along the lie: only what is already loose comes out.",
            "It holds? Then leave it. Never rake at what is still fast.",
            "Another pass only while the last one still brought a handful.");

    private final String title;
    private final String why;
    private final List<String> steps;

    Method(String title, String why, String... steps) {
        this.title = title;
        this.why = why;
        this.steps = List.of(steps);
    }

    public String title() {
        return title;
    }

    /** What it is good for, in a line or two. */
    public String why() {
        return why;
    }

    public List<String> steps() {
        return steps;
    }

    /** What an owner needs to know at this section, the place's own first. */
    static List<Method> at(Section section, Need need, boolean layers) {
        if (!need.brushed()) {
            return List.of();
        }
        List<Method> methods = new ArrayList<>(ownOf(section));
        if (layers) {
            methods.add(LINE_BRUSHING);
            methods.add(COMB_CORNER);
        }
        if (need.proof().isPresent()) {
            methods.add(CLUMPED_OR_OPEN);
        }
        if (need.order().stream().anyMatch(step -> step.manner() == Manner.LIFT_LOOSE)) {
            methods.add(LIFT_UNDERCOAT);
        }
        if (need.order().stream().anyMatch(step -> step.tool().proves() || step.tool() == ToolKind.FACE_COMB)) {
            methods.add(COMB_PROOF);
        }
        return methods;
    }

    private static Set<Method> ownOf(Section section) {
        return switch (section.part()) {
            case EAR -> EnumSet.of(EAR_IN_PALM, EAR_OVER_HEAD);
            case BEHIND_EAR -> EnumSet.of(EAR_OVER_HEAD);
            case MUZZLE, CROWN -> EnumSet.of(FACE);
            case ARMPIT -> EnumSet.of(ARMPIT);
            case REAR_TROUSERS, TAIL -> EnumSet.of(REAR_AND_TAIL);
            case THROAT -> EnumSet.of(THROAT);
            case HIND_LEG -> EnumSet.of(INNER_LEG);
            case BELLY -> EnumSet.of(LYING);
            case BACK -> EnumSet.of(TABLE_HEIGHT);
            default -> section.part().isFoot() ? EnumSet.of(FOOT) : EnumSet.noneOf(Method.class);
        };
    }
}
