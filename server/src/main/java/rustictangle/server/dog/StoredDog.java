package rustictangle.server.dog;

/**
 * A dog with its id.
 *
 * @param coatDescribed whether its coat is known yet; without it nothing can be matched
 */
public record StoredDog(long id, DogForm form, boolean coatDescribed) {}
