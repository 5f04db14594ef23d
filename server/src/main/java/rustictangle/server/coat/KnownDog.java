package rustictangle.server.coat;

import rustictangle.core.coat.Coat;
import rustictangle.core.dog.Dog;

/** A dog with its coat described: what every further rule needs. */
public record KnownDog(long id, String name, Dog dog, Coat coat) {}
