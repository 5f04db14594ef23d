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

    @ParameterizedTest
    @CsvSource({"7, 7, 7, every week", "7, 7, 8, every 7 days (7 to 8)", "1, 1, 2, every day (1 to 2)"})
    void aSpreadIsInTheUnitOfWhatItSpreads(int days, int from, int to, String words) {
        assertEquals(words, Every.inWords(days, from, to));
    }
}
