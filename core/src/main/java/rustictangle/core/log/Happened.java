package rustictangle.core.log;

/** Something happened on the entry's day. */
@Lasts(Lasts.For.A_YEAR)
public record Happened(LifeEvent event) implements Said {

    public Happened {
        Limits.refuseMissing("event", event);
    }

    @Override
    public String inWords() {
        return event.label();
    }
}
