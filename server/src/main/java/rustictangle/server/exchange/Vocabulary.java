package rustictangle.server.exchange;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.kit.Hand;
import rustictangle.core.kit.Handle;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.LeadSchool;
import rustictangle.core.kit.MistSchool;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.TipSchool;
import rustictangle.core.kit.Tips;
import rustictangle.core.kit.ToolKind;
import rustictangle.core.plan.Reminder;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.rhythm.LifeEvent;
import rustictangle.core.session.Catch;
import rustictangle.core.session.CombResult;
import rustictangle.core.session.HairOut;
import rustictangle.core.trust.Signal;
import rustictangle.core.trust.Subject;
import rustictangle.server.household.Household;

/** Which words the columns know; the database itself only checks numbers, lengths and what refers to what. */
final class Vocabulary {

    private static final Map<String, Class<? extends Enum<?>>> WORDS = Map.ofEntries(Map.entry("household.comfort", Comfort.class),
            Map.entry("household.length_unit", Household.LengthUnit.class), Map.entry("household.mass_unit", Household.MassUnit.class),
            Map.entry("household.week_start", DayOfWeek.class), Map.entry("household.date_format", Household.DateFormat.class),
            Map.entry("day_minutes.weekday", DayOfWeek.class), Map.entry("dog.life_stage", LifeStage.class), Map.entry("dog.skin", Skin.class),
            Map.entry("dog.history", History.class), Map.entry("region_coat.region", Region.class), Map.entry("region_coat.kind", CoatKind.class),
            Map.entry("region_coat.density", Density.class), Map.entry("region_coat.texture", Texture.class),
            Map.entry("length_reading.region", Region.class), Map.entry("tool.kind", ToolKind.class), Map.entry("tool.pad", PadKind.class),
            Map.entry("tool.tips", Tips.class), Map.entry("tool.head", HeadShape.class), Map.entry("tool.spacing", Spacing.class),
            Map.entry("tool.handle", Handle.class), Map.entry("approach.lead", LeadSchool.class), Map.entry("approach.tips", TipSchool.class),
            Map.entry("approach.mist", MistSchool.class), Map.entry("approach.hand", Hand.class), Map.entry("session_plan.section", Section.class),
            Map.entry("session_plan.subject", Subject.class), Map.entry("session_event.section", Section.class),
            Map.entry("session_event.comb", CombResult.class), Map.entry("session_event.signal", Signal.class),
            Map.entry("session_event.skin", Catch.SkinLook.class), Map.entry("session_event.lump", Catch.Lump.class),
            Map.entry("session_event.beneath", Catch.Beneath.class), Map.entry("session_event.spread", Catch.Spread.class),
            Map.entry("session_event.hair", HairOut.class), Map.entry("practice_trial.subject", Subject.class),
            Map.entry("practice_trial.section", Section.class), Map.entry("practice_trial.signal", Signal.class),
            Map.entry("life_event.event", LifeEvent.class), Map.entry("message.kind", Reminder.Kind.class));

    private Vocabulary() { }

    /** What is wrong with a text in a column; empty: nothing. */
    static Optional<String> problem(String table, String column, String text) {
        Class<? extends Enum<?>> words = WORDS.get(table + "." + column);
        if (words != null && Arrays.stream(words.getEnumConstants()).noneMatch(word -> word.name().equals(text))) {
            return Optional.of("\"" + shortened(text) + "\" is not known as " + column);
        }
        try {
            if (column.startsWith("quiet_")) {
                LocalTime.parse(text);
            } else if (column.equals("day")) {
                LocalDate.parse(text);
            } else if (column.equals("at") || column.endsWith("_at")) {
                Instant.parse(text);
            }
            return Optional.empty();
        } catch (DateTimeParseException e) {
            return Optional.of("\"" + shortened(text) + "\" is no " + (column.equals("day") ? "day such as 2026-05-14" : column.startsWith("quiet_") ? "time such as 21:00" : "moment such as 2026-05-14T09:00:00.000Z"));
        }
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
