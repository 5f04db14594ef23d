package rustictangle.core.rhythm;

import java.time.LocalDate;
import java.util.Objects;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Log;
import rustictangle.core.log.Moment;
import rustictangle.core.log.SessionEvent.SectionDone;

/**
 * What the comb found at a section.
 *
 * @param tangles found, mats among them; 0 when the comb ran free
 * @param matLeft a mat stays in, so the section is not clear
 */
public record CombCheck(Section section, Moment when, int tangles, boolean matLeft) {

    /** What the comb found in sessions. */
    public static final Log.Reading<CombCheck> CHECKS = log -> log.stream()
            .flatMap(entry -> entry.done().stream()
                    .filter(SectionDone::combed)
                    .map(done -> new CombCheck(
                            done.section(),
                            entry.moment(),
                            done.tangles(),
                            done.comb().leavesMat())))
            .toList();

    public CombCheck {
        Objects.requireNonNull(section, "section");
        Objects.requireNonNull(when, "when");
        if (!(tangles >= 0)) {
            throw new IllegalArgumentException("tangles " + tangles + ", need 0 or more");
        }
        if (matLeft && tangles == 0) {
            throw new IllegalArgumentException("tangles 0 with a mat left, need 1 or more");
        }
    }

    /** At noon of a day. */
    public CombCheck(Section section, LocalDate day, int tangles, boolean matLeft) {
        this(section, Moment.on(day), tangles, matLeft);
    }

    public LocalDate date() {
        return when.day();
    }
}
