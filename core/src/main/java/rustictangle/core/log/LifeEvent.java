package rustictangle.core.log;

import java.util.Map;
import java.util.Optional;
import rustictangle.core.Choice;
import rustictangle.core.Sure;
import rustictangle.core.Table;
import rustictangle.core.dog.Habit;
import rustictangle.core.dog.Wear;

/**
 * Something that happened on one day and works on the coat. What else is known of it stands in its row of {@code
 * events.txt}, a table that a groomer can proof-read.
 */
public enum LifeEvent implements Choice {
    SWAM("swam"),
    SOAKED("got soaked and dried by itself"),
    SAND_OR_BURRS("ran through sand or burrs"),
    SNOW("was out in the snow"),
    BATHED("was bathed"),
    HARNESS_SOME_HOURS("wore its harness for some hours"),
    HARNESS_ALL_DAY("wore its harness all day");

    /** So many days back something may be remembered, today included. Own estimate: older days say little about what is due. */
    public static final int REMEMBERED_DAYS = 7;

    private final Words words;

    LifeEvent(String label) {
        words = new Words(label);
    }

    /** After the dog's name. */
    @Override
    public Words words() {
        return words;
    }

    /** How wet it makes the coat. */
    public enum Wets {
        NO,
        BENEATH,
        ALL_OVER
    }

    private record Traits(
            Wets wets,
            Optional<String> debris,
            Optional<CareJob> asksFor,
            Optional<Habit> habit,
            Optional<Wear> worn) {}

    /** Read when the events are all there. */
    private static final class TraitsTable {
        private static final Map<LifeEvent, Traits> ROWS = Table.byConstant(
                LifeEvent.class,
                LifeEvent.class,
                "events.txt",
                6,
                row -> new Traits(
                        Table.constant(Wets.class, row.get(1)),
                        Table.unlessNo(row.get(2)),
                        Table.unlessNo(row.get(3)).map(job -> Table.constant(CareJob.class, job)),
                        Table.unlessNo(row.get(4)).map(habit -> Table.constant(Habit.class, habit)),
                        Table.unlessNo(row.get(5)).map(worn -> Table.constant(Wear.class, worn))));
    }

    private Traits traits() {
        return Sure.at(TraitsTable.ROWS, this);
    }

    /** Whether the coat is wet after it, at least in parts. */
    public boolean wets() {
        return traits().wets != Wets.NO;
    }

    /** Whether the whole coat is wet after it, and is dried to the skin, place by place. */
    public boolean wetsAllOver() {
        return traits().wets == Wets.ALL_OVER;
    }

    /** What is taken out by hand after it; empty: nothing in particular. */
    public Optional<String> debris() {
        return traits().debris;
    }

    /** What looks after it at the table; empty: nothing. */
    public Optional<CareJob> asksFor() {
        return traits().asksFor;
    }

    /** That such a day belongs to, and then is in the dog's ordinary day already; empty: none. */
    public Optional<Habit> habit() {
        return traits().habit;
    }

    /** The same of what it wears. */
    public Optional<Wear> worn() {
        return traits().worn;
    }
}
