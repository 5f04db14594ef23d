package rustictangle.core.log;

/** What the owner wants to remember of a session; the newest counts, and an empty one removes it. */
@Lasts(Lasts.For.ITS_DAY)
public record SessionNoted(String text) implements Said {

    public SessionNoted {
        Limits.refuseMissing("text", text);
        Limits.refuseLonger("note", text, Limits.LONGEST_TEXT);
    }

    @Override
    public String inWords() {
        return "a note: " + text;
    }
}
