package rustictangle.core.log;

/** What the owner remembers of the time before the first record; the newest counts. */
public record PastTold(LastCombed lastCombed) implements Said {

    public PastTold {
        Missing.refuse("lastCombed", lastCombed);
    }
}
