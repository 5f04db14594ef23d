package rustictangle.core.kit;

import java.util.Objects;
import java.util.Optional;

/**
 * How the work is done, where practitioners disagree.
 *
 * @param order     empty: as the situation asks
 * @param structure empty: as the coat asks
 */
public record Ways(
        Optional<Order> order,
        Optional<Structure> structure,
        FinishSchool finish,
        CrownSchool crown,
        MistWhen mistWhen,
        MatSchool mats,
        Loosener loosener) {

    /** Nothing chosen. */
    public static final Ways USUAL = new Ways(
            Optional.empty(),
            Optional.empty(),
            FinishSchool.BY_COAT,
            CrownSchool.NEVER,
            MistWhen.ALWAYS,
            MatSchool.TEASE,
            Loosener.SOAKED);

    public Ways {
        Objects.requireNonNull(order, "order");
        Objects.requireNonNull(structure, "structure");
        Objects.requireNonNull(finish, "finish");
        Objects.requireNonNull(crown, "crown");
        Objects.requireNonNull(mistWhen, "mistWhen");
        Objects.requireNonNull(mats, "mats");
        Objects.requireNonNull(loosener, "loosener");
    }

    public Ways inOrder(Optional<Order> chosen) {
        return new Ways(chosen, structure, finish, crown, mistWhen, mats, loosener);
    }

    public Ways structured(Optional<Structure> chosen) {
        return new Ways(order, chosen, finish, crown, mistWhen, mats, loosener);
    }

    public Ways finishing(FinishSchool chosen) {
        return new Ways(order, structure, chosen, crown, mistWhen, mats, loosener);
    }

    public Ways atTheCrown(CrownSchool chosen) {
        return new Ways(order, structure, finish, chosen, mistWhen, mats, loosener);
    }

    public Ways misting(MistWhen chosen) {
        return new Ways(order, structure, finish, crown, chosen, mats, loosener);
    }

    public Ways withMats(MatSchool chosen) {
        return new Ways(order, structure, finish, crown, mistWhen, chosen, loosener);
    }

    public Ways loosening(Loosener chosen) {
        return new Ways(order, structure, finish, crown, mistWhen, mats, chosen);
    }
}
