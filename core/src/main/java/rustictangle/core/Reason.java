package rustictangle.core;

import java.util.Locale;
import java.util.Objects;

/**
 * Why a judgement came out as it did.
 *
 * <p>Quantities in the text stand in braces with their unit, {@code {82 mm}}, {@code {17.5 kg}}, {@code {572 money}},
 * so that the interface can show them in the owner's own units.
 *
 * @param rule id of the rule in {@code docs/practice}, {@code room.rule-name}
 * @param text one plain sentence for the owner
 */
public record Reason(String rule, String text) {

    public Reason {
        Objects.requireNonNull(rule, "rule");
        Objects.requireNonNull(text, "text");
    }

    /** The text as it stands, quantities in metric units and days in figures, for whoever cannot choose. */
    public String plain() {
        return text.replaceAll("\\{(\\S+) date\\}", "$1").replace("{", "").replace("}", "");
    }

    /** A length for use inside a reason's text, rounded to whole millimetres. */
    public static String mm(double millimetres) {
        return "{" + Math.round(millimetres) + " mm}";
    }

    /** A body mass for use inside a reason's text, rounded to 100 g. */
    public static String kg(double kilograms) {
        return String.format(Locale.ROOT, "{%.1f kg}", kilograms);
    }

    /** An amount in the household's currency, rounded to whole ones. */
    public static String money(double amount) {
        return "{" + Math.round(amount) + " money}";
    }

    /** A chance in [0, 1] as whole per cent; a small but real chance never reads as nothing. */
    public static String percent(double chance) {
        long whole = Math.round(100 * chance);
        if (whole == 0 && chance > 0) {
            return "under 1 %";
        }
        return whole + " %";
    }
}
