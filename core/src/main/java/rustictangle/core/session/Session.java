package rustictangle.core.session;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.Refused;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.SessionEvent;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.HairOutAt;
import rustictangle.core.log.SessionEvent.KnotFelt;
import rustictangle.core.log.SessionEvent.LayerDone;
import rustictangle.core.log.SessionEvent.Paused;
import rustictangle.core.log.SessionEvent.Resumed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.SectionPostponed;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.Stopped;
import rustictangle.core.log.SessionEvent.Teased;
import rustictangle.core.log.SessionEvent.TreatGiven;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.Signal;
import rustictangle.core.routine.Picture;
import rustictangle.core.session.SessionState.End;
import rustictangle.core.trust.Practice;

/**
 * A session: its plan and what happened so far. Immutable; {@link #apply} gives the next one.
 */
public final class Session {

    /** A break in the middle is common practice; from so many sections on it is proposed. Own estimate. */
    private static final int LONG_ENOUGH_FOR_A_BREAK = 8;

    private final List<Section> plan;
    private final List<SessionEvent> standing;

    private Session(List<Section> plan, List<SessionEvent> standing) {
        this.plan = List.copyOf(plan);
        this.standing = List.copyOf(standing);
    }

    /** @throws Refused when the plan is empty or names a section twice */
    public static Session planned(List<Section> plan) {
        if (plan.isEmpty() || plan.stream().distinct().count() != plan.size()) {
            throw new Refused("sections", "Choose at least one section, and each only once.");
        }
        return new Session(plan, List.of());
    }

    /**
     * The session after all these events.
     *
     * @param events as accepted by {@link #apply} one after the other; they are not checked again
     */
    public static Session replay(List<Section> plan, List<SessionEvent> events) {
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
        return new Session(planned(plan).plan, standing);
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
        return new Session(plan, next);
    }

    /** The places it was begun with, in order. */
    public List<Section> plan() {
        return plan;
    }

    public SessionState state() {
        Optional<End> end = end();
        Optional<Section> current = end.isPresent() ? Optional.empty() : next();
        return new SessionState(
                wholePlan(),
                standing,
                preparing(),
                paused(),
                current,
                current.map(section -> 1 + count(LayerDone.class, section)).orElse(1),
                knots(),
                end,
                reaction(),
                advice(end));
    }

    private void check(SessionEvent event) {
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
        if (event instanceof SessionEvent.AtSection here && !(event instanceof KnotFelt)) {
            checkPlace(here);
        }
    }

    private void checkPlace(SessionEvent.AtSection event) {
        Section current = next().orElseThrow();
        if (event.section() != current) {
            throw new Refused("the session is at " + current.label() + ", not at "
                    + event.section().label() + ": it may have been answered on another screen; reload");
        }
        if (event instanceof Teased && caughtAt(current).isEmpty()) {
            throw new Refused("nothing has caught at " + current.label() + ": say what the comb found first");
        }
    }

    /**
     * @param layers that the place being worked has as it is brushed now, at least 1
     * @throws Refused when the last of them is the one being worked: then the comb comes
     */
    public void checkLayer(int layers) {
        SessionState now = state();
        if (now.current().isPresent() && now.layer() >= layers) {
            throw new Refused("this is the last of " + layers + " layers at "
                    + now.current().get().label() + ": say what the comb finds");
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
        Set<Section> whole = new LinkedHashSet<>(plan);
        whole.addAll(knots());
        return List.copyOf(whole);
    }

    /** The first place of the plan that waits; places put off come after all others. */
    private Optional<Section> next() {
        List<Section> waiting = new ArrayList<>(wholePlan());
        standing.forEach(event -> event.about().ifPresent(section -> {
            if (event.answers()) {
                waiting.remove(section);
            } else if (event instanceof SectionPostponed && waiting.remove(section)) {
                waiting.add(section);
            }
        }));
        return waiting.stream().findFirst();
    }

    private int count(Class<? extends SessionEvent.AtSection> type, Section section) {
        return (int) standing.stream()
                .filter(type::isInstance)
                .map(type::cast)
                .filter(event -> event.section() == section)
                .count();
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
                return Optional.of(Reaction.to(seen.signal(), seen.section(), uneasy, (int)
                        standing.stream().filter(Session::isOptOut).count()));
            }
            if (!(standing.get(i) instanceof TreatGiven)) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** What caught at this section, as last looked at. */
    private Optional<Catch> caughtAt(Section section) {
        return standing.stream()
                .filter(event -> event instanceof Caught caught && caught.section() == section)
                .map(event -> ((Caught) event).found())
                .reduce((first, second) -> second);
    }

    /**
     * What to do about what has caught at the current section; empty when nothing has, or it was put off and
     * not looked at again.
     *
     * @param matted    sections in which a mat waited before this session
     * @param canMat    how many sections have hair that can mat
     * @param tender    whether the skin here burns sooner
     */
    public Optional<CatchAdvice> catchAdvice(Set<Section> matted, int canMat, boolean tender) {
        Optional<Section> current = state().current();
        return current.filter(section -> catching()).flatMap(section -> caughtAt(section)
                .map(found -> CatchAdvice.of(found, past(section, found, matted, canMat), tender)));
    }

    /** The same of a dog as it is known. */
    public Optional<CatchAdvice> catchAdvice(Picture picture) {
        return next().flatMap(here -> catchAdvice(
                Set.copyOf(picture.matted()),
                picture.coat().placesThatMat(),
                picture.dog().delicateSkin()
                        || here.thinSkinned()
                        || picture.coat().at(here).pale()));
    }

    /** Whether what was said last is about something that catches. */
    public boolean catching() {
        SessionEvent last = standing.isEmpty() ? null : standing.get(standing.size() - 1);
        return last instanceof Caught || last instanceof Teased;
    }

    private CatchPast past(Section section, Catch found, Set<Section> before, int canMat) {
        List<Teased> here = standing.stream()
                .filter(Teased.class::isInstance)
                .map(Teased.class::cast)
                .filter(teased -> teased.section() == section)
                .toList();
        Set<Section> matted = EnumSet.noneOf(Section.class);
        matted.addAll(before);
        standing.stream()
                .filter(event -> event instanceof SectionDone done && done.comb() == CombResult.MAT_LEFT)
                .forEach(event -> event.about().ifPresent(matted::add));
        if (found.lump() != Catch.Lump.NONE) {
            matted.add(section);
        }
        return new CatchPast(
                here.size(),
                secondsOnLumps(Optional.of(section)),
                secondsOnLumps(Optional.empty()),
                (int) here.stream().filter(teased -> teased.signal().isNo()).count(),
                matted.size(),
                Math.max(1, canMat));
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
        if (standing.stream().filter(Session::isOptOut).count() >= Practice.NOES_TO_END) {
            return Optional.of(End.OPTED_OUT_TWICE);
        }
        if (standing.stream().anyMatch(Stopped.class::isInstance)) {
            return Optional.of(End.STOPPED);
        }
        return next().isEmpty() ? Optional.of(End.ALL_DONE) : Optional.empty();
    }

    private static boolean isOptOut(SessionEvent event) {
        return event.seen().filter(Signal::isNo).isPresent();
    }

    private List<Reason> advice(Optional<End> end) {
        if (standing.isEmpty()) {
            return List.of();
        }
        SessionEvent last = standing.get(standing.size() - 1);
        if (last instanceof HairOutAt out) {
            return List.of(afterPass(out.hair()));
        }
        return last instanceof SectionDone done ? afterSection(done, end) : List.of();
    }

    private static Reason afterPass(HairOut hair) {
        return hair.worthAnotherPass()
                ? new Reason(
                        "session.another-pass",
                        "That was " + hair.label() + ": another pass is worth it, in another "
                                + "direction or with a finer tool. Only what comes by itself.")
                : new Reason("session.enough-hair", "Only " + hair.label() + ": enough here for today.");
    }

    private List<Reason> afterSection(SectionDone last, Optional<End> end) {
        List<Reason> advice = new ArrayList<>();
        if (last.signal() != Signal.RELAXED) {
            int optOuts = (int) standing.stream().filter(Session::isOptOut).count();
            advice.addAll(Reaction.to(last.signal(), last.section(), 1, optOuts).reasons());
        }
        long answered = standing.stream().filter(SessionEvent::answers).count();
        if (end.isEmpty() && plan.size() >= LONG_ENOUGH_FOR_A_BREAK && answered == plan.size() / 2) {
            advice.add(new Reason(
                    "session.break",
                    "Half-way: a break, a treat where you want the dog to stay, and a stretch for your hand."));
        }
        if (last.comb() == CombResult.MAT_LEFT) {
            advice.add(new Reason(
                    "session.mat-left",
                    "Leave the mat in peace for now: no scissors, no bath "
                            + "over it. Over 20 mm, tight to the skin or joined with others: a groomer's job. Red, "
                            + "wet or broken skin: a vet's."));
        }
        return advice;
    }
}
