package rustictangle.server.frame;

/** Of which dogs it was said that a child's hand brushes them. */
public interface ChildsHand {

    boolean chosenFor(long dogId);
}
