package org.civitane.exchange.casefile;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.StringJoiner;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.Shape;
import org.civitane.core.occupation.UnitGroup;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import tools.jackson.databind.JsonNode;

/** Words a value of a case file by the shape of its fact: one place for each shape, whatever the fact is. */
public final class FactText {
    private static final String AMOUNT = "amount";
    private static final String FREQUENCY = "frequency";

    private FactText() {}

    /**
     * The value at a path as people read it, with what it counts where the programme says that: {@code 5.5 hours}. What
     * stands nowhere is shown as it is.
     */
    public static String at(FactPath path, JsonNode value, List<FactSpec> facts, Wording wording) {
        return FactSpecs.shapeAt(facts, path)
                .map(known -> words(known, value, wording, name(path)))
                .orElseGet(() -> wording.shown(value.asString("")));
    }

    /** What the value at a path is called: its last step that is no place in a list and no weekday. */
    private static String name(FactPath path) {
        return Stream.of(path.path().split("/"))
                .filter(step -> !step.chars().allMatch(Character::isDigit))
                .reduce("", (before, step) -> step);
    }

    /** A value as people read it; names for the ids of people where the wording has them. */
    public static String words(Shape shape, JsonNode value, Wording wording) {
        return words(shape, value, wording, "");
    }

    /** @param name what the fact is called, by which the programme says what it counts */
    private static String words(Shape shape, JsonNode value, Wording wording, String name) {
        return switch (shape) {
            case Shape.Text text -> wording.shown(value.asString(""));
            case Shape.Code code -> value.asString("");
            case Shape.Choice choice -> wording.shown(value.asString(""));
            case Shape.Amount amount -> amount(value, wording);
            case Shape.Count count -> value.asString("");
            case Shape.Decimal decimal -> counted(value.asString(""), wording, name);
            case Shape.Day day -> wording.shown(LocalDate.parse(value.asString()));
            case Shape.Month month -> wording.shown(YearMonth.parse(value.asString()));
            case Shape.Quarter quarter -> wording.shown(Quarter.parse(value.asString()));
            case Shape.Occupation occupation ->
                UnitGroup.find(value.asString("")).map(UnitGroup::title).orElse(value.asString(""));
            case Shape.Moment moment ->
                wording.shown(LocalDateTime.parse(value.asString()).toLocalDate());
            case Shape.YesNo yesNo ->
                value.isBoolean() ? wording.shown(String.valueOf(value.asBoolean())) : value.asString("");
            case Shape.Group group -> parts(group.parts(), value, wording);
            case Shape.Several several -> all(several.each(), value, wording, name);
            case Shape.ByWeekday week -> byWeekday(week.each(), value, wording, name);
            case Shape.Unread unread -> "";
        };
    }

    private static String counted(String number, Wording wording, String name) {
        String unit = "unit." + name;
        return wording.has(unit) ? wording.filled(wording.text(unit), Map.of("value", number)) : number;
    }

    private static String byWeekday(Shape each, JsonNode values, Wording wording, String name) {
        return values.isEmpty()
                ? wording.textOr("word.empty", "")
                : values.propertyStream()
                        .map(day -> DayOfWeek.of(Integer.parseInt(day.getKey()))
                                        .getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                                + " " + words(each, day.getValue(), wording, name))
                        .collect(Collectors.joining(", "));
    }

    private static String all(Shape each, JsonNode values, Wording wording, String name) {
        return values.isEmpty()
                ? wording.textOr("word.empty", "")
                : values.valueStream()
                        .map(value -> words(each, value, wording, name))
                        .collect(Collectors.joining(each instanceof Shape.Group ? "; " : ", "));
    }

    /** An amount alone, or with how often it comes where the two were settled together. */
    private static String amount(JsonNode value, Wording wording) {
        return value.isObject()
                ? amount(value.path(AMOUNT), wording) + " "
                        + wording.shown(value.path(FREQUENCY).asString(""))
                : wording.shown(Money.parse(value.asString()));
    }

    /** What was given of a group, in the order of its record; how often an amount comes belongs to the amount. */
    private static String parts(List<FactSpec> parts, JsonNode value, Wording wording) {
        StringJoiner words = new StringJoiner(", ");
        for (FactSpec part : parts) {
            JsonNode given = value.path(part.name());
            boolean said = part.name().equals(FREQUENCY) && value.has(AMOUNT);
            if (given.isMissingNode() || said) {
                continue;
            }
            String text = words(part.shape(), given, wording, part.name());
            JsonNode rhythm = value.path(FREQUENCY);
            words.add(
                    part.name().equals(AMOUNT) && !rhythm.isMissingNode()
                            ? text + " " + wording.shown(rhythm.asString(""))
                            : text);
        }
        return words.toString();
    }
}
