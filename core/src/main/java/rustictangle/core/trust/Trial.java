package rustictangle.core.trust;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.Practised;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;

/**
 * One answer of the dog, in a practice or in a brushing session.
 *
 * @param subject empty: the tool that leads at this section
 * @param section empty for a position
 */
public record Trial(LocalDate day, Optional<Subject> subject, Optional<Section> section, Signal signal) {

    /** The dog's answers, in practice and in sessions. */
    public static final Log.Reading<Trial> ANSWERS = Trial::answers;

    public Trial {
        Objects.requireNonNull(day, "day");
        Objects.requireNonNull(signal, "signal");
        if (subject.isEmpty() && section.isEmpty()) {
            throw new IllegalArgumentException("neither subject nor section, need at least one");
        }
    }

    /**
     * A place in one session answers once: with the least willing signal that was seen there. Being relaxed only counts
     * once the place is done.
     */
    private static List<Trial> answers(List<Entry> log) {
        Map<UUID, SessionBegun> begun = new HashMap<>();
        Map<List<Object>, Answer> worst = new LinkedHashMap<>();
        List<Answer> all = new ArrayList<>();
        for (Entry entry : log) {
            entry.as(SessionBegun.class).ifPresent(plan -> begun.put(entry.id(), plan));
            entry.as(Practised.class)
                    .ifPresent(said -> all.add(new Answer(
                            entry.at(), new Trial(entry.day(), said.subject(), said.section(), said.signal()), true)));
            if (entry.said() instanceof SectionDone done) {
                Answer answer = Answer.of(entry, done.section(), done.signal(), true);
                worst.merge(List.of(entry.session().get(), done.section()), answer, Answer::or);
            } else if (entry.said() instanceof Signalled seen) {
                Answer answer = Answer.of(entry, seen.section(), seen.signal(), false);
                worst.merge(List.of(entry.session().get(), seen.section()), answer, Answer::or);
            }
        }
        worst.forEach((where, answer) -> {
            if (answer.counts()) {
                all.add(answer.with(lead(begun.get(where.get(0)), answer.trial.section.get())));
            }
        });
        all.sort(Comparator.comparing(Answer::at));
        return all.stream().map(Answer::trial).toList();
    }

    /** The tool that led there when the session began. */
    private static Optional<Subject> lead(SessionBegun begun, Section section) {
        return begun.plan().stream()
                .filter(place -> place.section() == section)
                .findFirst()
                .flatMap(SessionBegun.Place::subject);
    }

    private record Answer(Instant at, Trial trial, boolean done) {

        static Answer of(Entry entry, Section section, Signal signal, boolean done) {
            return new Answer(entry.at(), Trial.at(entry.day(), section, signal), done);
        }

        Answer or(Answer later) {
            Signal least = trial.signal.compareTo(later.trial.signal) > 0 ? trial.signal : later.trial.signal;
            return new Answer(later.at, Trial.at(later.trial.day, trial.section.get(), least), done || later.done);
        }

        boolean counts() {
            return done || trial.signal != Signal.RELAXED;
        }

        Answer with(Optional<Subject> lead) {
            return new Answer(at, new Trial(trial.day, lead, trial.section, trial.signal), done);
        }
    }

    /** With the tool that leads there. */
    public static Trial at(LocalDate day, Section section, Signal signal) {
        return new Trial(day, Optional.empty(), Optional.of(section), signal);
    }
}
