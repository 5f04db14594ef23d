package rustictangle.core.log;

/** Another entry, which the envelope names, does not stand. In a session it is {@link SessionEvent.Undone}. */
@Lasts(Lasts.For.ITS_DAY)
public record TakenBack() implements Said {
    @Override
    public String inWords() {
        return "something taken back";
    }
}
