package rustictangle.core.routine;

import java.util.Arrays;
import java.util.Optional;
import rustictangle.core.Reason;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.LengthBand;
import rustictangle.core.dog.Dog;
import rustictangle.core.dog.Section;
import rustictangle.core.kit.Order;
import rustictangle.core.trust.Trust;

/** The order proposed for this dog, and why. */
record OrderChoice(Order order, Reason reason) {

    /** @param chosen by the owner for this dog; empty: as it comes */
    static OrderChoice of(Dog dog, Coat coat, Trust trust, boolean matsKnown, Optional<Order> chosen) {
        OrderChoice proposed = proposed(dog, coat, trust, matsKnown);
        return chosen.filter(order -> order != proposed.order)
                .map(order -> new OrderChoice(
                        order,
                        new Reason(
                                "routine.order-chosen",
                                "Your choice for this dog, " + order.label() + ": " + order.hint() + " Proposed was: "
                                        + proposed.order.label() + ".")))
                .orElse(proposed);
    }

    private static OrderChoice proposed(Dog dog, Coat coat, Trust trust, boolean matsKnown) {
        if (dog.isPuppy()) {
            return choice(Order.GENTLEST_FIRST, "a puppy learns that brushing is pleasant where it minds least");
        }
        if (Arrays.stream(Section.values()).anyMatch(section -> section.priority() && !trust.readyAt(section))) {
            return choice(
                    Order.GENTLEST_FIRST,
                    "some of the hard places are still in training: the easy ones come first, and stay pleasant");
        }
        if (coat.placesThatMat() == 0) {
            return choice(Order.GENTLEST_FIRST, "a rub-down begins where every dog likes it, on the back");
        }
        if (matsKnown) {
            return choice(
                    Order.HOT_SPOTS_FIRST, "mats are known, so the places that mat come while you both are fresh");
        }
        if (layered(coat)) {
            return choice(
                    Order.TOES_UP,
                    "a longer coat is brushed from the feet up, so that what comes down falls on finished hair");
        }
        return choice(Order.HEAD_DOWN, "a short or closely lying coat is gone over from head to tail");
    }

    private static OrderChoice choice(Order order, String why) {
        return new OrderChoice(
                order,
                new Reason(
                        "routine.order",
                        Character.toUpperCase(order.label().charAt(0))
                                + order.label().substring(1) + ", because " + why + "."));
    }

    /** Whether line brushing is the main work: on the body, or on the legs of a clipped dog. */
    private static boolean layered(Coat coat) {
        return longer(coat, Section.BACK) || longer(coat, Section.HIND_LEG_LEFT);
    }

    private static boolean longer(Coat coat, Section section) {
        return coat.at(section).kind().mats() && coat.at(section).length().band() != LengthBand.SHORT;
    }
}
