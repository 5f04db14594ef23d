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
                    "it offers the leg when you ask")),
    BATHING(
            "Everything is laid ready before the dog comes; a mat that does not slip lies in the tub. The dog may leave at any time.",
            List.of("Running water before standing water is known.", "Wetting the head first, or water into an ear."),
            step(
                    "hears and smells it from afar",
                    "Run the water, and open the shampoo, while the dog eats in a safe place next door.",
                    "it eats, and an ear moves at most"),
            step(
                    "treats in the dry tub",
                    "The tub is dry and empty: treats round it and on its mat.",
                    "it eats from the tub"),
            step(
                    "stands in the dry tub",
                    "Lifted in under chest and belly, or it steps in: a treat at once, out again.",
                    "it stands without bracing"),
            step(
                    "a finger of warm water",
                    "Water drawn before, a finger deep and hand-warm: in, a treat, out.",
                    "it stands in it and eats"),
            step(
                    "a wet hand",
                    "Stroke legs and back with a wet hand: a treat for each.",
                    "it lets the wet hand stroke"),
            step(
                    "a trickle runs beside it",
                    "A trickle runs into the water, away from the dog: treat while it runs.",
                    "it stays and eats"),
            step(
                    "legs and feet wetted",
                    "Wet one leg with the cup or the trickle: treat, then the next.",
                    "each leg stays where it is"),
            step("back and sides wetted", "Wet back and sides down to the skin, treats in between.", "it stands loose"),
            step(
                    "soap, and rinsed",
                    "Soap the body and rinse it until the water runs clear, treats in between.",
                    "it waits through it"),
            step(
                    "the head last",
                    "With a wet cloth over the head, last of all; nothing into ears or eyes.",
                    "it shakes, and is itself again")),
    TEETH(
            "Dog toothpaste only: it is swallowed. A few days on each step; on only when it no longer bites what goes in.",
            List.of("Human toothpaste: it harms a dog.", "Holding the muzzle shut, or reaching in from above."),
            step("licks it from the finger", "A pea of dog toothpaste on your finger: it licks.", "it comes for it"),
            step(
                    "a finger on the lip",
                    "While it licks, the other hand rests on the lip: praise.",
                    "the lip stays soft"),
            step("the jowl lifted", "Lift the jowl for a second, look, let go: toothpaste.", "it does not turn away"),
            step(
                    "a finger along the gum",
                    "A finger with toothpaste along the gum of the front teeth, once.",
                    "it licks, and stays"),
            step(
                    "a finger along the side",
                    "Under the jowl along the side teeth, one stroke, each side.",
                    "it lets the finger go along"),
            step(
                    "the finger brush is seen",
                    "It licks toothpaste off the finger brush.",
                    "it licks, and does not bite it"),
            step(
                    "finger brush, front teeth",
                    "Three small circles on the front teeth.",
                    "it no longer bites the finger brush"),
            step(
                    "finger brush, one side",
                    "The jowl lifted, small circles along the outer side.",
                    "it stays until you let go"),
            step(
                    "brush, outer sides",
                    "The brush, a finger under the bristles: the outer sides, both.",
                    "it waits with its mouth soft"),
            step(
                    "back teeth too",
                    "The outer sides to the very back, both; inside is left to the tongue.",
                    "it comes when it sees the brush")),
    EYES(
            "A soft pad, damp with lukewarm water, one for each eye. The dog sits against you, not held.",
            List.of("Wiping toward the eye.", "Anything sharp near it, scissors above all."),
            step("sniffs the pad", "Offer the dry pad: it sniffs, a treat.", "it comes to the pad"),
            step("hand under the chin", "The chin in your palm for a second: treat.", "it lets the weight sink in"),
            step("hand beside the face", "The other hand comes near the cheek and goes: treat.", "it stays soft"),
            step(
                    "a finger on the cheek",
                    "Stroke the cheek outward with a finger: treat.",
                    "it does not lift its chin"),
            step("dry pad on the cheek", "The dry pad on the cheek, outward: treat.", "it stays soft"),
            step("damp pad on the cheek", "The damp pad on the cheek, outward: treat.", "it stays soft"),
            step("below the eye", "The damp pad below the eye, outward, once: treat.", "it blinks and stays"),
            step("from the inner corner", "From the inner corner outward, once: treat.", "it keeps its chin there"),
            step("one eye done", "The whole of one eye, one pad: treat.", "it keeps its chin there"),
            step("both eyes", "Both eyes, a pad for each, treats in between.", "it offers its chin by itself")),
    EARS(
            "A cotton pad or wipe, and dog ear cleaner; no buds. The ear lies in your palm.",
            List.of(
                    "Going into the canal: only what a finger tip reaches.",
                    "Cold cleaner poured in without a warning."),
            step("sniffs the pad", "Offer the pad: it sniffs, a treat.", "it comes to the pad"),
            step("a hand on the head", "Rest your hand beside the ear: treat.", "it stays soft"),
            step("strokes the ear", "Stroke the outside of the ear: treat.", "it leans in"),
            step("ear in the palm", "The ear lies in your palm for a second: treat.", "it lets it lie there"),
            step("ear turned over", "Turn it, look in, let go: treat.", "it does not shake"),
            step("a finger inside the leather", "A finger along the inside of the leather: treat.", "it stays"),
            step("dry pad on the leather", "The dry pad on the inside of the leather: treat.", "it stays"),
            step("damp pad on the leather", "The damp pad on the inside of the leather: treat.", "it shakes at most"),
            step("one ear wiped", "The outer folds of one ear, a fresh pad: treat.", "it waits until you let go"),
            step("both ears", "Both ears, a pad for each, treats in between.", "it dozes or looks about")),
    CLIPPERS(
            "A sharp scissor or guillotine kind; styptic within reach before the first claw. The paw is held low.",
            List.of(
                    "Squeezing the paw: the toe is held, not pressed.",
                    "Clipping on a day when only the sound was learned."),
            step("the paw is held", "Hold the paw for a second, let go: treat.", "the paw stays in your hand"),
            step("the paw is opened", "Part the toes, touch one claw: treat.", "it lets you look"),
            step(
                    "the tool is seen",
                    "The tool lies there, then in your hand: treat.",
                    "it looks, and looks back at you"),
            step("the tool touches the paw", "Touch the paw with the closed tool: treat.", "the paw stays"),
            step("the tool touches a claw", "Touch one claw with it: treat.", "the paw stays"),
            step("a sham clip far from it", "Clip a matchstick in the air: treat.", "an ear moves, no more"),
            step(
                    "a sham clip at the toe",
                    "A matchstick laid along the toe is clipped: treat. Some days of this.",
                    "the paw stays through the sound"),
            step(
                    "the very tip of one claw",
                    "Only the hook at the tip of one claw: a treat, and done.",
                    "it takes it like the matchstick"),
            step("two or three claws", "Two or three claws, a treat for each.", "it waits between them"),
            step("a whole paw", "A whole paw, a treat for each claw.", "it offers the next paw")),
    GRINDER(
            "Off first, far away first; hair held back from it, it winds up. A second at a time: it warms.",
            List.of("Going from off to on beside the dog.", "Standing on one claw: it heats."),
            step("off, on the floor", "The grinder lies there, off, treats round it.", "it sniffs it and eats"),
            step("off, touching the paw", "Off, it touches the paw: treat.", "the paw stays"),
            step(
                    "on, in another room",
                    "A helper switches it on next door: treat while it runs.",
                    "it eats while it runs"),
            step("on, across the room", "On, lowest, across the room: treat while it runs.", "it stays and eats"),
            step("on, beside you", "On behind your back while you hold a paw: treat.", "the paw stays"),
            step("its hum felt on the paw", "The handle, running, rests against the paw: treat.", "it stays loose"),
            step("a touch of a second", "One claw touched for a second: treat.", "the paw stays"),
            step("one claw", "One claw, a second at a time: treat.", "it waits"),
            step("two or three claws", "Two or three claws, a treat for each.", "it waits between them"),
            step("a whole paw", "A whole paw, a treat for each claw.", "it offers the next paw"));

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
