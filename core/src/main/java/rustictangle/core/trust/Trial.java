package rustictangle.core.trust;

import rustictangle.core.dog.Section;

/** One answer of the dog at one section, in a practice or in a brushing session. */
public record Trial(Section section, Signal signal) { }
