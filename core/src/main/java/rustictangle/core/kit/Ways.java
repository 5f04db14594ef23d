package rustictangle.core.kit;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * How the work is done, where practitioners disagree.
 *
 * @param chosen of the questions that the owner answered otherwise than most hands do
 */
public record Ways(Map<SchoolQuestion, Enum<?>> chosen) {

    /** Nothing chosen. */
    public static final Ways USUAL = new Ways(Map.of());

    public Ways {
        chosen = Map.copyOf(chosen);
    }

    public Ways with(SchoolQuestion question, Enum<?> school) {
        return with(question, Optional.of(school));
    }

    /** @param school empty: as most hands do, or as the coat and the situation ask */
    public Ways with(SchoolQuestion question, Optional<? extends Enum<?>> school) {
        Map<SchoolQuestion, Enum<?>> other = new EnumMap<>(SchoolQuestion.class);
        other.putAll(chosen);
        school.filter(one -> !question.usual().equals(school))
                .ifPresentOrElse(one -> other.put(question, one), () -> other.remove(question));
        return new Ways(other);
    }

    /** Empty: as the situation asks. */
    public Optional<Order> order() {
        return of(SchoolQuestion.ORDER, Order.class);
    }

    /** Empty: as the coat asks. */
    public Optional<Structure> structure() {
        return of(SchoolQuestion.STRUCTURE, Structure.class);
    }

    public FinishSchool finish() {
        return of(SchoolQuestion.FINISH, FinishSchool.BY_COAT);
    }

    public CrownSchool crown() {
        return of(SchoolQuestion.CROWN, CrownSchool.NEVER);
    }

    public MistWhen mistWhen() {
        return of(SchoolQuestion.MIST_WHEN, MistWhen.ALWAYS);
    }

    public DirectionSchool direction() {
        return of(SchoolQuestion.DIRECTION, DirectionSchool.BY_COAT);
    }

    public StrokeSchool stroke() {
        return of(SchoolQuestion.STROKE, StrokeSchool.ROOT_OUT);
    }

    public AmountSchool amount() {
        return of(SchoolQuestion.AMOUNT, AmountSchool.BY_MINUTES);
    }

    public MatSchool mats() {
        return of(SchoolQuestion.MATS, MatSchool.TEASE);
    }

    public Loosener loosener() {
        return of(SchoolQuestion.LOOSENER, Loosener.SOAKED);
    }

    public EarHairSchool earHair() {
        return of(SchoolQuestion.EAR_HAIR, EarHairSchool.LEFT);
    }

    public NailSchool nails() {
        return of(SchoolQuestion.NAILS, NailSchool.BY_RUNG);
    }

    public LoopSchool loop() {
        return of(SchoolQuestion.LOOP, LoopSchool.FREE);
    }

    <E extends Enum<E>> Optional<E> of(SchoolQuestion question, Class<E> schools) {
        return Optional.ofNullable(chosen.get(question)).map(schools::cast);
    }

    private <E extends Enum<E>> E of(SchoolQuestion question, E usual) {
        return of(question, usual.getDeclaringClass()).orElse(usual);
    }
}
