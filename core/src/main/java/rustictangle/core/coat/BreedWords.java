package rustictangle.core.coat;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import rustictangle.core.Sure;
import rustictangle.core.Table;

/** Words that people type besides the name of a breed: they stand in {@code breed_words.txt}. In lower case. */
public final class BreedWords {

    private static final int COLUMNS = 2;
    private static final Map<String, List<String>> ALL = read();

    private BreedWords() {}

    private static Map<String, List<String>> read() {
        Map<String, List<String>> all = new LinkedHashMap<>();
        Table.rows(BreedWords.class, "breed_words.txt", COLUMNS)
                .forEach(row -> all.put(
                        row.get(0),
                        Arrays.stream(row.get(1).split(",")).map(String::strip).toList()));
        return all;
    }

    /** That it is a cross. */
    public static List<String> cross() {
        return Sure.at(ALL, "cross");
    }

    /** Its size: part of some names, and besides others. */
    public static List<String> sizes() {
        return Sure.at(ALL, "size");
    }

    /** Its colour: the same. */
    public static List<String> colours() {
        return Sure.at(ALL, "colour");
    }

    /** What says nothing of which breed it is. */
    public static List<String> besides() {
        return Sure.at(ALL, "dog");
    }

    /** Of whom nothing else is said, of that dog nobody can guess a coat. */
    public static List<String> nobodyKnows() {
        return Sure.at(ALL, "nobody knows");
    }
}
