package rustictangle.core.coat;

import rustictangle.core.Choice;

/** How thickly the hair stands. */
public enum Density implements Choice {
    SPARSE("sparse", "skin shows when you blow on it", 25, 0.85),
    MEDIUM("of medium density", "you part it and see skin", 15, 1.0),
    DENSE("dense", "hard to find the skin", 10, 1.15);

    private final String label;
    private final String hint;
    private final double layerMillimetres;
    private final double tangleFactor;

    Density(String label, String hint, double layerMillimetres, double tangleFactor) {
        this.label = label;
        this.hint = hint;
        this.layerMillimetres = layerMillimetres;
        this.tangleFactor = tangleFactor;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String hint() {
        return hint;
    }

    @Override
    public String title() {
        return this == MEDIUM ? "Medium" : Choice.super.title();
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
