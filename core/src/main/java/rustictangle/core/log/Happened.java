package rustictangle.core.log;

/** Something happened on the entry's day. */
public record Happened(LifeEvent event) implements Said {

    public Happened {
        Missing.refuse("event", event);
    }
}
