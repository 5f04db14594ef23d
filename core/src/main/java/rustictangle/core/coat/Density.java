package rustictangle.core.coat;

import rustictangle.core.Choice;

/** How thickly the hair stands. */
public enum Density implements Choice {
    SPARSE("sparse", "Sparse", "skin shows when you blow on it", 25, 0.85),
    MEDIUM("of medium density", "Medium", "you part it and see skin", 15, 1.0),
    DENSE("dense", "Dense", "hard to find the skin", 10, 1.15);

    private final Words words;
    private final double layerMillimetres;
    private final double tangleFactor;

    Density(String label, String title, String hint, double layerMillimetres, double tangleFactor) {
        words = new Words(label, title, hint);
        this.layerMillimetres = layerMillimetres;
        this.tangleFactor = tangleFactor;
    }

    @Override
    public Words words() {
        return words;
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
