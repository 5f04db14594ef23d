/**
 * Rustic Tangle's rules and arithmetic, one package per room.
 *
 * <p>Plain Java: no clock, no randomness of its own, no I/O. A room uses only the rooms above it:
 * {@code dog}, {@code coat}, {@code kit}, {@code trust}, {@code rhythm}, {@code routine},
 * {@code session}.
 */
package rustictangle.core;
