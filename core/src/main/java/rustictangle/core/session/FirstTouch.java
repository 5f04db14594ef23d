package rustictangle.core.session;

import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.SectionKit;
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Said;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.core.routine.Picture;
import rustictangle.core.trust.Ladder;
import rustictangle.core.trust.Practice;

/**
 * The first half minute with a dog that nothing is known of yet: one place at which most dogs like to be touched, or for a
 * dog that has to learn to be brushed the first treat of its ladder. Whatever the answer, something is known then. Common
 * practice, no published source.
 *
 * @param section empty: the whole dog
 * @param subject that is practised; empty: nothing is
 * @param how     what the hands do
 */
public record FirstTouch(
        Way way, Optional<Section> section, Optional<Subject> subject, Reason how, List<Offer> offers) {

    /** Where nearly every dog lets itself be touched. Common practice, no published source. */
    private static final Section PLACE = Section.SHOULDER_LEFT;

    /** What the hands have. */
    public enum Way {
        TREAT,
        COMB,
        FINGERS,
        /** On hair that does not mat. */
        HAND
    }

    /** What came of it. */
    public enum Outcome {
        GOOD,
        /** It caught, and is out. */
        OUT,
        /** It caught, and stays; something was felt; it was not sure. */
        NOT_YET,
        LEFT
    }

    /**
     * One answer that can be given.
     *
     * @param title as the owner would say it
     * @param hint  what to do before it is given; may be empty
     * @param then  what is known by it
     */
    public record Offer(Outcome outcome, String title, String hint, Reason then) {}

    /** What an answer writes: at most one of the two. */
    public record Written(Optional<Afterwards> brushed, Optional<Said> said) {}

    public FirstTouch {
        offers = List.copyOf(offers);
    }

    /** @param practices of today */
    public static FirstTouch of(Picture picture, List<Practice> practices) {
        Optional<Practice> brush =
                practices.stream().filter(Practice::leadsToBrushing).findFirst();
        if (brush.isPresent() && !picture.trust().readyAt(PLACE)) {
            return treat(brush.get());
        }
        SectionKit here = picture.kit().at(PLACE);
        return !here.need().hair().kind().mats() ? hand() : here.proves() ? comb() : fingers();
    }

    private static FirstTouch treat(Practice practice) {
        return new FirstTouch(
                Way.TREAT,
                practice.spot().section(),
                Optional.of(practice.spot().subject()),
                new Reason(
                        "session.first-treat",
                        Ladder.of(practice.spot().subject())
                                .at(practice.standing().rung())
                                .howTo()),
                List.of(
                        new Offer(
                                Outcome.GOOD,
                                "It ate, and stayed loose",
                                "",
                                new Reason(
                                        "session.first-treated",
                                        "The first of three: three such answers in a row, and its next step comes.")),
                        new Offer(
                                Outcome.NOT_YET,
                                "It was not sure",
                                "",
                                new Reason(
                                        "session.first-unsure",
                                        "Then the step was a little large: next time from further off, and a better treat.")),
                        left()));
    }

    private static FirstTouch comb() {
        return new FirstTouch(
                Way.COMB,
                Optional.of(PLACE),
                Optional.empty(),
                new Reason(
                        "session.first-comb",
                        "Lay a hand on its left shoulder. Part the hair till you see skin, set the comb there, and draw it "
                                + "out slowly, three times."),
                List.of(
                        new Offer(
                                Outcome.GOOD,
                                "It ran free",
                                "",
                                new Reason(
                                        "session.first-proved",
                                        "That place is proved. Every other place is proved the same way, a few at a time.")),
                        new Offer(
                                Outcome.OUT,
                                "It is out now",
                                "Hold the hair at the skin; fingers and comb from the tips inwards.",
                                new Reason(
                                        "session.first-out",
                                        "That place is proved, and one tangle is counted: places like it come round a little "
                                                + "sooner.")),
                        new Offer(
                                Outcome.NOT_YET,
                                "It stays in for now",
                                "That is all right: it comes first next time.",
                                new Reason(
                                        "session.first-stays",
                                        "That place comes first next time, with fingers and a little at a time; the product "
                                                + "tells when a groomer is kinder.")),
                        left()));
    }

    private static FirstTouch fingers() {
        return new FirstTouch(
                Way.FINGERS,
                Optional.of(PLACE),
                Optional.empty(),
                new Reason(
                        "session.first-fingers",
                        "Walk your fingertips through the hair of its left shoulder, down to the skin and out to the tips."),
                felt(
                        "They ran free",
                        "A lump in the hair",
                        new Reason(
                                "session.first-felt-free",
                                "No mat is at that place. Whether it is combed to the skin, only a comb can tell."),
                        new Reason(
                                "session.first-felt-lump",
                                "That place is marked: fingers first there, and no water before it is out.")));
    }

    private static FirstTouch hand() {
        return new FirstTouch(
                Way.HAND,
                Optional.of(PLACE),
                Optional.empty(),
                new Reason(
                        "session.first-hand",
                        "Stroke its left shoulder slowly with a flat hand, against the hair and back, and look at the skin."),
                felt(
                        "All smooth",
                        "Something in the skin",
                        new Reason(
                                "session.first-smooth",
                                "Nothing to be seen or felt there. A coat like this does not mat; once a week it is rubbed down."),
                        new Reason(
                                "session.first-skin",
                                "It is written down with the day. New or growing, hot or sore: your vet looks at it.")));
    }

    private static List<Offer> felt(String good, String something, Reason free, Reason lump) {
        return List.of(
                new Offer(Outcome.GOOD, good, "", free), new Offer(Outcome.NOT_YET, something, "", lump), left());
    }

    private static Offer left() {
        return new Offer(
                Outcome.LEFT,
                "It went away",
                "",
                new Reason(
                        "session.first-left",
                        "An answer as good as any: it was let go. There it begins with treats, and a little less."));
    }

    /** What an answer says in the log. */
    public Written written(Outcome outcome) {
        return way == Way.COMB && outcome != Outcome.LEFT
                ? new Written(Optional.of(combed(outcome)), Optional.empty())
                : new Written(Optional.empty(), Optional.of(said(outcome)));
    }

    private static Afterwards combed(Outcome outcome) {
        return new Afterwards(
                List.of(new Afterwards.AnsweredPlace(
                        PLACE, outcome == Outcome.OUT ? 1 : 0, outcome == Outcome.NOT_YET, Signal.RELAXED)),
                true,
                Optional.of(0),
                Optional.empty());
    }

    private Said said(Outcome outcome) {
        if (way == Way.TREAT || outcome == Outcome.LEFT) {
            return new Practised(
                    subject,
                    section,
                    switch (outcome) {
                        case GOOD, OUT -> Signal.RELAXED;
                        case NOT_YET -> Signal.UNEASY;
                        case LEFT -> Signal.OPTED_OUT;
                    });
        }
        boolean felt = outcome == Outcome.NOT_YET;
        return way == Way.HAND && felt
                ? new LookedAt(PLACE, "", Optional.empty(), Optional.of(BodyFinding.LUMP))
                : new FingerSearched(List.of(PLACE), felt ? List.of(PLACE) : List.of());
    }
}
