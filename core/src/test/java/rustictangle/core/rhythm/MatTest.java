package rustictangle.core.rhythm;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static rustictangle.core.dog.Section.ARMPIT_LEFT;
import static rustictangle.core.dog.Section.BACK;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rustictangle.core.dog.Section;
import rustictangle.core.log.Catch;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Moment;
import rustictangle.core.rhythm.Mat.Look;

class MatTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 11);
    private static final Catch SMALL = found(Catch.Lump.UP_TO_10_MM);
    private static final Catch BIG = found(Catch.Lump.OVER_20_MM);

    @Test
    void aMatLeftIsKeptWithItsSizeAndItsFirstDay() {
        List<Mat> mats = Mat.stillIn(List.of(
                caught(ARMPIT_LEFT, 0, SMALL), said(ARMPIT_LEFT, 0, CombResult.MAT_LEFT),
                caught(ARMPIT_LEFT, 3, BIG), said(ARMPIT_LEFT, 3, CombResult.MAT_LEFT)));
        assertEquals(List.of(new Mat(ARMPIT_LEFT, MONDAY, Optional.of(BIG))), mats, "it grew; it dates from Monday");
    }

    @Test
    void onlyACombThatRunsFreeClearsItAndASecondOneIsNew() {
        Look left = said(ARMPIT_LEFT, 0, CombResult.MAT_LEFT);
        assertEquals(
                1,
                Mat.stillIn(List.of(left, said(ARMPIT_LEFT, 1, CombResult.NOT_COMBED)))
                        .size());
        assertEquals(
                1, Mat.stillIn(List.of(left, said(BACK, 1, CombResult.GLIDES))).size());
        assertEquals(List.of(), Mat.stillIn(List.of(left, said(ARMPIT_LEFT, 2, CombResult.TANGLES_CLEARED))));
        assertEquals(
                List.of(new Mat(ARMPIT_LEFT, MONDAY.plusDays(5), Optional.empty())),
                Mat.stillIn(List.of(
                        caught(ARMPIT_LEFT, 0, BIG),
                        left,
                        said(ARMPIT_LEFT, 2, CombResult.GLIDES),
                        said(ARMPIT_LEFT, 5, CombResult.MAT_LEFT))),
                "what was seen of the old one is not said of the new");
    }

    @Test
    void whatCaughtAndCameOutIsNoMat() {
        assertEquals(
                List.of(), Mat.stillIn(List.of(caught(BACK, 0, SMALL), said(BACK, 0, CombResult.TANGLES_CLEARED))));
    }

    private static Look caught(Section section, int day, Catch found) {
        return new Look(section, Moment.on(MONDAY.plusDays(day)), Optional.of(found), Optional.empty());
    }

    private static Look said(Section section, int day, CombResult comb) {
        return new Look(section, Moment.on(MONDAY.plusDays(day)), Optional.empty(), Optional.of(comb));
    }

    private static Catch found(Catch.Lump lump) {
        return new Catch(Catch.SkinLook.SOUND, lump, Catch.Beneath.FREE, Catch.Spread.ONE);
    }
}
