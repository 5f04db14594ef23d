package rustictangle.server.frame;

import java.util.Map;

/**
 * What screens need of a room's limits and tables: the API's document carries it, and the build hands it to the web, so
 * that nothing is typed twice.
 */
public interface ScreenFacts {

    /** By name, unlike any other room's; numbers, texts and lists of them. */
    Map<String, Object> facts();
}
