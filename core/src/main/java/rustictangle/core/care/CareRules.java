package rustictangle.core.care;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rustictangle.core.Every;
import rustictangle.core.Reason;
import rustictangle.core.Sure;
import rustictangle.core.Table;
import rustictangle.core.dog.Dog;
import rustictangle.core.log.CareJob;

/**
 * What is fixed of a job, whatever the dog: a table that a groomer can proof-read, {@code jobs.txt}.
 *
 * @param minutes   of the whole job; a bath's follow the dog
 * @param every     days between two, unless the owner says otherwise; 0: when it is wanted
 * @param flatFace  the same for a dog with a flat face
 * @param waits     days that it may wait when time is short; 0: it does not
 * @param child     whether a child may do it, with an adult beside
 * @param atGroomer whether groomers do it too
 * @param needs     of each of these one
 * @param asked     what is said when something happened after which it is looked at, the day still to be named; empty:
 *                  nothing asks for it
 * @param adds      what is said besides of its turn; may be empty
 */
public record CareRules(
        int minutes,
        int every,
        int flatFace,
        int waits,
        boolean child,
        boolean atGroomer,
        List<List<Supply>> needs,
        Optional<Reason> asked,
        String adds) {

    private static final Map<CareJob, CareRules> BY_JOB =
            Table.byConstant(CareJob.class, CareRules.class, "jobs.txt", 10, CareRules::read);

    public static CareRules of(CareJob job) {
        return Sure.at(BY_JOB, job);
    }

    /**
     * An interval to choose.
     *
     * @param days  between two; 0: when it is wanted
     * @param label in words
     */
    public record Choosable(int days, String label, boolean usual) {}

    private static final List<Integer> CHOOSABLE = List.of(0, 1, 2, 3, 7, 14, 21, 24, 28, 42, 56);

    /** What there is to choose from for a dog, the one that stands and the usual one among them. */
    public List<Choosable> choosable(Dog dog, int chosen) {
        int usual = every(dog);
        return Stream.concat(CHOOSABLE.stream(), Stream.of(chosen, usual))
                .distinct()
                .sorted()
                .map(days -> new Choosable(days, Every.inWords(days), days == usual))
                .toList();
    }

    /** What groomers do, too: a visit says so, and the sheet tells when it was done last. */
    public static List<CareJob> atGroomers() {
        return BY_JOB.keySet().stream().filter(job -> of(job).atGroomer).toList();
    }

    /** Days between two; 0: when it is wanted. */
    public int every(Dog dog) {
        return dog.flatFace() ? flatFace : every;
    }

    /** Why it is looked at after what happened on that day. */
    Reason askedFor(LocalDate day) {
        return asked.map(why -> new Reason(why.rule(), why.text().replace("DAY", "{" + day + " date}")))
                .orElseThrow();
    }

    private static CareRules read(List<String> row) {
        return new CareRules(
                Integer.parseInt(row.get(1)),
                Integer.parseInt(row.get(2)),
                Integer.parseInt(row.get(3)),
                Integer.parseInt(row.get(4)),
                Table.yes(row.get(5)),
                Table.yes(row.get(6)),
                needs(row.get(7)),
                Table.unlessNo(row.get(8)).map(CareRules::reason),
                Table.unlessNo(row.get(9)).orElse(""));
    }

    /** A rule and its words, with a colon between. */
    private static Reason reason(String cell) {
        int colon = cell.indexOf(": ");
        return new Reason(cell.substring(0, colon), cell.substring(colon + 2));
    }

    private static List<List<Supply>> needs(String words) {
        return Table.unlessNo(words).stream()
                .flatMap(all -> Arrays.stream(all.split(", ")))
                .map(cell -> Arrays.stream(cell.split(" or "))
                        .map(supply -> Table.constant(Supply.class, supply))
                        .toList())
                .toList();
    }
}
