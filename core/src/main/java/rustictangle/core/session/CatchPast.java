package rustictangle.core.session;

/**
 * What has been tried in this session before the comb caught.
 *
 * @param triesHere       how often this section was teased, 0 or more
 * @param secondsHere     teasing lumps in this section, seconds
 * @param secondsInAll    teasing lumps over the whole dog, seconds
 * @param optOutsHere     how often the dog has opted out of it
 * @param sectionsMatted  sections in which a mat was left or is found, this one included
 * @param sectionsInAll   sections of the dog where hair can mat, at least 1
 * @param minded          whether it was uneasy at the last try here, or cried
 */
public record CatchPast(
        int triesHere,
        int secondsHere,
        int secondsInAll,
        int optOutsHere,
        int sectionsMatted,
        int sectionsInAll,
        boolean minded) {

    public CatchPast {
        if (!(triesHere >= 0
                && secondsHere >= 0
                && secondsInAll >= secondsHere
                && optOutsHere >= 0
                && sectionsMatted >= 0
                && sectionsInAll >= 1)) {
            throw new IllegalArgumentException("tries " + triesHere + ", seconds " + secondsHere + " of " + secondsInAll
                    + ", opt-outs " + optOutsHere + ", matted " + sectionsMatted + " of " + sectionsInAll
                    + ": need none negative, seconds here within all, at least one section");
        }
    }
}
