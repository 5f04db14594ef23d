package rustictangle.core.log;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** How long an entry of this kind goes on saying something; older ones are kept, and read only when asked for. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Lasts {

    For value();

    /** Whether it says how the dog took it: where a dog has few of these, older ones are heard, too. */
    boolean answer() default false;

    /** How long. */
    enum For {
        /** That day, and as long as its session may go on. */
        ITS_DAY,
        /** As far back as the dog's memory and its visits go. */
        A_YEAR,
        /** As far back as its own shedding seasons say something: some years. */
        SEASONS,
        EVER
    }
}
