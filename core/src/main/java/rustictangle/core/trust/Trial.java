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
import rustictangle.core.log.SessionEvent.Warned;
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
        Map<List<Object>, Heard> worst = new LinkedHashMap<>();
        List<Heard> all = new ArrayList<>();
        for (Entry entry : log) {
            entry.as(SessionBegun.class).ifPresent(plan -> begun.put(entry.id(), plan));
            entry.as(Practised.class)
                    .ifPresent(said -> all.add(new Heard(
                            entry.at(), new Trial(entry.day(), said.subject(), said.section(), said.signal()), true)));
            for (SectionDone done : entry.done()) {
                Heard answer = Heard.of(entry, done.section(), done.signal(), true);
                worst.merge(List.of(entry.session().get(), done.section()), answer, Heard::or);
            }
            if (entry.said() instanceof Warned warned) {
                warned.sections()
                        .forEach(section -> worst.merge(
                                List.of(entry.session().get(), section),
                                Heard.of(entry, section, Signal.AFRAID, true),
                                Heard::or));
            }
            if (entry.said() instanceof Signalled seen) {
                Heard answer = Heard.of(entry, seen.section(), seen.signal(), false);
                worst.merge(List.of(entry.session().get(), seen.section()), answer, Heard::or);
            }
        }
        worst.forEach((where, answer) -> {
            if (answer.counts()) {
                // Of a session at the edge of what is remembered, only its later entries may be there.
                all.add(answer.with(Optional.ofNullable(begun.get(where.get(0)))
                        .flatMap(plan -> lead(plan, answer.trial.section.get()))));
            }
        });
        all.sort(Comparator.comparing(Heard::at));
        return all.stream().map(Heard::trial).toList();
    }

    /** The tool that led there when the session began. */
    private static Optional<Subject> lead(SessionBegun begun, Section section) {
        return begun.plan().stream()
                .filter(place -> place.section() == section)
                .findFirst()
                .flatMap(SessionBegun.Place::subject);
    }

    private record Heard(Instant at, Trial trial, boolean done) {

        static Heard of(Entry entry, Section section, Signal signal, boolean done) {
            return new Heard(entry.at(), Trial.at(entry.day(), section, signal), done);
        }

        Heard or(Heard later) {
            Signal least = trial.signal.compareTo(later.trial.signal) > 0 ? trial.signal : later.trial.signal;
            return new Heard(later.at, Trial.at(later.trial.day, trial.section.get(), least), done || later.done);
        }

        boolean counts() {
            return done || trial.signal != Signal.RELAXED;
        }

        Heard with(Optional<Subject> lead) {
            return new Heard(at, new Trial(trial.day, lead, trial.section, trial.signal), done);
        }
    }

    /** With the tool that leads there. */
    public static Trial at(LocalDate day, Section section, Signal signal) {
        return new Trial(day, Optional.empty(), Optional.of(section), signal);
    }
}
