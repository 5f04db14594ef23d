package rustictangle.core.care;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import rustictangle.core.Table;
import rustictangle.core.dog.Dog;
import rustictangle.core.log.CareJob;

/**
 * What is fixed of a job, whatever the dog: a table that a groomer can proof-read, {@code jobs.txt}.
 *
 * @param minutes  of the whole job; a bath's follow the dog
 * @param every    days between two, unless the owner says otherwise; 0: when it is wanted
 * @param flatFace the same for a dog with a flat face
 * @param child    whether a child may do it, with an adult beside
 * @param needs    of each of these one
 */
public record CareRules(int minutes, int every, int flatFace, boolean child, List<List<Supply>> needs) {

    private static final Map<CareJob, CareRules> BY_JOB = read();

    public static CareRules of(CareJob job) {
        return BY_JOB.get(job);
    }

    /** Days between two; 0: when it is wanted. */
    public int every(Dog dog) {
        return dog.flatFace() ? flatFace : every;
    }

    private static Map<CareJob, CareRules> read() {
        Map<CareJob, CareRules> rules = new EnumMap<>(CareJob.class);
        Table.rows(CareRules.class, "jobs.txt", 6)
                .forEach(row -> rules.put(
                        job(row.get(0)),
                        new CareRules(
                                Integer.parseInt(row.get(1)),
                                Integer.parseInt(row.get(2)),
                                Integer.parseInt(row.get(3)),
                                row.get(4).equals("yes"),
                                needs(row.get(5)))));
        return Map.copyOf(rules);
    }

    static CareJob job(String words) {
        return CareJob.valueOf(words.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }

    private static List<List<Supply>> needs(String words) {
        return words.isBlank()
                ? List.of()
                : Arrays.stream(words.split(","))
                        .map(one -> Arrays.stream(one.split(" or "))
                                .map(Supply::named)
                                .toList())
                        .collect(Collectors.toUnmodifiableList());
    }
}
