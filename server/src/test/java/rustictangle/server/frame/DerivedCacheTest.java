package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What was made of facts is made again only of others, and for each dog apart. */
class DerivedCacheTest {

    private record Plan(String of) {}

    private final DerivedCache made = new DerivedCache();
    private final List<String> worked = new ArrayList<>();

    private Plan plan(long dog, List<String> facts) {
        return made.of(Plan.class, dog, facts, now -> {
            worked.add(dog + ": " + now);
            return new Plan(now.toString());
        });
    }

    @Test
    void equalFactsReadAnewMakeNothingAnew() {
        Plan first = plan(1, new ArrayList<>(List.of("curly")));
        assertSame(first, plan(1, new ArrayList<>(List.of("curly"))));
        assertEquals(1, worked.size());
    }

    @Test
    void otherFactsMakeItAnewForThatDogOnly() {
        Plan first = plan(1, List.of("curly"));
        Plan other = plan(2, List.of("curly"));
        assertNotSame(first, plan(1, List.of("clipped")));
        assertSame(other, plan(2, List.of("curly")));
        assertEquals(List.of("1: [curly]", "2: [curly]", "1: [clipped]"), worked);
    }

    /** A file is looked over while the household goes on with its own. */
    @Test
    void twoFilesReadInTurnMakeNothingAnewForOneAnother() {
        for (int turn = 0; turn < 3; turn++) {
            plan(1, List.of("ours"));
            plan(1, List.of("the file's"));
        }
        assertEquals(List.of("1: [ours]", "1: [the file's]"), worked);
    }

    @Test
    void whatFailsIsTriedAgain() {
        try {
            made.of(Plan.class, 1, "facts", facts -> {
                throw new IllegalStateException("not today");
            });
        } catch (IllegalStateException expected) {
            worked.add("failed");
        }
        plan(1, List.of("curly"));
        assertEquals(List.of("failed", "1: [curly]"), worked);
    }
}
