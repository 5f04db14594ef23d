package rustictangle.core.trust;

import java.util.List;

/**
 * The ten steps by which a dog learns to accept something. Common practice, no published source: the brush ladder, the
 * dryer's order and the way onto one side; the other ladders are this project's own, of the same shape.
 */
public enum Ladder {
    BRUSH(
            "Brush in one hand, treats in the other or with a helper. The dog can walk away at any time.",
            List.of(
                    "Holding the dog still. Then you are a rung too high.",
                    "Chasing it with the tool: the tool comes only as far as the dog lets it."),
            step(
                    "the tool lies on the floor",
                    "Lay the tool still on the floor, treats round it, and let the dog explore in its own time.",
                    "it sniffs round the tool and eats"),
            step(
                    "looks at the tool",
                    "Hold the tool still. The dog looks at it: mark, treat.",
                    "it looks, and looks back at you for the treat"),
            step(
                    "touches it with the nose",
                    "Hold the tool low. The nose touches it: mark, treat.",
                    "it reaches out with its nose by itself"),
            step(
                    "tool near the body",
                    "Bring the tool near this place without touching: treat, take it away.",
                    "it stays loose while the tool comes near"),
            step(
                    "back of the tool slides along",
                    "Slide the smooth back of the tool along here once: treat.",
                    "it does not lean away from the touch"),
            step(
                    "edge of the bristles touches",
                    "Touch here with the edge of the bristles: a treat each time.",
                    "it waits for the touch, and for the treat"),
            step("one light stroke", "One light stroke, one treat. Then a rest.", "it stands loose through the stroke"),
            step(
                    "two or three strokes",
                    "Two or three light strokes, then a treat.",
                    "it stays, and eats as soon as you offer"),
            step("a whole section", "Brush the whole place, with treats in between.", "it lets you finish the place"),
            step(
                    "to the skin, comb following",
                    "Brush to the skin and let the comb follow, treats in between.",
                    "it dozes, leans in or looks about")),
    COMB(
            "Comb in the open hand, wide teeth first. Choose hair that is free of tangles, so that nothing can pull.",
            List.of(
                    "Beginning in a tangle: the first comb must never pull.",
                    "Clicking the teeth on the table: some dogs mind the sound."),
            step(
                    "the comb lies on the floor",
                    "Lay the comb still on the floor, treats round it.",
                    "it sniffs round the comb and eats"),
            step(
                    "looks at the comb",
                    "Hold the comb still. The dog looks at it: mark, treat.",
                    "it looks, and looks back at you"),
            step(
                    "touches it with the nose",
                    "Hold the comb low. The nose touches it: mark, treat.",
                    "it reaches out with its nose by itself"),
            step(
                    "comb near the body",
                    "Bring the comb near this place without touching: treat, take it away.",
                    "it stays loose while the comb comes near"),
            step(
                    "back of the comb slides along",
                    "Slide the back of the comb along the hair here: treat.",
                    "it does not lean away"),
            step(
                    "wide teeth touch the tips",
                    "Let the wide teeth touch the ends of the hair: a treat each time.",
                    "it waits for the touch"),
            step(
                    "one stroke through the ends",
                    "One stroke through the last third of the hair, one treat.",
                    "it stands loose through the stroke"),
            step(
                    "two or three strokes, deeper",
                    "Two or three strokes from half-way down, then a treat.",
                    "it stays, and eats"),
            step(
                    "the whole place, wide teeth",
                    "Comb the whole place with the wide teeth, treats in between.",
                    "it lets you finish the place"),
            step(
                    "from the root, fine teeth following",
                    "From the root right through, wide then fine, treats in between.",
                    "it hardly notices")),
    MIST(
            "Fill it with plain water to begin with. Never toward the face, a hand over the eyes later on.",
            List.of("Spraying before the sound is known.", "Mist in the face, once, undoes a week."),
            step(
                    "the bottle stands on the floor",
                    "Stand the bottle on the floor, treats round it.",
                    "it sniffs the bottle and eats"),
            step(
                    "looks at the bottle",
                    "Hold the bottle still. The dog looks at it: mark, treat.",
                    "it looks, and looks back at you"),
            step(
                    "touches it with the nose",
                    "Hold it low. The nose touches it: mark, treat.",
                    "it touches it by itself"),
            step(
                    "the sound, far away",
                    "A helper sprays once, in the next room: treat at once.",
                    "it hears it, and looks to you for the treat"),
            step(
                    "the sound, in the room",
                    "Spray once away from the dog, three steps off: treat.",
                    "an ear moves, no more"),
            step("the sound, beside the dog", "Spray once into the air behind you: treat.", "it stays loose"),
            step("a damp hand", "Mist your hand, stroke this place with it: treat.", "it lets the damp hand stroke"),
            step(
                    "one light mist",
                    "One light mist onto this place from a hand's breadth, then a treat.",
                    "it stays where it is"),
            step(
                    "the whole place",
                    "Lift the hair and mist this place lightly, treats in between.",
                    "it waits through it"),
            step(
                    "mist, then the brush",
                    "Mist, then brush as usual, treats in between.",
                    "it takes it as part of the brushing")),
    DRYER(
            "Cool, unheated air only. The dog is free to leave; a flat-faced or thick-coated dog overheats, so short turns.",
            List.of(
                    "Warm air, or air into face and ears.",
                    "Going from off to on beside the dog: the sound is learned far away first."),
            step("off, on the floor", "The dryer lies on the floor, off, treats round it.", "it sniffs it and eats"),
            step(
                    "off, in your hand",
                    "Hold it, off. The dog looks at it: mark, treat.",
                    "it looks, and looks back at you"),
            step("off, near the body", "Bring it near this place, off: treat, take it away.", "it stays loose"),
            step("off, touching", "Let the hose slide along this place, off: treat.", "it does not lean away"),
            step(
                    "on, in another room",
                    "A helper switches it on behind a closed door: treat while it runs.",
                    "it eats while it runs"),
            step(
                    "on, far across the room",
                    "On, lowest, at the far end of the room: treat while it runs.",
                    "it stays and eats"),
            step("on, three steps away", "On, lowest, three steps off, air away from the dog.", "it stays loose"),
            step("a breath of air", "On, lowest: a breath of air over this place, off, treat.", "it lets the air pass"),
            step("the whole place", "Lowest air over this place, treats in between.", "it stands through it"),
            step(
                    "dry to the skin",
                    "Part the hair with the air until the skin is dry, treats in between.",
                    "it dozes or looks about")),
    TABLE(
            "Firm, non-slip, at the height of your hip. A hand on the dog, and never a step away while it is up.",
            List.of("Leaving it alone up there, even to fetch the brush.", "Tying it: it falls, or hangs."),
            step("walks up to it", "Treats on the floor round the table's foot.", "it eats beside the table"),
            step(
                    "looks at the top",
                    "Let it see you lay a treat on the edge: mark when it looks.",
                    "it looks up for the treat"),
            step(
                    "front feet on a low step",
                    "Front feet on a low, non-slip step: treat there.",
                    "it steps up by itself"),
            step(
                    "all feet on a low step",
                    "All four feet on the step: treat, let it step down.",
                    "it stays up for the treat"),
            step(
                    "stands on a low table",
                    "Lift or lead it onto a low table, one treat, down again.",
                    "it stands loose"),
            step(
                    "stands on the table",
                    "On the table, hand at its chest: treat, down again.",
                    "it stands without bracing"),
            step("ten seconds", "Ten seconds on the table, three treats.", "it looks about and eats"),
            step("hands all over", "Stroke it all over while it stands, treats in between.", "it leans into the hand"),
            step(
                    "the brush lies there",
                    "The brush lies on the table and is picked up: treat.",
                    "it does not mind the brush there"),
            step(
                    "brushed on the table",
                    "One place brushed on the table, treats in between.",
                    "it stands as it does on the floor")),
    LYING(
            "On a soft mat, after a walk. From a down, watch which way the hips roll: that is its side.",
            List.of(
                    "Pushing it over. It lies down by itself, or not today.",
                    "Luring to the side the hips roll to: the nose goes the other way."),
            step(
                    "lies down",
                    "From standing into a down, on your cue: treat on the floor between the feet.",
                    "it goes down by itself"),
            step("rolls onto a hip", "In the down, wait until a hip rolls: mark, treat.", "it rests on one hip"),
            step(
                    "nose to the other side",
                    "The hips roll left? Lure the nose to the right, along the shoulder: pay every bit.",
                    "the nose follows round to the shoulder"),
            step(
                    "shoulder goes down",
                    "Lure a little further, until the shoulder sinks: mark, treat.",
                    "it lets its shoulder sink"),
            step(
                    "head goes down",
                    "Lay the treat on the ground where the head should lie.",
                    "it lays its head there for it"),
            step(
                    "lies for three seconds",
                    "Three seconds with the head down, treat on the ground.",
                    "it waits with its head down"),
            step("stroking", "Stroke it slowly while it lies, treats on the ground.", "it breathes out"),
            step(
                    "the tool lies beside it",
                    "Lay the tool beside it while it lies: treat.",
                    "it does not lift its head"),
            step("one stroke lying down", "One light stroke on the upper side, treat on the ground.", "it stays down"),
            step(
                    "the whole upper side",
                    "Brush the upper side, treats in between; then your cue to get up.",
                    "it dozes")),
    CHIN(
            "Your flat hand, palm up, at the height of its chin. Held so lightly that the fingers can still move.",
            List.of(
                    "Closing the hand: the dog must be able to lift its chin out.",
                    "Reaching for the muzzle from above."),
            step("sniffs the hand", "Offer the flat hand: it sniffs, mark, treat.", "it comes to the hand"),
            step(
                    "nose over the hand",
                    "Treat held so that the nose reaches over the palm.",
                    "the nose comes over the palm"),
            step("chin touches", "The chin touches the palm: mark, treat.", "it lays the chin down for a moment"),
            step("chin for one second", "One second in the palm: mark, treat from below.", "it waits a second"),
            step("chin for three seconds", "Three seconds, then a treat.", "it lets the weight sink in"),
            step(
                    "a finger moves",
                    "While the chin lies, a finger strokes the cheek: treat.",
                    "it does not lift its chin"),
            step("other hand near the face", "The other hand comes near the eye and goes: treat.", "it stays soft"),
            step("comb near the face", "The comb comes near the cheek and goes: treat.", "it stays soft"),
            step("one stroke at the cheek", "One stroke, away from the eye: treat.", "it keeps its chin there"),
            step("the whole face", "The whole face, treats in between.", "it offers its chin by itself")),
    LEG(
            "The dog stands square on something that does not slip. One leg at a time, low.",
            List.of(
                    "Holding on when it pulls: go with the leg, let it come back.",
                    "Lifting out to the side: the joint does not go that way."),
            step("a hand on the shoulder", "Rest a hand on the shoulder or hip: treat.", "it stays square"),
            step(
                    "hand slides to the elbow",
                    "Slide the hand down to the elbow or knee: treat.",
                    "it does not shift away"),
            step(
                    "hand slides to the foot",
                    "Slide the hand down to the foot and up again: treat.",
                    "the leg stays where it is"),
            step("touches the foot", "Two fingers on the foot: treat.", "the foot stays"),
            step(
                    "weight off the leg",
                    "Lean the dog gently to the other side: the leg grows light, treat.",
                    "it lets the weight go"),
            step(
                    "foot off the ground",
                    "Foot a finger's breadth off the ground, down again, treat.",
                    "it lets you lift it"),
            step(
                    "three seconds up",
                    "Three seconds, low, then down before it pulls: treat.",
                    "the leg lies loose in the hand"),
            step("toes parted", "Foot up, part two toes, look, down: treat.", "it lets you look"),
            step("one stroke on the leg", "One light stroke down the lifted leg: treat.", "the leg stays loose"),
            step(
                    "the whole leg",
                    "The whole leg, treats in between; it may take it back at any time.",
                    "it offers the leg when you ask"));

    /**
     * One step.
     *
     * @param label in a few words
     * @param howTo one trial, as an instruction
     * @param met   what the dog does when the step is reached, after "met when"
     */
    public record Step(String label, String howTo, String met) {}

    private final String setUp;
    private final List<String> slips;
    private final List<Step> steps;

    Ladder(String setUp, List<String> slips, Step... steps) {
        this.setUp = setUp;
        this.slips = slips;
        this.steps = List.of(steps);
    }

    /** Before the first trial. */
    public String setUp() {
        return setUp;
    }

    /** What goes wrong most often. */
    public List<String> slips() {
        return slips;
    }

    public Step at(Rung rung) {
        return steps.get(rung.ordinal());
    }

    private static Step step(String label, String howTo, String met) {
        return new Step(label, howTo, met);
    }
}
