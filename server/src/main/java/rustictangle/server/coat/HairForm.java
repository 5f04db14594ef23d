package rustictangle.server.coat;

/** Which lengths of hair an owner may give, and what to tell whoever gives another. */
public final class HairForm {

    /** mm. */
    public static final String LEAST = "1";

    public static final String MOST = "400";
    public static final String LIMITS = "Hair is " + LEAST + " to " + MOST + " mm long; check number and unit.";
    static final String MEASURE = "Measure the hair: " + LEAST + " to " + MOST + " mm.";

    private HairForm() {}
}
