package rustictangle.server.exchange;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import rustictangle.core.care.Supply;
import rustictangle.core.coat.CoatKind;
import rustictangle.core.coat.Colour;
import rustictangle.core.coat.Density;
import rustictangle.core.coat.Texture;
import rustictangle.core.dog.Build;
import rustictangle.core.dog.Ears;
import rustictangle.core.dog.History;
import rustictangle.core.dog.LifeStage;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.dog.Skin;
import rustictangle.core.dog.TailShape;
import rustictangle.core.kit.Handle;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.PadKind;
import rustictangle.core.kit.SchoolQuestion;
import rustictangle.core.kit.Spacing;
import rustictangle.core.kit.Tips;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.Signal;
import rustictangle.core.log.ToolKind;
import rustictangle.core.plan.DaysOff;
import rustictangle.core.plan.Reminder;
import rustictangle.core.rhythm.Comfort;
import rustictangle.core.trust.Station;
import rustictangle.server.frame.Bounds;
import rustictangle.server.frame.StoredInstant;
import rustictangle.server.household.Household;
import rustictangle.server.kit.ApproachStore;

/**
 * Which words, days and ids the columns know; the database itself only checks numbers, lengths and what refers to what.
 */
record Vocabulary(Instant now) {

    private static final Map<String, Class<? extends Enum<?>>> SCHOOLS = Arrays.stream(SchoolQuestion.values())
            .collect(Collectors.toMap(
                    question -> "approach." + ApproachStore.column(question), SchoolQuestion::schools));

    private static final Map<String, Class<? extends Enum<?>>> WORDS = Map.ofEntries(
            Map.entry("household.comfort", Comfort.class),
            Map.entry("household.length_unit", Household.LengthUnit.class),
            Map.entry("household.mass_unit", Household.MassUnit.class),
            Map.entry("household.week_start", DayOfWeek.class),
            Map.entry("household.date_format", Household.DateFormat.class),
            Map.entry("day_minutes.weekday", DayOfWeek.class),
            Map.entry("dog.life_stage", LifeStage.class),
            Map.entry("dog.skin", Skin.class),
            Map.entry("dog.history", History.class),
            Map.entry("region_coat.region", Region.class),
            Map.entry("region_coat.kind", CoatKind.class),
            Map.entry("region_coat.density", Density.class),
            Map.entry("region_coat.texture", Texture.class),
            Map.entry("region_coat.colour", Colour.class),
            Map.entry("dog.build", Build.class),
            Map.entry("dog.ears", Ears.class),
            Map.entry("dog.tail", TailShape.class),
            Map.entry("tool.kind", ToolKind.class),
            Map.entry("tool_price.kind", ToolKind.class),
            Map.entry("tool.pad", PadKind.class),
            Map.entry("tool.tips", Tips.class),
            Map.entry("tool.head", HeadShape.class),
            Map.entry("tool.spacing", Spacing.class),
            Map.entry("tool.handle", Handle.class),
            Map.entry("care_choice.job", CareJob.class),
            Map.entry("day_off.why", DaysOff.Why.class),
            Map.entry("supply.kind", Supply.class),
            Map.entry("agreed.station", Station.class),
            Map.entry("cue.position", Exercise.class),
            Map.entry("sections.section", Section.class),
            Map.entry("sections.comb", CombResult.class),
            Map.entry("sections.signal", Signal.class),
            Map.entry("message.kind", Reminder.Kind.class));

    private static final Set<String> IDS = Set.of("entry.id", "entry.session_id", "entry.takes_back", "photo.id");
    private static final Pattern UUID_FORM = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    /** Half of what a browser holds exactly: however many come after it, there is room. */
    private static final long HIGHEST_ID = 1L << 52;
    /** What was said lies behind us; clocks of two machines differ, and so do their days. */
    private static final Duration AHEAD = Duration.ofDays(2);

    private static final Set<String> DAYS = Set.of("day", "born_on", "first", "last");
    /** What is agreed with a groomer, or among those who live here. */
    private static final Duration AGREED_AHEAD = Duration.ofDays(370);

    /** What is wrong with a whole number in a column; empty: nothing that the database would not find. */
    static Optional<String> numberProblem(String column, long number) {
        boolean id = column.equals("id") || column.equals("seq") || column.endsWith("_id");
        return id && !(number >= 1 && number <= HIGHEST_ID)
                ? Optional.of(column + " is " + number + ", need 1 to " + HIGHEST_ID)
                : Optional.empty();
    }

    /** What is wrong with a text in a column; empty: nothing. */
    Optional<String> problem(String table, String column, String text) {
        String place = table + "." + column;
        Class<? extends Enum<?>> words = WORDS.getOrDefault(place, SCHOOLS.get(place));
        if (words != null
                && Arrays.stream(words.getEnumConstants())
                        .noneMatch(word -> word.name().equals(text))) {
            return Optional.of("\"" + shortened(text) + "\" is not known as " + column);
        }
        if (text.indexOf('\0') >= 0) {
            return Optional.of("a text in " + column + " holds a NUL");
        }
        if (IDS.contains(table + "." + column) && uuid(text).isEmpty()) {
            return Optional.of("\"" + shortened(text) + "\" is no UUID");
        }
        if (column.startsWith("quiet_") || column.equals("hour") || column.equals("usual_hour")) {
            return parses(() -> LocalTime.parse(text))
                    ? Optional.empty()
                    : Optional.of("\"" + shortened(text) + "\" is no time such as 21:00");
        }
        if (column.equals("zone") && !ZoneId.getAvailableZoneIds().contains(text)) {
            return Optional.of("\"" + shortened(text) + "\" is no zone such as Europe/London");
        }
        if (DAYS.contains(column)) {
            boolean agreed = table.equals("appointment") || table.equals("day_off");
            LocalDate last = LocalDate.ofInstant(now.plus(agreed ? AGREED_AHEAD : AHEAD), ZoneOffset.UTC);
            return text.length() == "2026-05-14".length()
                            && parses(() -> LocalDate.parse(text))
                            && !LocalDate.parse(text).isBefore(Bounds.FIRST_DAY)
                            && !LocalDate.parse(text).isAfter(last)
                    ? Optional.empty()
                    : Optional.of(column + " is \"" + shortened(text) + "\", need one such as 2026-05-14, from "
                            + Bounds.FIRST_DAY + " to " + last + "; is this machine's clock right?");
        }
        if (column.equals("at") || column.endsWith("_at")) {
            // Text order must be time order; what was removed is not ordered by it.
            boolean ordered = column.equals("removed_at")
                    || momentProblem(text).isEmpty()
                            && StoredInstant.text(Instant.parse(text)).equals(text);
            if (ordered && momentProblem(text).isEmpty() && Instant.parse(text).isAfter(now.plus(AHEAD))) {
                return Optional.of(column + " is " + text + ", which is still to come; is this machine's clock right?");
            }
            return ordered
                    ? momentProblem(text)
                    : Optional.of("\"" + shortened(text) + "\" is no moment such as 2026-05-14T09:00:00.000Z");
        }
        return Optional.empty();
    }

    /** What is wrong with a moment, however exactly it is given; empty: nothing. */
    static Optional<String> momentProblem(String text) {
        return parses(() -> Instant.parse(text)) && Bounds.within(Instant.parse(text))
                ? Optional.empty()
                : Optional.of("\"" + shortened(text) + "\" is no moment such as 2026-05-14T09:00:00.000Z, from "
                        + Bounds.FIRST_DAY + " to " + Bounds.LAST_DAY);
    }

    /** As it is written everywhere here; empty: it is none. */
    static Optional<String> uuid(String text) {
        return UUID_FORM.matcher(text).matches() ? Optional.of(text) : Optional.empty();
    }

    private static boolean parses(Runnable parse) {
        try {
            parse.run();
            return true;
        } catch (DateTimeParseException e) {
            return false;
        }
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
