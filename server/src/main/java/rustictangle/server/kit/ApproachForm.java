package rustictangle.server.kit;

import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import rustictangle.core.kit.AmountSchool;
import rustictangle.core.kit.Approach;
import rustictangle.core.kit.CrownSchool;
import rustictangle.core.kit.DirectionSchool;
import rustictangle.core.kit.EarHairSchool;
import rustictangle.core.kit.FinishSchool;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.LoopSchool;
import rustictangle.core.kit.Loosener;
import rustictangle.core.kit.MatSchool;
import rustictangle.core.kit.MistSchool;
import rustictangle.core.kit.MistWhen;
import rustictangle.core.kit.NailSchool;
import rustictangle.core.kit.Order;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.kit.StrokeSchool;
import rustictangle.core.kit.Structure;
import rustictangle.core.kit.TipSchool;
import rustictangle.core.kit.Ways;

/**
 * What the owner chose where practitioners disagree.
 *
 * @param lead     absent: as each coat asks
 * @param order    absent: as the situation asks
 * @param structure absent: as the coat asks
 * @param finish   absent, as all that follow: what most hands do
 */
public record ApproachForm(
        @Nullable LeadSchool lead,
        @NotNull(message = "Choose which tips you trust.") TipSchool tips,
        @NotNull(message = "Choose where the mist goes.") MistSchool mist,
        @NotNull(message = "Say how practised your hand is.") Hand hand,
        @Nullable Order order,
        @Nullable Structure structure,
        @Nullable FinishSchool finish,
        @Nullable CrownSchool crown,
        @Nullable MistWhen mistWhen,
        @Nullable MatSchool mats,
        @Nullable Loosener loosener,
        @Nullable AmountSchool amount,
        @Nullable DirectionSchool direction,
        @Nullable StrokeSchool stroke,
        @Nullable LoopSchool loop,
        @Nullable EarHairSchool earHair,
        @Nullable NailSchool nails) {

    public static ApproachForm of(Approach approach) {
        Ways ways = approach.ways();
        return new ApproachForm(
                approach.lead().orElse(null),
                approach.tips(),
                approach.mist(),
                approach.hand(),
                ways.order().orElse(null),
                ways.structure().orElse(null),
                ways.finish(),
                ways.crown(),
                ways.mistWhen(),
                ways.mats(),
                ways.loosener(),
                ways.amount(),
                ways.direction(),
                ways.stroke(),
                ways.loop(),
                ways.earHair(),
                ways.nails());
    }

    public Approach approach() {
        return new Approach(
                Optional.ofNullable(lead),
                tips,
                mist,
                hand,
                Ways.USUAL
                        .with(SchoolQuestion.ORDER, Optional.ofNullable(order))
                        .with(SchoolQuestion.STRUCTURE, Optional.ofNullable(structure))
                        .with(SchoolQuestion.FINISH, Optional.ofNullable(finish))
                        .with(SchoolQuestion.CROWN, Optional.ofNullable(crown))
                        .with(SchoolQuestion.MIST_WHEN, Optional.ofNullable(mistWhen))
                        .with(SchoolQuestion.MATS, Optional.ofNullable(mats))
                        .with(SchoolQuestion.LOOSENER, Optional.ofNullable(loosener))
                        .with(SchoolQuestion.AMOUNT, Optional.ofNullable(amount))
                        .with(SchoolQuestion.DIRECTION, Optional.ofNullable(direction))
                        .with(SchoolQuestion.STROKE, Optional.ofNullable(stroke))
                        .with(SchoolQuestion.LOOP, Optional.ofNullable(loop))
                        .with(SchoolQuestion.EAR_HAIR, Optional.ofNullable(earHair))
                        .with(SchoolQuestion.NAILS, Optional.ofNullable(nails)));
    }
}
