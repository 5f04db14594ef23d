package rustictangle.core.log;

/** What the owner remembers of the time before the first record; the newest counts. */
@Lasts(Lasts.For.EVER)
public record PastTold(LastCombed lastCombed) implements Said {

    public PastTold {
        Limits.refuseMissing("lastCombed", lastCombed);
    }

    @Override
    public String inWords() {
        return "last combed through: " + lastCombed.label();
    }
}
