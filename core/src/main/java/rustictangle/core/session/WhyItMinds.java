package rustictangle.core.session;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import rustictangle.core.Choice;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Tool;
import rustictangle.core.log.Entry;
import rustictangle.core.log.Log;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.Signal;
import rustictangle.core.log.Subject;
import rustictangle.core.log.ToolKind;
import rustictangle.core.rhythm.CombCheck;
import rustictangle.core.trust.Trial;

/**
 * Why a dog may mind being brushed: four plain causes, and only then fear. Told from what was said of the last weeks; it is
 * no diagnosis. The causes and their order are common practice, no published source; when one is suspected is an own
 * estimate.
 *
 * @param causes in the order in which one looks
 */
public record WhyItMinds(List<Cause> causes) {

    /** So far back it is looked, days. */
    private static final int DAYS = 30;
    /** A tool that is minded at so many places is looked at first, whatever place it is. */
    private static final int PLACES = 3;
    /** Some answers are uneasy with any tool; so large a part of them is not. */
    private static final double OFTEN = 0.15;
    /** Who takes less than this part of the time at the places that are minded is quick. */
    private static final double QUICK = 0.65;

    /** More are only counted. */
    private static final int NAMED = 4;

    /** What it may be. */
    public enum What implements Choice {
        TOOL("The tool scratches"),
        HAND("The hand is tight or quick"),
        TANGLE("A tangle pulls"),
        GAME("It is a game"),
        FEAR("Fear, or something hurts");

        private final Words words;

        What(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }

    /**
     * @param suspected whether what was said points there
     * @param reasons   what points there, and what to do
     * @param tools     of the drawer, whose palm test is asked for
     */
    public record Cause(What what, boolean suspected, List<Reason> reasons, List<Tool> tools) {
        public Cause {
            reasons = List.copyOf(reasons);
            tools = List.copyOf(tools);
        }
    }

    /** How it took a place. */
    private record Answered(LocalDate day, Section section, Optional<Subject> with, Signal signal) {
        boolean minded() {
            return signal != Signal.RELAXED;
        }
    }

    private static final Log.Reading<Answered> ANSWERED = log -> Trial.ANSWERS.apply(log).stream()
            .flatMap(trial -> trial.section().stream()
                    .flatMap(section -> trial
                            .answer()
                            .signal()
                            .map(signal -> new Answered(trial.day(), section, trial.subject(), signal))
                            .stream()))
            .toList();

    public WhyItMinds {
        causes = List.copyOf(causes);
    }

    /**
     * @param drawer    the household's tools, as they were looked over last
     * @param matLikely places where a mat is likely by now
     */
    public static WhyItMinds of(Log log, List<Tool> drawer, Set<Section> matLikely, LocalDate today) {
        LocalDate since = today.minusDays(DAYS);
        List<Answered> answers = lately(log, today);
        List<Answered> minded = answers.stream().filter(Answered::minded).toList();
        Set<Section> places = minded.stream()
                .map(Answered::section)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Section.class)));
        List<Cause> causes = new ArrayList<>(List.of(
                tool(answers, drawer), hand(log, places, since), tangle(log, places, matLikely, since), game()));
        boolean explained = causes.stream().anyMatch(Cause::suspected);
        causes.add(fear(minded, places, explained));
        return new WhyItMinds(causes);
    }

    /**
     * Tools of which a palm test is asked: with their kind several places, or several dogs, were not at ease, and nobody
     * has looked since.
     *
     * @param dogs the logs of all dogs of the household
     */
    public static List<Tool> palmTests(List<Log> dogs, List<Tool> drawer, LocalDate today) {
        Map<ToolKind, Integer> places = new EnumMap<>(ToolKind.class);
        List<Answered> all = new ArrayList<>();
        for (Log log : dogs) {
            List<Answered> answers = lately(log, today);
            all.addAll(answers);
            mindedPlaces(answers).forEach((kind, sections) -> places.merge(kind, sections.size(), Integer::sum));
        }
        return drawer.stream()
                .filter(tool -> places.getOrDefault(tool.kind(), 0) >= PLACES && often(tool.kind(), all))
                .filter(tool -> asked(tool, all))
                .toList();
    }

    private static List<Answered> lately(Log log, LocalDate today) {
        LocalDate since = today.minusDays(DAYS);
        return log.read(ANSWERED).stream()
                .filter(one -> !one.day.isBefore(since))
                .toList();
    }

    private static Map<ToolKind, Set<Section>> mindedPlaces(List<Answered> answers) {
        Map<ToolKind, Set<Section>> places = new EnumMap<>(ToolKind.class);
        answers.stream().filter(Answered::minded).forEach(one -> one.with
                .filter(ToolKind.class::isInstance)
                .map(ToolKind.class::cast)
                .ifPresent(kind -> places.computeIfAbsent(kind, tool -> EnumSet.noneOf(Section.class))
                        .add(one.section)));
        return places;
    }

    private static boolean often(ToolKind kind, List<Answered> answers) {
        List<Answered> with = answers.stream()
                .filter(one -> one.with.equals(Optional.of(kind)))
                .toList();
        return with.stream().filter(Answered::minded).count() >= OFTEN * with.size();
    }

    /** Whether a tool in use was not looked over since one of its kind was minded first. */
    private static boolean asked(Tool tool, List<Answered> answers) {
        Optional<LocalDate> first = answers.stream()
                .filter(one -> one.minded() && one.with.equals(Optional.of(tool.kind())))
                .map(Answered::day)
                .min(LocalDate::compareTo);
        return tool.check()
                .filter(check -> check.failed()
                        || first.filter(day -> !check.day().isBefore(day)).isPresent())
                .isEmpty();
    }

    private static Cause tool(List<Answered> answers, List<Tool> drawer) {
        Map<ToolKind, Set<Section>> places = mindedPlaces(answers);
        Optional<ToolKind> most = places.keySet().stream()
                .filter(kind -> Sure.at(places, kind).size() >= PLACES && often(kind, answers))
                .max(Comparator.comparing(kind -> Sure.at(places, kind).size()));
        if (most.isEmpty()) {
            return new Cause(
                    What.TOOL,
                    false,
                    List.of(new Reason(
                            "session.why-tool",
                            "Draw it over your own palm or inner arm, as hard as you brush: what scratches you scratches the "
                                    + "dog. Rough tips, bent wires, missing teeth.")),
                    List.of());
        }
        ToolKind kind = most.get();
        List<Tool> own = drawer.stream().filter(tool -> tool.kind() == kind).toList();
        List<Tool> asked = own.stream().filter(tool -> asked(tool, answers)).toList();
        String where = "With the " + kind.label() + " it was not at ease at "
                + Sure.at(places, kind).size() + " places in the last weeks. ";
        if (own.stream().anyMatch(Tool::putAside)) {
            return new Cause(
                    What.TOOL,
                    true,
                    List.of(new Reason(
                            "session.why-tool-aside",
                            where
                                    + "One of that kind failed its palm test and lies aside: leave it there, and begin anew, "
                                    + "gently, with one that does not scratch.")),
                    asked);
        }
        return asked.isEmpty() && !own.isEmpty()
                ? new Cause(
                        What.TOOL,
                        false,
                        List.of(new Reason(
                                "session.why-tool-fine",
                                where + "It was looked over since, and nothing was found: look further down.")),
                        List.of())
                : new Cause(
                        What.TOOL,
                        true,
                        List.of(new Reason(
                                "session.why-tool-suspected",
                                where
                                        + "Several places, one tool: draw it over your own palm or inner arm, as hard as you "
                                        + "brush. What scratches you scratches the dog.")),
                        asked);
    }

    /** How long the places that are minded took, against what they were expected to. */
    private static Cause hand(Log log, Set<Section> places, LocalDate since) {
        Map<UUID, SessionBegun> begun = new HashMap<>();
        double spent = 0;
        double expected = 0;
        for (Entry entry : log.read(Log.OF_SESSIONS)) {
            entry.as(SessionBegun.class).ifPresent(plan -> begun.put(entry.id(), plan));
            Optional<SessionBegun> plan = entry.session().map(begun::get);
            if (plan.isEmpty() || entry.day().isBefore(since)) {
                continue;
            }
            for (var done : entry.done()) {
                Optional<Integer> reckoned = plan.get().expected(done.section());
                if (places.contains(done.section()) && done.spent().isPresent() && reckoned.isPresent()) {
                    spent += done.spent().get();
                    expected += reckoned.get();
                }
            }
        }
        String how =
                "Hold the brush so loosely that it almost drops, lay it flat, no flick of the wrist; a low voice, and "
                        + "half as quick.";
        boolean quick = expected > 0 && spent < QUICK * expected;
        return new Cause(
                What.HAND,
                quick,
                List.of(
                        quick
                                ? new Reason(
                                        "session.why-hand-quick",
                                        String.format(
                                                Locale.ROOT,
                                                "Where it minds, the hand took %.0f %% of the time that was reckoned. %s",
                                                100 * spent / expected,
                                                how))
                                : new Reason("session.why-hand", how)),
                List.of());
    }

    private static Cause tangle(Log log, Set<Section> places, Set<Section> matLikely, LocalDate since) {
        Set<Section> tangled = log.read(CombCheck.CHECKS).stream()
                .filter(check -> check.tangles() > 0 && !check.date().isBefore(since))
                .map(CombCheck::section)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Section.class)));
        tangled.addAll(matLikely);
        tangled.retainAll(places);
        return new Cause(
                What.TANGLE,
                !tangled.isEmpty(),
                List.of(
                        tangled.isEmpty()
                                ? new Reason(
                                        "session.why-tangle",
                                        "Fingers first: what holds at the skin pulls long before a comb finds it.")
                                : new Reason(
                                        "session.why-tangle-found",
                                        "Where it minds there were tangles, or a mat is likely by now: "
                                                + inShort(tangled)
                                                + ". Fingers first, then from the ends inward; more often, and it pulls less "
                                                + "each time.")),
                List.of());
    }

    private static String inShort(Set<Section> places) {
        String first = places.stream().limit(NAMED).map(Section::label).collect(Collectors.joining("; "));
        return places.size() <= NAMED ? first : first + " and " + (places.size() - NAMED) + " more";
    }

    private static Cause game() {
        return new Cause(
                What.GAME,
                false,
                List.of(new Reason(
                        "session.why-game",
                        "It bites the brush, bounces, bows, and comes back for more? That is play, no refusal. A toy for its "
                                + "mouth, the brush behind your back; go on when it stands.")),
                List.of());
    }

    private static Cause fear(List<Answered> minded, Set<Section> places, boolean explained) {
        List<Reason> reasons = new ArrayList<>();
        boolean afraid = minded.stream().anyMatch(one -> one.signal == Signal.AFRAID);
        if (places.size() == 1 && minded.size() > 1) {
            reasons.add(new Reason(
                    "session.why-pain",
                    "Only " + places.iterator().next().within()
                            + ", again and again: a new objection in one place may be pain. Look, without pressing; a vet if "
                            + "it stays."));
        }
        reasons.add(new Reason(
                "session.why-fear",
                "Will not eat, trembles, pupils wide, tail tucked, worse each time: that is fear, and in doubt it is. Hands "
                        + "off, and back to a rung that was calm."));
        return new Cause(What.FEAR, afraid || !explained && !minded.isEmpty(), reasons, List.of());
    }
}
