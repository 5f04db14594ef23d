package rustictangle.core.rhythm;

import java.util.Optional;

/**
 * What is to be expected at one section that is brushed, as days go by since the comb last ran free there. Days are
 * numbers, 0 being today; a stretch is from the evening of one to the evening of another.
 */
public final class Outlook {

    /**
     * By how much a mat that stays in counts more each day: it tightens, and draws in what lies about it. Own estimate,
     * so that no place is left for good, however easy-going its owner.
     */
    public static final double TIGHTENS_A_DAY = 0.03;
    /** From so many mats expected on, one is called likely, and the fingers search first. Own estimate. */
    public static final double MAT_LIKELY = 0.25;

    /** Empty on hair that does not mat. */
    private final Optional<WearDays> days;

    private final LooseHair loose;
    private final Past past;
    private final boolean matLeft;
    private final TangleRate rate;

    Outlook(Optional<WearDays> days, LooseHair loose, Past past, boolean matLeft, TangleRate rate) {
        this.days = days;
        this.loose = loose;
        this.past = past;
        this.matLeft = matLeft;
        this.rate = rate;
    }

    /** Tangles expected to arise in a stretch after a brushing, mats among them; 0 or more. */
    public double tangles(int from, int to) {
        return days.map(table -> rate.factor() * table.tangles(from, to)).orElse(0.0);
    }

    /** How many of those are expected to have hardened into mats by its end, 0 or more. */
    public double mats(int from, int to) {
        return days.map(table -> rate.factor() * table.mats(from, to)).orElse(0.0);
    }

    /**
     * Mats on the evening of a day, whatever the last brushing was.
     *
     * @param already if nothing is brushed until then
     * @param after   by the days since a brushing
     */
    public record Evening(double already, double[] after) {}

    /** @param day 0 or later; brushings from today on are asked for */
    public Evening evening(int day) {
        int longest = day - past.first();
        double[] after = days.map(table -> table.matsUpTo(day, longest)).orElseGet(() -> new double[longest + 1]);
        for (int i = 0; i < after.length; i++) {
            after[i] *= rate.factor();
        }
        return new Evening((matLeft ? 1 : 0) + past.average(since -> after[day - since]), after);
    }

    /** Tangles expected in the coat on the evening of a day if nothing is brushed until then, mats among them. */
    public double tangles(int day) {
        return past.average(since -> tangles(since, day));
    }

    /** Mats expected in the coat on the evening of a day if nothing is brushed until then. */
    public double mats(int day) {
        return (matLeft ? 1 : 0) + past.average(since -> mats(since, day));
    }

    /** What leaving loose hair costs over a stretch between two passes, in passes; 0 or more. */
    public double looseHair(int from, int to) {
        return loose.over(from, to);
    }

    /** The same from the last pass on, as far as it is still to come: until the evening of a day. */
    public double looseHair(int day) {
        return past.average(since -> loose.over(since, day) - loose.over(since, 0));
    }

    /** Whether hair mats here at all. */
    public boolean mats() {
        return days.isPresent();
    }

    /** Whether a mat was left in. */
    public boolean matLeft() {
        return matLeft;
    }

    /** Whether it is known since when it is free of tangles. */
    public boolean known() {
        return past.source() == Past.Source.COMBED;
    }

    /** Whether nobody knows what is in the hair here: then nothing is said of it. */
    public boolean nobodyKnows() {
        return mats() && !matLeft && past.source() == Past.Source.NOBODY;
    }

    /** Whether it is only rubbed down, at a fixed interval. */
    public boolean rubDown() {
        return loose.rubDown();
    }

    /** What is believed of how often tangles arise here. */
    public TangleRate rate() {
        return rate;
    }

    Optional<WearDays> days() {
        return days;
    }
}
