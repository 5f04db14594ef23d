package rustictangle.core.care;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rustictangle.core.Reason;
import rustictangle.core.Table;
import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.EarHairSchool;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.CareJob;

/**
 * One step of a job, answered with one tap.
 *
 * @param title   in a few words
 * @param todo    as an instruction
 * @param caution that stands beside it, where the hand could err; empty: none
 */
public record CareStep(String title, String todo, Optional<Reason> caution) {

    private record Row(CareJob job, Set<When> when, CareStep step) {}

    /** What a row of the table asks for. */
    private enum When {
        ALWAYS,
        FLAT_FACE,
        OLD,
        PUPPY,
        FRIGHTENED,
        CHILLS,
        LONG,
        SMOOTH,
        CONDITIONER,
        WHOLE_DOG,
        BENEATH,
        SOAP,
        WATER_ONLY,
        LEFT,
        PROFESSIONAL,
        PLUCKED
    }

    /** Shorter hair is soft enough without, mm. Own estimate. */
    private static final double CONDITIONER_FROM_MM = 40;

    private static final List<Row> ROWS = Table.rows(CareStep.class, "steps.txt", 5).stream()
            .map(CareStep::row)
            .toList();

    private static Row row(List<String> cells) {
        Optional<Reason> caution =
                cells.get(4).isEmpty() ? Optional.empty() : Optional.of(CareCaution.of(cells.get(4)));
        return new Row(
                Table.constant(CareJob.class, cells.get(0)),
                Arrays.stream(cells.get(1).split(", "))
                        .map(when -> Table.constant(When.class, when))
                        .collect(Collectors.toUnmodifiableSet()),
                new CareStep(cells.get(2), cells.get(3), caution));
    }

    /** The whole job, in order; of a bath, that of the whole dog. */
    public static List<CareStep> of(CareJob job, Dog dog, Coat coat, EarHairSchool earHair) {
        return of(job, dog, coat, BathKind.WHOLE_DOG, earHair);
    }

    /** A bath, in order. */
    public static List<CareStep> ofBath(Dog dog, Coat coat, BathKind kind) {
        return of(CareJob.BATH, dog, coat, kind, EarHairSchool.LEFT);
    }

    private static List<CareStep> of(CareJob job, Dog dog, Coat coat, BathKind kind, EarHairSchool earHair) {
        Set<When> now = now(dog, coat, kind);
        now.add(Enum.valueOf(When.class, earHair.name()));
        return ROWS.stream()
                .filter(row -> row.job == job && now.containsAll(row.when))
                .map(Row::step)
                .toList();
    }

    private static Set<When> now(Dog dog, Coat coat, BathKind kind) {
        boolean old = dog.lifeStage() == LifeStage.ELDERLY;
        boolean whole = kind == BathKind.WHOLE_DOG;
        Set<When> now = EnumSet.of(
                When.ALWAYS,
                Drying.smooth(coat) ? When.SMOOTH : When.LONG,
                whole ? When.WHOLE_DOG : When.BENEATH,
                kind.shampoo() ? When.SOAP : When.WATER_ONLY);
        Map<When, Boolean> may = Map.of(
                When.FLAT_FACE,
                dog.flatFace(),
                When.OLD,
                old,
                When.PUPPY,
                dog.isPuppy(),
                When.FRIGHTENED,
                dog.mayBeFrightened(),
                When.CHILLS,
                chills(dog),
                When.CONDITIONER,
                Stream.of(Section.values())
                        .anyMatch(section ->
                                kind.wets(section) && coat.at(section).length().millimetres() > CONDITIONER_FROM_MM));
        may.forEach((when, holds) -> {
            if (holds) {
                now.add(when);
            }
        });
        return now;
    }

    /** Puppies and the old. Common practice, no published source. */
    static boolean chills(Dog dog) {
        return dog.isPuppy() || dog.lifeStage() == LifeStage.ELDERLY;
    }
}
