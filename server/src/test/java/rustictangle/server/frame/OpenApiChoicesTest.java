package rustictangle.server.frame;

import static org.junit.jupiter.api.Assertions.assertAll;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import rustictangle.core.log.Signal;
import rustictangle.server.frame.OpenApiChoices.Word;

/** Whoever shows a choice finds its words in the API's document. */
class OpenApiChoicesTest {

    private static final Map<String, List<Word>> ALL = OpenApiChoices.all();

    @Test
    void everyChoiceIsTold() {
        assertTrue(ALL.keySet().containsAll(List.of("Signal", "CombResult", "CatchSkinLook", "LifeStage", "Tips")));
        assertEquals(
                List.of(Signal.values()).stream().map(Signal::title).toList(),
                ALL.get("Signal").stream().map(Word::title).toList());
    }

    @Test
    void noTwoOfAKindReadTheSame() {
        assertAll(ALL.entrySet().stream().map(type -> () -> {
            assertFalse(type.getValue().stream().anyMatch(word -> word.title().isBlank()), type.getKey());
            assertEquals(
                    type.getValue().size(),
                    type.getValue().stream().map(Word::title).distinct().count(),
                    type.getKey());
        }));
    }
}
