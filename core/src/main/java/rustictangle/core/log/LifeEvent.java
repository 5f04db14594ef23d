package rustictangle.core.log;

/** Something that happened on one day and works on the coat. */
public enum LifeEvent {
    SWAM("swam"),
    SOAKED("got soaked and dried by itself"),
    SAND_OR_BURRS("ran through sand or burrs"),
    SNOW("was out in the snow"),
    BATHED("was bathed"),
    HARNESS_SOME_HOURS("wore its harness for some hours"),
    HARNESS_ALL_DAY("wore its harness all day");

    /** So many days back something may be remembered, today included. Own estimate: older days say little about what is due. */
    public static final int REMEMBERED_DAYS = 7;

    private final String label;

    LifeEvent(String label) {
        this.label = label;
    }

    /** After the dog's name. */
    public String label() {
        return label;
    }
}
