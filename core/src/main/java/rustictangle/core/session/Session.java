package rustictangle.core.session;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.session.SessionEvent.Caught;
import rustictangle.core.session.SessionEvent.SectionDone;
import rustictangle.core.session.SessionEvent.SectionPostponed;
import rustictangle.core.session.SessionEvent.Stopped;
import rustictangle.core.session.SessionEvent.Teased;
import rustictangle.core.session.SessionEvent.Undone;
import rustictangle.core.session.SessionState.End;
import rustictangle.core.trust.Signal;

/**
 * A session: its plan and what happened so far. Immutable; {@link #apply} gives the next one.
 */
public final class Session {

    /** A second no ends it for today. Common practice, no published source. */
    private static final int OPT_OUTS_TO_END = 2;
    /** A break in the middle is common practice; from so many sections on it is proposed. Own estimate. */
    private static final int LONG_ENOUGH_FOR_A_BREAK = 8;

    private final List<Section> plan;
    private final List<SessionEvent> standing;

    private Session(List<Section> plan, List<SessionEvent> standing) {
        this.plan = List.copyOf(plan);
        this.standing = List.copyOf(standing);
    }

    /** @throws IllegalArgumentException when the plan is empty or names a section twice */
    public static Session planned(List<Section> plan) {
        if (plan.isEmpty() || plan.stream().distinct().count() != plan.size()) {
            throw new IllegalArgumentException("plan " + plan + ", need at least one section, each once");
        }
        return new Session(plan, List.of());
    }

    /** The session after all these events. */
    public static Session replay(List<Section> plan, List<SessionEvent> events) {
        Session session = planned(plan);
        for (SessionEvent event : events) {
            session = session.apply(event);
        }
        return session;
    }

    /**
     * @throws IllegalStateException when the event does not fit: another section than the current
     *         one, anything but an undo after the end, an undo before the beginning
     */
    public Session apply(SessionEvent event) {
        List<SessionEvent> next = new ArrayList<>(standing);
        if (event instanceof Undone) {
            if (next.isEmpty()) {
                throw new IllegalStateException("nothing to undo: no section has been recorded yet");
            }
            next.remove(next.size() - 1);
        } else {
            check(event);
            next.add(event);
        }
        return new Session(plan, next);
    }

    public SessionState state() {
        Optional<End> end = end();
        return new SessionState(plan, standing, end.isPresent() ? Optional.empty() : next(), end, advice(end));
    }

    private void check(SessionEvent event) {
        end().ifPresent(end -> {
            throw new IllegalStateException("this session has ended (" + end + "): undo its last entry "
                    + "or begin a new one");
        });
        Section current = next().orElseThrow();
        Section named = event.about().orElse(current);
        if (named != current) {
            throw new IllegalStateException("the session is at " + current.label() + ", not at "
                    + named.label() + ": it may have been answered on another screen; reload");
        }
        if (event instanceof Teased && caughtAt(current).isEmpty()) {
            throw new IllegalStateException("nothing has caught at " + current.label() + ": say what the comb found first");
        }
    }

    /** The first place of the plan that waits; places put off come after all others. */
    private Optional<Section> next() {
        List<Section> waiting = new ArrayList<>(plan);
        standing.forEach(event -> event.about().ifPresent(section -> {
            if (event.answers()) {
                waiting.remove(section);
            } else if (event instanceof SectionPostponed && waiting.remove(section)) {
                waiting.add(section);
            }
        }));
        return waiting.stream().findFirst();
    }

    /** What caught at this section, as last looked at. */
    private Optional<Catch> caughtAt(Section section) {
        return standing.stream().filter(event -> event instanceof Caught caught && caught.section() == section)
                .map(event -> ((Caught) event).found()).reduce((first, second) -> second);
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
        Optional<SessionEvent> last = standing.isEmpty() ? Optional.empty()
                : Optional.of(standing.get(standing.size() - 1));
        boolean caught = last.filter(event -> event instanceof Caught || event instanceof Teased).isPresent();
        return current.filter(section -> caught).flatMap(section -> caughtAt(section)
                .map(found -> CatchAdvice.of(found, past(section, found, matted, canMat), tender)));
    }

    private CatchPast past(Section section, Catch found, Set<Section> before, int canMat) {
        List<Teased> all = standing.stream().filter(Teased.class::isInstance).map(Teased.class::cast).toList();
        List<Teased> here = all.stream().filter(teased -> teased.section() == section).toList();
        Set<Section> matted = EnumSet.noneOf(Section.class);
        matted.addAll(before);
        standing.stream().filter(event -> event instanceof SectionDone done && done.comb() == CombResult.MAT_LEFT)
                .forEach(event -> event.about().ifPresent(matted::add));
        if (found.lump() != Catch.Lump.NONE) {
            matted.add(section);
        }
        return new CatchPast(here.size(), seconds(here), seconds(all),
                (int) here.stream().filter(teased -> teased.signal() == Signal.OPTED_OUT).count(),
                matted.size(), Math.max(1, canMat));
    }

    private static int seconds(List<Teased> tries) {
        return tries.stream().mapToInt(Teased::seconds).sum();
    }

    private Optional<End> end() {
        if (optOuts() >= OPT_OUTS_TO_END) {
            return Optional.of(End.OPTED_OUT_TWICE);
        }
        if (standing.stream().anyMatch(Stopped.class::isInstance)) {
            return Optional.of(End.STOPPED);
        }
        return next().isEmpty() ? Optional.of(End.ALL_DONE) : Optional.empty();
    }

    private long optOuts() {
        return standing.stream()
                .filter(event -> event instanceof SectionDone done && done.signal() == Signal.OPTED_OUT
                        || event instanceof Teased teased && teased.signal() == Signal.OPTED_OUT)
                .count();
    }

    private List<Reason> advice(Optional<End> end) {
        if (standing.isEmpty() || !(standing.get(standing.size() - 1) instanceof SectionDone last)) {
            return List.of();
        }
        List<Reason> advice = new ArrayList<>();
        if (last.signal() == Signal.OPTED_OUT) {
            advice.add(end.isPresent()
                    ? new Reason("session.second-no", "A second no ends it for today. That is a good "
                            + "decision: something easy, a treat, and done.")
                    : new Reason("session.first-no", "The dog said no, and may. Pause, let it think, then "
                            + "ask once more at the next place. A second no ends it for today."));
        }
        if (last.signal() == Signal.UNEASY) {
            advice.add(new Reason("session.uneasy", "Uneasy: lighter hand, smaller strokes, a treat in "
                    + "between. A sudden new objection in one place: look for pain."));
        }
        long answered = standing.stream().filter(SessionEvent::answers).count();
        if (end.isEmpty() && plan.size() >= LONG_ENOUGH_FOR_A_BREAK && answered == plan.size() / 2) {
            advice.add(new Reason("session.break", "Half-way: a break, a treat where you want the dog to stay, and a "
                    + "stretch for your hand."));
        }
        if (last.comb() == CombResult.MAT_LEFT) {
            advice.add(new Reason("session.mat-left", "Leave the mat in peace for now: no scissors, no bath "
                    + "over it. Over 20 mm, tight to the skin or joined with others: a groomer's job. Red, "
                    + "wet or broken skin: a vet's."));
        }
        return advice;
    }
}
