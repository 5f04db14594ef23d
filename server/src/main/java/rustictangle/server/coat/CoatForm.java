package rustictangle.server.coat;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import rustictangle.core.Refused;
import rustictangle.core.coat.Coat;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.HairLength;
import rustictangle.core.coat.RegionCoat;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Region;

/**
 * A coat as its owner describes it.
 *
 * @param regions   every region once
 * @param neglected no comb has been to the skin for weeks
 */
public record CoatForm(@NotNull List<@Valid @NotNull RegionForm> regions, boolean sheddingHeavily, boolean neglected) {

    /**
     * @param millimetres hair length from the skin, in [1, 400]
     * @param clipped     kept short by a groomer
     * @param colour      absent: as most are
     */
    public record RegionForm(
            @NotNull(message = "Name the region.") Region region,
            @NotNull(message = "Choose the kind of coat.") CoatKind kind,
            @NotNull(message = HairForm.MEASURE)
                    @DecimalMin(value = HairForm.LEAST, message = HairForm.LIMITS)
                    @DecimalMax(value = HairForm.MOST, message = HairForm.LIMITS)
                    Double millimetres,
            @NotNull(message = "Choose how dense the hair is.") Density density,
            @NotNull(message = "Choose how the hair feels.") Texture texture,
            boolean undercoat,
            boolean clipped,
            Colour colour) {

        public RegionForm {
            colour = colour == null ? Colour.GOLD : colour;
        }

        static RegionForm of(Region region, RegionCoat hair) {
            return new RegionForm(
                    region,
                    hair.kind(),
                    hair.length().millimetres(),
                    hair.density(),
                    hair.texture(),
                    hair.undercoat(),
                    hair.clipped(),
                    hair.colour());
        }

        RegionCoat coat() {
            return new RegionCoat(kind, new HairLength(millimetres), density, texture, undercoat, clipped, colour);
        }
    }

    public static CoatForm of(Coat coat) {
        return new CoatForm(
                coat.regions().entrySet().stream()
                        .map(entry -> RegionForm.of(entry.getKey(), entry.getValue()))
                        .toList(),
                coat.sheddingHeavily(),
                coat.neglected());
    }

    /** The coat as the rules see it. */
    public Coat coat() {
        Map<Region, RegionCoat> byRegion = new EnumMap<>(Region.class);
        for (RegionForm form : regions) {
            if (byRegion.put(form.region(), form.coat()) != null) {
                throw new Refused(
                        "regions", "The " + form.region().label() + " is described twice; describe every region once.");
            }
        }
        for (Region region : Region.values()) {
            if (!byRegion.containsKey(region)) {
                throw new Refused("regions", "The " + region.label() + " is missing; describe every region.");
            }
        }
        return new Coat(byRegion, sheddingHeavily, neglected);
    }
}
