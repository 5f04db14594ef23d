package rustictangle.core.rhythm;

import java.util.Optional;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.dog.Section;

/** What one section would do in the long run, if every day were like this dog's ordinary ones. */
public final class EveryDay {

    private final double wearADay;
    private final double tangles;
    private final Optional<Hardening> hardening;
    /** By whole days since the last pass. */
    private final double[] loose;

    private EveryDay(double wearADay, double tangles, Optional<Hardening> hardening, double[] loose) {
        this.wearADay = wearADay;
        this.tangles = tangles;
        this.hardening = hardening;
        this.loose = loose;
    }

    static EveryDay of(
            Section section,
            RegionCoat hair,
            HairLength length,
            Conditions.Here here,
            Outlook outlook,
            Conditions conditions) {
        double wear = here.exposure().plain(conditions.today());
        double[] loose = new double[LongRun.LONGEST_DAYS + 2];
        for (int days = 1; days < loose.length; days++) {
            loose[days] = loose[days - 1] + here.loose().of(0, days);
        }
        if (!hair.kind().mats()) {
            return new EveryDay(wear, 0, Optional.empty(), loose);
        }
        RateTable table = RateTable.of(hair);
        return new EveryDay(
                wear,
                outlook.rate().factor() * table.tangles(section, hair, length),
                Optional.of(table.hardening(section, length)),
                loose);
    }

    /** The same where tangles arise so many times as often. */
    public EveryDay times(double factor) {
        return new EveryDay(wearADay, factor * tangles, hardening, loose);
    }

    /** Mats expected between two brushings so many days apart, 0 or more. */
    public double mats(double days) {
        return hardening.map(hard -> tangles * hard.hardened(days * wearADay)).orElse(0.0);
    }

    /** The same, with what those that stay in count more, see {@link Outlook#TIGHTENS_A_DAY}. */
    public double matsThatTighten(double days) {
        return mats(days)
                + hardening
                        .map(hard ->
                                Outlook.TIGHTENS_A_DAY * tangles * hard.hardenedAndWaited(days * wearADay) / wearADay)
                        .orElse(0.0);
    }

    /** What leaving loose hair costs between them, in passes: by straight lines between whole days. */
    public double looseHair(double days) {
        int whole = Math.min(loose.length - 2, (int) Math.floor(days));
        return loose[whole] + (days - whole) * (loose[whole + 1] - loose[whole]);
    }
}
