package rustictangle.core.kit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import rustictangle.core.Choice;

/**
 * What practitioners disagree about, and what a household may choose for each dog; in the order in which an owner meets
 * it. Common practice, no published source.
 */
public enum SchoolQuestion implements Choice {
    LEAD(
            "lead",
            "Which tool leads",
            "A slicker finds by catching, pins glide, a comb proves as it goes.",
            new Words("as each coat asks", "what most hands do with this coat"),
            LeadSchool.class,
            Approach::lead,
            Approach::leadBy),
    ORDER(
            "order",
            "In which order",
            "From the feet up a layer falls on finished hair; from the head down a comb follows the coat; what mats first "
                    + "comes first where time is short; a dog that learns begins where it minds least.",
            new Words("as the day asks", "by the coat, known mats and what the dog has learned"),
            Order.class),
    STRUCTURE(
            "structure",
            "Place by place or tool by tool",
            "A place that lies parted is finished while it does; a tool that goes round once is fetched once.",
            new Words("as the coat asks", "parted coats place by place; what is gone over, tool by tool"),
            Structure.class),
    AMOUNT(
            "amount",
            "The whole dog, or some places",
            "A whole dog is done and seen from all sides; some places each day never tire it.",
            AmountSchool.BY_MINUTES),
    HAND(
            "hand",
            "Whose hand",
            "A practised hand may hold a stiffer tool; one that tires, or a child’s, holds less of it.",
            Hand.class,
            Approach::hand,
            Approach::withHand,
            Hand.BEGINNER),
    TIPS(
            "tips",
            "Pin tips",
            "Ball tips protect skin; ball tips catch and pull.",
            TipSchool.class,
            Approach::tips,
            Approach::withTips,
            TipSchool.BY_SKIN),
    MIST_WHEN(
            "mistWhen",
            "When to mist",
            "Dry hair snaps, and what is broken mats sooner; some mist only what is dry, dirty or slow, some nothing.",
            MistWhen.ALWAYS),
    MIST(
            "mist",
            "Where the mist goes",
            "On the coat it reaches the hair beneath; on the tool nothing is sprayed at the dog.",
            MistSchool.class,
            Approach::mist,
            Approach::withMist,
            MistSchool.BY_SKIN),
    DIRECTION(
            "direction",
            "Which way the brush goes",
            "With the lie is kindest, against it finds what hides, every way brings out most. Thin skin, ears and face keep "
                    + "their one way.",
            DirectionSchool.BY_COAT),
    STROKE(
            "stroke",
            "A stroke inside a layer",
            "From the ends inward nothing is ever pulled; from the root a free layer is done in one draw.",
            StrokeSchool.ROOT_OUT),
    FINISH(
            "finish",
            "How curls and fleece are left",
            "Lifted they stand open and look full; laid they look calm.",
            FinishSchool.BY_COAT),
    CROWN(
            "crown",
            "A slicker at the crown",
            "It opens a dense top-knot to the root; one slip near an eye is one too many. Never a beginner’s, never a child’s.",
            CrownSchool.NEVER),
    MATS(
            "mats",
            "A mat at home",
            "A small one with free skin beneath comes out in minutes; in hands that pull it hurts.",
            MatSchool.TEASE),
    LOOSENER(
            "loosener",
            "What loosens a mat",
            "Wet through, the hairs slide; dusted and dry, they part without a bath afterwards.",
            Loosener.SOAKED),
    LOOP(
            "loop",
            "A loop on the table",
            "It keeps a dog from stepping off; a dog that falls in one hangs.",
            LoopSchool.FREE),
    EAR_HAIR(
            "earHair",
            "Hair inside the ear",
            "Some pull it, so that air comes in; it hurts, and a scratched ear is sore for days. A sore ear is never plucked, by "
                    + "nobody.",
            EarHairSchool.LEFT),
    NAILS(
            "nails",
            "How many claws in a day",
            "All at once is soon over; a few a day never grow into a fight.",
            NailSchool.BY_RUNG);

    private final Words words;
    private final String field;
    private final Row<?> row;

    <E extends Enum<E> & Choice> SchoolQuestion(
            String field,
            String title,
            String why,
            Words asked,
            Class<E> schools,
            Function<Approach, Optional<E>> chosen,
            BiFunction<Approach, Optional<E>, Approach> choose) {
        this.words = new Words(title, title, why);
        this.field = field;
        this.row = new Row<>(schools, chosen, choose, Optional.of(asked), Optional.empty());
    }

    <E extends Enum<E> & Choice> SchoolQuestion(
            String field,
            String title,
            String why,
            Class<E> schools,
            Function<Approach, E> chosen,
            BiFunction<Approach, E, Approach> choose,
            E usual) {
        this.words = new Words(title, title, why);
        this.field = field;
        this.row = new Row<>(
                schools,
                approach -> Optional.of(chosen.apply(approach)),
                (approach, one) -> choose.apply(approach, one.orElse(usual)),
                Optional.empty(),
                Optional.of(usual));
    }

    /** One of {@link Ways}, without a usual school. */
    <E extends Enum<E> & Choice> SchoolQuestion(String field, String title, String why, Words asked, Class<E> schools) {
        this.words = new Words(title, title, why);
        this.field = field;
        this.row = ofWays(schools, Optional.of(asked), Optional.empty());
    }

    /** One of {@link Ways}. */
    <E extends Enum<E> & Choice> SchoolQuestion(String field, String title, String why, E usual) {
        this.words = new Words(title, title, why);
        this.field = field;
        this.row = ofWays(usual.getDeclaringClass(), Optional.empty(), Optional.of(usual));
    }

    private <E extends Enum<E> & Choice> Row<E> ofWays(Class<E> schools, Optional<Words> asked, Optional<E> usual) {
        return new Row<>(
                schools,
                approach -> approach.ways().of(this, schools),
                (approach, one) -> approach.withWays(approach.ways().with(this, one)),
                asked,
                usual);
    }

    private record Row<E extends Enum<E> & Choice>(
            Class<E> schools,
            Function<Approach, Optional<E>> chosen,
            BiFunction<Approach, Optional<E>, Approach> choose,
            Optional<Words> asked,
            Optional<E> usual) {

        Optional<E> stands(Approach now) {
            return chosen.apply(now).or(() -> usual);
        }

        Approach choose(Approach now, Optional<String> school) {
            return choose.apply(now, school.map(name -> Enum.valueOf(schools, name)));
        }

        List<Option> options(Approach now) {
            List<Option> options = new ArrayList<>();
            Optional<E> stands = stands(now);
            asked.ifPresent(words -> options.add(
                    new Option(Optional.empty(), words, stands.isEmpty(), choose.apply(now, Optional.empty()))));
            Arrays.stream(schools.getEnumConstants())
                    .map(school -> new Option(
                            Optional.of(school.name()),
                            school.words(),
                            stands.equals(Optional.of(school)),
                            choose.apply(now, Optional.of(school))))
                    .forEach(options::add);
            return options;
        }
    }

    /**
     * One of the schools.
     *
     * @param value   empty: as the coat and the situation ask
     * @param stands  whether it is the one that was chosen
     * @param approach what is chosen if it is
     */
    public record Option(Optional<String> value, Words words, boolean stands, Approach approach) {}

    /** In the order of their declaration, what the coat asks for first. */
    public List<Option> options(Approach now) {
        return row.options(now);
    }

    /** What most hands do; empty: as the coat and the situation ask. */
    Optional<? extends Enum<?>> usual() {
        return row.usual();
    }

    /** The school that stands, by its name; empty: as the coat and the situation ask. */
    public Optional<String> school(Approach now) {
        return row.stands(now).map(Enum::name);
    }

    /**
     * The same with a school chosen.
     *
     * @param school by its name; empty: what most hands do, or as the coat and the situation ask
     * @throws IllegalArgumentException when there is none of that name
     */
    public Approach choose(Approach now, Optional<String> school) {
        return row.choose(now, school);
    }

    /** What is to choose from. */
    public Class<? extends Enum<?>> schools() {
        return row.schools();
    }

    /** By which it goes outside the code. */
    public String field() {
        return field;
    }

    @Override
    public Words words() {
        return words;
    }
}
