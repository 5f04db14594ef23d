package rustictangle.core.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Kit;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Log;
import rustictangle.core.rhythm.Forecast;
import rustictangle.core.trust.Trust;

/**
 * Whether it may be bathed now: water tightens tangles, so every place that gets wet is proved first, and no mat is in.
 *
 * @param way   what to do now
 * @param first where the comb has to go first; none unless that is the way
 * @param mats  that are in where it would get wet
 */
public record BathGate(Way way, List<Section> first, List<Section> mats, Reason why) {

    /** There is always one. */
    public enum Way {
        BATHE,
        BRUSH_FIRST,
        GROOMER
    }

    /** A proof holds so long, days. Common practice, no published source: a day or two. */
    static final int PROOF_HOLDS_DAYS = 2;

    /**
     * One place.
     *
     * @param canMat    whether its hair mats at all
     * @param mat       whether one is in
     * @param reachable whether it may be brushed: neither closed nor in training
     * @param proved    when a comb last ran free; empty: never, or the coat was wet since
     */
    record GatePlace(Section section, boolean canMat, boolean mat, boolean reachable, Optional<LocalDate> proved) {}

    public BathGate {
        first = List.copyOf(first);
        mats = List.copyOf(mats);
    }

    public static BathGate of(Log log, Kit kit, Trust trust, Forecast forecast, BathKind kind, LocalDate today) {
        return of(
                Proof.places(log, trust, forecast, today),
                kind,
                kit.incomplete().isEmpty(),
                today);
    }

    /** @param comb whether one lies in the drawer, to prove with */
    static BathGate of(Collection<GatePlace> places, BathKind kind, boolean comb, LocalDate today) {
        List<Section> first = new ArrayList<>();
        List<Section> mats = new ArrayList<>();
        List<Section> beyond = new ArrayList<>();
        for (GatePlace place : places) {
            if (!place.canMat || !kind.wets(place.section)) {
                continue;
            }
            boolean proved = place.proved
                    .filter(day -> !day.isBefore(today.minusDays(PROOF_HOLDS_DAYS)))
                    .isPresent();
            if (place.mat) {
                mats.add(place.section);
            } else if (!proved) {
                (place.reachable ? first : beyond).add(place.section);
            }
        }
        if (!mats.isEmpty()) {
            return new BathGate(
                    Way.GROOMER,
                    List.of(),
                    mats,
                    new Reason(
                            "care.gate-mat",
                            "A mat is in: " + words(mats)
                                    + ". Water tightens it. Tease it out first if it is small and loose; else the groomer bathes it."));
        }
        if (!beyond.isEmpty()) {
            return new BathGate(
                    Way.GROOMER,
                    List.of(),
                    List.of(),
                    new Reason(
                            "care.gate-beyond",
                            "It is not brushed yet, so nobody knows whether a mat is in: " + words(beyond)
                                    + ". Bathe the rest of it only, or let the groomer do it."));
        }
        return first.isEmpty()
                ? new BathGate(
                        Way.BATHE,
                        List.of(),
                        List.of(),
                        new Reason("care.gate-open", "A comb ran free everywhere that gets wet, and no mat is in."))
                : new BathGate(
                        Way.BRUSH_FIRST,
                        first,
                        List.of(),
                        new Reason(
                                "care.gate-brush",
                                "No comb has run free within two days, or it was wet since: " + words(first)
                                        + ". Water tightens what is in there, so brush first, today."
                                        + (comb ? "" : " Only a comb proves it, and none lies in the drawer.")));
    }

    private static final int NAMED = 3;

    private static String words(List<Section> sections) {
        return sections.size() <= NAMED
                ? String.join(", ", sections.stream().map(Section::label).toList())
                : sections.get(0).label() + " and " + (sections.size() - 1) + " more places";
    }
}
