package rustictangle.core.routine;

import java.util.BitSet;

/** The 0/1 knapsack, exact: which of the things to take that are worth most within a weight, for every weight at once. */
public final class Knapsack {

    private final int[] weights;
    /** {@code best[i][w]}: the most that the first {@code i} things are worth within {@code w}. */
    private final double[][] best;

    /**
     * @param weights  each at least 1
     * @param worth    each 0 or more
     * @param capacity the greatest weight that will be asked for
     */
    public Knapsack(int[] weights, double[] worth, int capacity) {
        this.weights = weights.clone();
        this.best = new double[weights.length + 1][capacity + 1];
        for (int i = 0; i < weights.length; i++) {
            for (int w = 0; w <= capacity; w++) {
                double with = w >= weights[i] ? best[i][w - weights[i]] + worth[i] : Double.NEGATIVE_INFINITY;
                best[i + 1][w] = Math.max(best[i][w], with);
            }
        }
    }

    /** What can be taken within this weight at most. */
    public double worth(int weight) {
        return best[weights.length][weight];
    }

    /** What to take within this weight; nothing that is worth nothing. */
    public BitSet chosen(int weight) {
        BitSet chosen = new BitSet();
        int w = weight;
        for (int i = weights.length; i > 0; i--) {
            if (best[i][w] > best[i - 1][w]) {
                chosen.set(i - 1);
                w -= weights[i - 1];
            }
        }
        return chosen;
    }
}
