package rustictangle.core.session;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.GelUsed;
import rustictangle.core.log.SessionEvent.KnotFelt;
import rustictangle.core.log.SessionEvent.OfPass;
import rustictangle.core.log.SessionEvent.PassRepeated;
import rustictangle.core.log.SessionEvent.Paused;
import rustictangle.core.log.SessionEvent.Resumed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.Stopped;
import rustictangle.core.log.SessionEvent.Teased;
import rustictangle.core.log.SessionEvent.TreatGiven;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Signal;
import rustictangle.core.routine.Picture;
import rustictangle.core.session.SessionState.End;
import rustictangle.core.trust.Practice;

/**
 * A session: its plan and what happened so far. Immutable; {@link #apply} gives the next one.
 */
public final class Session {

    private final List<List<Section>> steps;
    /** Where each tool goes before the comb proves place by place; none: place by place. */
    private final List<List<Section>> passes;

    private final List<SessionEvent> standing;

    private Session(List<List<Section>> steps, List<List<Section>> passes, List<SessionEvent> standing) {
        this.steps = List.copyOf(steps);
        this.passes = List.copyOf(passes);
        this.standing = List.copyOf(standing);
    }

    /**
     * @param steps the places by step: those of one are worked in one grip
     * @throws Refused when there is none, or a section is named twice
     */
    public static Session planned(List<List<Section>> steps) {
        return planned(steps, List.of());
    }

    /**
     * @param passes the places of each tool that goes over the whole dog first, in their order; none: place by place
     * @throws Refused as {@link #planned(List)}
     */
    public static Session planned(List<List<Section>> steps, List<List<Section>> passes) {
        List<Section> plan = steps.stream().flatMap(List::stream).toList();
        if (plan.isEmpty() || plan.stream().distinct().count() != plan.size()) {
            throw new Refused("sections", "Choose at least one section, and each only once.");
        }
        return new Session(steps, passes, List.of());
    }

    /** As it was begun, before anything happened. */
    public static Session of(SessionBegun begun) {
        return planned(
                begun.steps(),
                begun.passes().stream().map(SessionBegun.BegunPass::sections).toList());
    }

    /** Each place a step of its own. */
    public static Session placeByPlace(List<Section> plan) {
        return planned(plan.stream().map(List::of).toList());
    }

    /**
     * This one, planned and no more, after all these events.
     *
     * @param events as accepted by {@link #apply} one after the other; they are not checked again
     */
    public Session replay(List<SessionEvent> events) {
        List<SessionEvent> standing = new ArrayList<>(events.size());
        for (SessionEvent event : events) {
            if (event instanceof Undone && standing.isEmpty()) {
                throw new IllegalArgumentException("an undo where nothing stands, need one after an entry");
            } else if (event instanceof Undone) {
                standing.remove(standing.size() - 1);
            } else {
                standing.add(event);
            }
        }
        return new Session(steps, passes, standing);
    }

    /**
     * @throws Refused when the event does not fit: another section than the current
     *         one, anything but an undo after the end, an undo before the beginning
     */
    public Session apply(SessionEvent event) {
        List<SessionEvent> next = new ArrayList<>(standing);
        if (event instanceof Undone) {
            if (next.isEmpty()) {
                throw new Refused("nothing to undo: no section has been recorded yet");
            }
            next.remove(next.size() - 1);
        } else {
            check(event);
            next.add(event);
        }
        return new Session(steps, passes, next);
    }

    /** The places it was begun with, by step. */
    public List<List<Section>> steps() {
        return steps;
    }

    public SessionState state() {
        Optional<End> end = end();
        return new SessionState(
                wholePlan(),
                standing,
                preparing(),
                paused(),
                end.isPresent() ? Optional.empty() : pass(),
                end.isPresent() ? List.of() : hand(),
                knots(),
                end,
                reaction(),
                advice());
    }

    /** Without checking: it is known to have been accepted. */
    Session with(SessionEvent accepted) {
        List<SessionEvent> next = new ArrayList<>(standing);
        next.add(accepted);
        return new Session(steps, passes, next);
    }

    private void check(SessionEvent event) {
        if (event instanceof Warned) {
            return; // At any moment, and once more to say how grave it was.
        }
        end().ifPresent(end -> {
            throw new Refused("this session has ended (" + end + "): undo its last entry or begin a new one");
        });
        if (paused() && !(event instanceof Resumed || event instanceof Stopped || event instanceof TreatGiven)) {
            throw new Refused("this session is paused: go on with it first");
        }
        if (event instanceof Resumed && !paused()) {
            throw new Refused("this session is not paused: it may have been gone on with on another screen");
        }
        if (event instanceof Started && !preparing()) {
            throw new Refused("this session has begun already, perhaps on another screen: reload");
        }
        if (event instanceof OfPass of && !pass().equals(Optional.of(of.pass()))) {
            throw new Refused("this tool is not in hand: it may have been answered on another screen; reload");
        }
        if (!(event instanceof KnotFelt)) {
            event.about().forEach(this::checkPlace);
        }
        if (event instanceof Teased teased && caughtAt(teased.section()).isEmpty()) {
            throw new Refused("nothing has caught at " + teased.section().label() + ": say what the comb found first");
        }
    }

    private void checkPlace(Section section) {
        List<Section> hand = hand();
        if (!hand.contains(section)) {
            throw new Refused("the session is at " + hand.get(0).label() + ", not at " + section.label()
                    + ": it may have been answered on another screen; reload");
        }
    }

    /** Until the first stroke: hands only. */
    private boolean preparing() {
        return standing.stream().allMatch(event -> event instanceof KnotFelt || event instanceof TreatGiven);
    }

    private boolean paused() {
        return standing.stream()
                .filter(event -> event instanceof Paused || event instanceof Resumed)
                .reduce((first, second) -> second)
                .filter(Paused.class::isInstance)
                .isPresent();
    }

    /** Where a knot was felt, in the order of the marks. */
    private Set<Section> knots() {
        Set<Section> knots = new LinkedHashSet<>();
        standing.forEach(event -> {
            if (event instanceof KnotFelt knot && !knots.remove(knot.section())) {
                knots.add(knot.section());
            }
        });
        return knots;
    }

    /** The plan, and after it what the fingers found elsewhere. */
    private List<Section> wholePlan() {
        Set<Section> whole = new LinkedHashSet<>();
        steps.forEach(whole::addAll);
        whole.addAll(knots());
        return List.copyOf(whole);
    }

    /** The places that wait, in order; places put off come after all others. */
    private List<Section> waiting() {
        List<Section> waiting = new ArrayList<>(wholePlan());
        standing.forEach(event -> event.about().forEach(section -> {
            if (event.answers()) {
                waiting.remove(section);
            } else if (event.putsOff() && waiting.remove(section)) {
                waiting.add(section);
            }
        }));
        return waiting;
    }

    /** The tool that goes over the whole dog just now, by its number from 1; empty: it goes place by place. */
    Optional<Integer> pass() {
        List<Section> waiting = passes.isEmpty() ? List.of() : waiting();
        return IntStream.rangeClosed(1, passes.size())
                .filter(number -> passes.get(number - 1).stream().anyMatch(waiting::contains)
                        && standing.stream().noneMatch(event -> ends(event, number)))
                .boxed()
                .findFirst();
    }

    private static boolean ends(SessionEvent event, int pass) {
        return event instanceof OfPass of && of.pass() == pass && !(event instanceof PassRepeated);
    }

    /**
     * Where the tool in hand still goes; place by place those of the first step that waits. What the fingers found
     * elsewhere is a step of its own.
     */
    List<Section> hand() {
        List<Section> waiting = waiting();
        if (waiting.isEmpty()) {
            return waiting;
        }
        Optional<Integer> pass = pass();
        if (pass.isPresent()) {
            return waiting.stream().filter(passes.get(pass.get() - 1)::contains).toList();
        }
        List<Section> step = steps.stream()
                .filter(places -> places.contains(waiting.get(0)))
                .findFirst()
                .orElse(List.of(waiting.get(0)));
        return waiting.stream().takeWhile(step::contains).toList();
    }

    /** Only to what was seen last; a treat in between changes nothing. */
    private Optional<Reaction> reaction() {
        for (int i = standing.size() - 1; i >= 0; i--) {
            if (standing.get(i) instanceof Signalled seen) {
                int uneasy = (int) standing.stream()
                        .filter(event -> event instanceof Signalled before
                                && before.section() == seen.section()
                                && before.signal() == Signal.UNEASY)
                        .count();
                return Optional.of(Reaction.to(seen.signal(), seen.section(), uneasy, uneasyInAll(), (int)
                        standing.stream().filter(Session::isOptOut).count()));
            }
            if (!(standing.get(i) instanceof TreatGiven)) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** How often it was seen to be uneasy, wherever. */
    private int uneasyInAll() {
        return (int) standing.stream()
                .filter(event -> event.seen().filter(Signal.UNEASY::equals).isPresent())
                .count();
    }

    /** What caught at this section, as last looked at. */
    private Optional<Catch> caughtAt(Section section) {
        return standing.stream()
                .filter(event -> event instanceof Caught caught && caught.section() == section)
                .map(event -> ((Caught) event).found())
                .reduce((first, second) -> second);
    }

    Optional<CatchAdvice> catchAdvice(Before before, CatchMeans means) {
        return catchingAt().filter(section -> end().isEmpty()).flatMap(section -> caughtAt(section)
                .map(found -> CatchAdvice.of(found, past(section, found, before), means)));
    }

    /**
     * What to do about what has caught; empty when nothing has, or it was put off and not looked at again.
     *
     * @param refusals how often the dog has refused a mat in sessions before, by section
     */
    public Optional<CatchAdvice> catchAdvice(Picture picture, Map<Section, Integer> refusals) {
        Before before = new Before(Set.copyOf(picture.matted()), picture.coat().placesThatMat(), refusals);
        return catchingAt().flatMap(place -> catchAdvice(before, CatchMeans.of(picture, place)));
    }

    /**
     * What is known from before this session.
     *
     * @param matted   sections in which a mat waited
     * @param canMat   how many sections have hair that can mat
     * @param refusals how often the dog has refused a mat there
     */
    record Before(Set<Section> matted, int canMat, Map<Section, Integer> refusals) {}

    /** Where something catches, when what was said last is about it. */
    public Optional<Section> catchingAt() {
        SessionEvent last = standing.isEmpty() ? null : standing.get(standing.size() - 1);
        return last instanceof Caught || last instanceof Teased || last instanceof GelUsed
                ? last.about().stream().findFirst()
                : Optional.empty();
    }

    private CatchPast past(Section section, Catch found, Before before) {
        List<Teased> here = standing.stream()
                .filter(Teased.class::isInstance)
                .map(Teased.class::cast)
                .filter(teased -> teased.section() == section)
                .toList();
        Set<Section> matted = EnumSet.noneOf(Section.class);
        matted.addAll(before.matted);
        standing.stream()
                .flatMap(event -> event.done().stream())
                .filter(done -> done.comb().leavesMat())
                .forEach(done -> matted.add(done.section()));
        if (found.lump() != Catch.Lump.NONE) {
            matted.add(section);
        }
        return new CatchPast(
                here.size(),
                secondsOnLumps(Optional.of(section)),
                secondsOnLumps(Optional.empty()),
                (int) here.stream().filter(teased -> teased.signal().isNo()).count()
                        + before.refusals.getOrDefault(section, 0),
                matted.size(),
                Math.max(1, before.canMat),
                !here.isEmpty() && here.get(here.size() - 1).signal() == Signal.UNEASY);
    }

    /**
     * Brushing an ordinary tangle out does not count.
     *
     * @param only there; empty: over the whole dog
     */
    private int secondsOnLumps(Optional<Section> only) {
        Set<Section> lumps = EnumSet.noneOf(Section.class);
        int seconds = 0;
        for (SessionEvent event : standing) {
            if (event instanceof Caught caught) {
                if (caught.found().lump() == Catch.Lump.NONE) {
                    lumps.remove(caught.section());
                } else {
                    lumps.add(caught.section());
                }
            } else if (event instanceof Teased teased
                    && lumps.contains(teased.section())
                    && only.filter(section -> section != teased.section()).isEmpty()) {
                seconds += teased.seconds();
            }
        }
        return seconds;
    }

    /** How it ended; empty while it goes on. */
    public Optional<End> end() {
        if (standing.stream().anyMatch(Warned.class::isInstance)) {
            return Optional.of(End.WARNED);
        }
        if (standing.stream().anyMatch(Session::isFear)) {
            return Optional.of(End.AFRAID);
        }
        if (standing.stream().filter(Session::isOptOut).count() >= Practice.NOES_TO_END) {
            return Optional.of(End.OPTED_OUT_TWICE);
        }
        if (standing.stream().anyMatch(Stopped.class::isInstance)) {
            return Optional.of(End.STOPPED);
        }
        return waiting().isEmpty() ? Optional.of(End.ALL_DONE) : Optional.empty();
    }

    private static boolean isOptOut(SessionEvent event) {
        return event.seen().filter(Signal::isNo).isPresent();
    }

    private static boolean isFear(SessionEvent event) {
        return event.seen().filter(Signal.AFRAID::equals).isPresent();
    }

    private List<Reason> advice() {
        if (standing.isEmpty()) {
            return List.of();
        }
        SessionEvent last = standing.get(standing.size() - 1);
        if (last.hairOut().isPresent()) {
            return List.of(afterPass(last.hairOut().get()));
        }
        return last instanceof SectionDone done ? afterSection(done) : List.of();
    }

    private static Reason afterPass(HairOut hair) {
        return hair.worthAnotherPass()
                ? new Reason(
                        "session.another-pass",
                        "That was " + hair.label() + ": clear the brush, and another pass is worth it, in another "
                                + "direction or with a finer tool. Only what comes by itself.")
                : new Reason("session.enough-hair", "Only " + hair.label() + ": enough here for today.");
    }

    private List<Reason> afterSection(SectionDone last) {
        List<Reason> advice = new ArrayList<>();
        if (last.signal() != Signal.RELAXED) {
            int optOuts = (int) standing.stream().filter(Session::isOptOut).count();
            advice.addAll(Reaction.to(last.signal(), last.section(), 1, uneasyInAll(), optOuts)
                    .reasons());
        }
        if (last.comb().leavesMat()) {
            advice.add(new Reason(
                    "session.mat-left", "Leave the mat in peace now, and keep it dry: no scissors, no bath over it."));
        }
        return advice;
    }
}
