package rustictangle.core.plan;

import rustictangle.core.Choice;

/**
 * Two of length, minutes and weeks that are chosen; the one that is asked for does not count.
 *
 * @param minutesAWeek in [0, 600]
 * @param weeks        one of those that are reckoned
 * @param millimetres  one of those that are reckoned
 */
public record TradeQuestion(Tell tell, int minutesAWeek, double weeks, int millimetres) {

    /** Which of the three is asked for. */
    public enum Tell implements Choice {
        LENGTH("how long the clip may be"),
        MINUTES("how many minutes it takes"),
        WEEKS("how long it may be left");

        private final Words words;

        Tell(String label) {
            words = new Words(label);
        }

        @Override
        public Words words() {
            return words;
        }
    }
}
