package rustictangle.core.log;

/** What the owner wants to remember of a session; the newest counts, and an empty one removes it. */
public record SessionNoted(String text) implements Said {

    /** Characters. */
    public static final int MOST = 1000;

    public SessionNoted {
        Missing.refuse("text", text);
        Missing.refuseLonger("note", text, MOST);
    }
}
