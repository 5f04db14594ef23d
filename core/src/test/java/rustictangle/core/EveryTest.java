package rustictangle.core;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EveryTest {

    @ParameterizedTest
    @CsvSource({
        "0, when you want it",
        "1, every day",
        "3, every 3 days",
        "7, every week",
        "14, every 2 weeks",
        "24, every 24 days"
    })
    void howOftenIsToldAsPeopleSayIt(int days, String words) {
        assertEquals(words, Every.inWords(days));
    }
}
