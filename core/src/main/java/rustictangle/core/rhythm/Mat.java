package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Entry;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SessionEvent.Caught;

/**
 * A mat that was left in and has not been cleared since.
 *
 * @param since the day it was first left
 * @param found what the owner saw of it last; empty: it was left without a closer look
 */
public record Mat(Section section, LocalDate since, Optional<Catch> found) {

    /**
     * One look at a section.
     *
     * @param found what the owner saw where the comb caught; empty: not looked closer
     * @param comb  what the comb said in the end; empty: no end yet
     */
    public record Look(Section section, Moment when, Optional<Catch> found, Optional<CombResult> comb) {}

    /** What the comb met, and the fingers: a mat is a lump that they feel. */
    private static final Log.Reading<Look> LOOKS =
            log -> log.stream().flatMap(Mat::looks).toList();

    private static Stream<Look> looks(Entry entry) {
        return Stream.of(
                        entry.as(Caught.class).stream()
                                .map(caught -> new Look(
                                        caught.section(),
                                        entry.moment(),
                                        Optional.of(caught.found()),
                                        Optional.empty())),
                        entry.done().stream().map(done -> ended(done.section(), entry, done.comb())),
                        entry.as(FingerSearched.class).stream().flatMap(searched -> searched.sections().stream()
                                .map(section -> ended(
                                        section,
                                        entry,
                                        searched.lumps().contains(section) ? CombResult.MAT_LEFT : CombResult.GLIDES))))
                .flatMap(Function.identity());
    }

    private static Look ended(Section section, Entry entry, CombResult comb) {
        return new Look(section, entry.moment(), Optional.empty(), Optional.of(comb));
    }

    /** Every mat still in: neither a comb nor a groomer has cleared it since. */
    public static List<Mat> stillIn(Log log, LocalDate today) {
        record Of(LocalDate today) {}
        return log.workedOut(new Of(today), all -> readOff(all, today));
    }

    private static List<Mat> readOff(Log log, LocalDate today) {
        LocalDate since = today.minusDays(Diary.REMEMBERED_DAYS);
        List<Diary.Groom> grooms = log.read(Diary.GROOMS);
        return stillIn(log.read(LOOKS, since, looks -> sinceCleared(looks, since)).stream()
                .filter(look -> grooms.stream()
                        .noneMatch(groom -> groom.sections().contains(look.section())
                                && !look.when().isAfter(groom.when())))
                .toList());
    }

    /** Before a comb last went through, nothing says anything of mats any more. */
    private static List<Look> sinceCleared(List<Look> looks, LocalDate since) {
        Map<Section, List<Look>> open = new EnumMap<>(Section.class);
        looks.stream().filter(look -> !look.when().day().isBefore(since)).forEach(look -> {
            if (look.comb().filter(CombResult::runsFree).isPresent()) {
                open.remove(look.section());
            } else {
                open.computeIfAbsent(look.section(), section -> new ArrayList<>())
                        .add(look);
            }
        });
        return open.values().stream().flatMap(List::stream).toList();
    }

    /**
     * Every mat still in.
     *
     * @param looks oldest first
     */
    public static List<Mat> stillIn(List<Look> looks) {
        Map<Section, Mat> mats = new EnumMap<>(Section.class);
        Map<Section, Catch> seen = new EnumMap<>(Section.class);
        for (Look look : looks) {
            Section section = look.section();
            look.found().ifPresent(found -> seen.put(section, found));
            if (look.comb().isEmpty()
                    || look.comb().get() == CombResult.NOT_COMBED
                    || look.comb().get() == CombResult.BRUSHED) {
                continue;
            }
            if (look.comb().get().leavesMat()) {
                LocalDate since = mats.containsKey(section)
                        ? mats.get(section).since()
                        : look.when().day();
                mats.put(section, new Mat(section, since, Optional.ofNullable(seen.get(section))));
            } else {
                mats.remove(section);
                seen.remove(section);
            }
        }
        return List.copyOf(mats.values());
    }
}
