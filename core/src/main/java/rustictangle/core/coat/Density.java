package rustictangle.core.coat;

/** How thickly the hair stands. */
public enum Density {
    SPARSE("sparse", 25, 0.85),
    MEDIUM("of medium density", 15, 1.0),
    DENSE("dense", 10, 1.15);

    private final String label;
    private final double layerMillimetres;
    private final double tangleFactor;

    Density(String label, double layerMillimetres, double tangleFactor) {
        this.label = label;
        this.layerMillimetres = layerMillimetres;
        this.tangleFactor = tangleFactor;
    }

    public String label() {
        return label;
    }

    /** Thickness in mm of one layer that a tool still gets through. Own estimate. */
    public double layerMillimetres() {
        return layerMillimetres;
    }

    /** Factor on the tangle rate; 1 for medium. Own estimate. */
    public double tangleFactor() {
        return tangleFactor;
    }
}
