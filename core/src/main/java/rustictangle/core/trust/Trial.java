package rustictangle.core.trust;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BegunLower;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Cared;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Log;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.Practised;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.PassDone;
import rustictangle.core.log.SessionEvent.PassSkipped;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;

/**
 * One answer of the dog, in a practice or in a brushing session, or where the owner begins a ladder again.
 *
 * @param subject empty: the tool that leads at this section
 * @param section empty for a position
 */
public record Trial(LocalDate day, Optional<Subject> subject, Optional<Section> section, Answer answer) {

    /** What moves the dog on a ladder. */
    public sealed interface Answer {

        /** How it took it; of a warning, fear. Empty: it was not asked. */
        default Optional<Signal> signal() {
            return Optional.empty();
        }
    }

    /** How the dog took it. */
    public record Took(Signal how) implements Answer {

        public Took {
            Objects.requireNonNull(how, "how");
        }

        @Override
        public Optional<Signal> signal() {
            return Optional.of(how);
        }
    }

    /** It growled, snapped or bit. */
    public record GaveWarning() implements Answer {

        @Override
        public Optional<Signal> signal() {
            return Optional.of(Signal.AFRAID);
        }
    }

    /** It took the whole of it: whatever the ladder says, this rung it has reached. */
    public record TookItAll(Signal how) implements Answer {

        @Override
        public Optional<Signal> signal() {
            return Optional.of(how);
        }
    }

    /** The owner begins here. */
    public record BeginsAt(Rung rung) implements Answer {}

    /** The dog's answers, in practice and in sessions. */
    public static final Log.Reading<Trial> ANSWERS = Trial::answers;

    public Trial {
        Objects.requireNonNull(day, "day");
        Objects.requireNonNull(answer, "answer");
        if (subject.isEmpty() && section.isEmpty()) {
            throw new IllegalArgumentException("neither subject nor section, need at least one");
        }
    }

    public Trial(LocalDate day, Optional<Subject> subject, Optional<Section> section, Signal signal) {
        this(day, subject, section, new Took(signal));
    }

    /**
     * A place in one session answers once: with the least willing signal that was seen there. Being relaxed only counts
     * once the place is done.
     */
    private static List<Trial> answers(List<Entry> log) {
        Map<UUID, SessionBegun> begun = new HashMap<>();
        Map<UUID, UUID> lastWarned = new HashMap<>();
        log.stream()
                .filter(entry -> entry.said() instanceof Warned)
                .forEach(entry -> lastWarned.put(entry.session().orElseThrow(), entry.id()));
        Map<List<Object>, Heard> worst = new LinkedHashMap<>();
        Map<UUID, Set<Integer>> passed = new HashMap<>();
        List<Heard> all = new ArrayList<>();
        for (Entry entry : log) {
            entry.as(SessionBegun.class).ifPresent(plan -> begun.put(entry.id(), plan));
            inPractice(entry).ifPresent(trial -> all.add(new Heard(entry.at(), trial, true)));
            for (SectionDone done : entry.done()) {
                Heard answer = Heard.of(entry, done.section(), new Took(done.signal()), true);
                worst.merge(List.of(entry.session().get(), done.section()), answer, Heard::or);
            }
            passDone(entry).ifPresent(number -> passed.computeIfAbsent(
                            entry.session().orElseThrow(), session -> new HashSet<>())
                    .add(number));
            // What is said of it last says where it was.
            if (entry.said() instanceof Warned warned && lastWarned.containsValue(entry.id())) {
                warned.sections()
                        .forEach(section -> worst.merge(
                                inHand(entry, section, begun, passed),
                                Heard.of(entry, section, new GaveWarning(), true),
                                Heard::or));
            }
            if (entry.said() instanceof Signalled seen) {
                Heard answer = Heard.of(entry, seen.section(), new Took(seen.signal()), false);
                worst.merge(inHand(entry, seen.section(), begun, passed), answer, Heard::or);
            }
        }
        worst.forEach((where, answer) -> {
            if (answer.counts()) {
                // Of a session at the edge of what is remembered, only its later entries may be there.
                all.add(answer.with(
                        where.size() > 2
                                ? Optional.of((Subject) where.get(2))
                                : Optional.ofNullable(begun.get(where.get(0)))
                                        .flatMap(plan -> lead(plan, answer.trial.section.get()))));
            }
        });
        all.sort(Comparator.comparing(Heard::at));
        return all.stream().map(Heard::trial).toList();
    }

    private static Optional<Integer> passDone(Entry entry) {
        return entry.as(PassDone.class).map(PassDone::pass).or(() -> entry.as(PassSkipped.class)
                .map(PassSkipped::pass));
    }

    /** Session and place, and the tool that goes round just then where that is another than the one that leads there. */
    private static List<Object> inHand(
            Entry entry, Section section, Map<UUID, SessionBegun> begun, Map<UUID, Set<Integer>> passed) {
        UUID session = entry.session().orElseThrow();
        Optional<SessionBegun> plan = Optional.ofNullable(begun.get(session));
        Set<Integer> done = passed.getOrDefault(session, Set.of());
        Optional<Subject> tool =
                plan.flatMap(known -> IntStream.rangeClosed(1, known.passes().size())
                        .filter(number -> !done.contains(number))
                        .mapToObj(number -> known.passes().get(number - 1))
                        .filter(pass -> pass.sections().contains(section))
                        .map(pass -> (Subject) pass.tool())
                        .filter(Subject::isLearned)
                        .findFirst());
        return tool.filter(one -> !plan.flatMap(known -> lead(known, section)).equals(Optional.of(one)))
                .map(one -> List.<Object>of(session, section, one))
                .orElse(List.of(session, section));
    }

    private static Optional<Trial> inPractice(Entry entry) {
        if (entry.said() instanceof Practised said) {
            return Optional.of(new Trial(entry.day(), said.subject(), said.section(), said.signal()));
        }
        if (entry.said() instanceof PracticeWarned said) {
            return Optional.of(new Trial(entry.day(), Optional.of(said.subject()), said.section(), new GaveWarning()));
        }
        if (entry.said() instanceof Cared said) {
            return ofCare(entry, said);
        }
        if (entry.said() instanceof ClawTouched said) {
            return said.signal().flatMap(signal -> learned(said.with(), CareJob.NAILS)
                    .map(subject -> new Trial(entry.day(), Optional.of(subject), Optional.empty(), signal)));
        }
        if (entry.said() instanceof CareWarned said) {
            return learned(Optional.empty(), said.job())
                    .map(subject -> new Trial(entry.day(), Optional.of(subject), Optional.empty(), new GaveWarning()));
        }
        return entry.as(BegunLower.class)
                .map(said -> new Trial(
                        entry.day(),
                        Optional.of(said.subject()),
                        said.section(),
                        new BeginsAt(Rung.numbered(said.rung()))));
    }

    private static Optional<Trial> ofCare(Entry entry, Cared said) {
        return learned(said.with(), said.job()).flatMap(subject -> said.signal()
                .map(signal -> said.outcome() == CareOutcome.DONE ? new TookItAll(signal) : new Took(signal))
                .map(answer -> new Trial(entry.day(), Optional.of(subject), Optional.empty(), answer)));
    }

    private static Optional<Subject> learned(Optional<Subject> with, CareJob job) {
        return with.or(() -> Exercise.leadingTo(job).stream().findFirst());
    }

    /** The tool that led there when the session began. */
    private static Optional<Subject> lead(SessionBegun begun, Section section) {
        return begun.plan().stream()
                .filter(place -> place.section() == section)
                .findFirst()
                .flatMap(SessionBegun.BegunPlace::subject);
    }

    private record Heard(Instant at, Trial trial, boolean done) {

        static Heard of(Entry entry, Section section, Answer answer, boolean done) {
            return new Heard(entry.at(), new Trial(entry.day(), Optional.empty(), Optional.of(section), answer), done);
        }

        Heard or(Heard later) {
            Answer least = unwilling(trial.answer) > unwilling(later.trial.answer) ? trial.answer : later.trial.answer;
            return new Heard(
                    later.at, new Trial(later.trial.day, Optional.empty(), trial.section, least), done || later.done);
        }

        private static int unwilling(Answer answer) {
            return answer instanceof Took took ? took.how.ordinal() : Signal.values().length;
        }

        boolean counts() {
            return done || !trial.answer.equals(new Took(Signal.RELAXED));
        }

        Heard with(Optional<Subject> lead) {
            return new Heard(at, new Trial(trial.day, lead, trial.section, trial.answer), done);
        }
    }

    /** With the tool that leads there. */
    public static Trial at(LocalDate day, Section section, Signal signal) {
        return new Trial(day, Optional.empty(), Optional.of(section), signal);
    }
}
