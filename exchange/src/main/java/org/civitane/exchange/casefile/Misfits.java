package org.civitane.exchange.casefile;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.Shape;
import tools.jackson.databind.JsonNode;

/**
 * What people said that can be read and yet cannot stand: words where a code is meant, more hours than a day has, a day in
 * a year that nobody lives in. The rules take such cases as they are; people are told before they get there.
 */
public final class Misfits {
    private static final BigDecimal HOURS_OF_A_DAY = BigDecimal.valueOf(24);
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2199;
    private static final int DIGITS_OF_A_YEAR = 4;

    private Misfits() {}

    /** Why something cannot stand. */
    public enum Why {
        /** It is none of a list, or no number of anything. */
        CODE,
        /** A day has fewer hours. */
        HOURS,
        /** Nothing that matters here is in that year. */
        YEAR
    }

    /** @param path of the fact, with slashes */
    public record Misfit(String path, Why why) {}

    /** The first fact that cannot stand; nothing when all can. */
    public static Optional<Misfit> in(JsonNode said, List<FactSpec> facts) {
        return in(said, new Shape.Group(facts), "").findFirst();
    }

    /** Why a value of that shape cannot stand; what is not of the shape is for its reader to refuse. */
    public static Optional<Why> of(JsonNode value, Shape shape) {
        return in(value, shape, "").map(Misfit::why).findFirst();
    }

    private static Stream<Misfit> in(JsonNode value, Shape shape, String path) {
        return switch (shape) {
            case Shape.Choice choice -> misfit(path, Why.CODE, isOther(value, choice.of()));
            case Shape.Code code -> misfit(path, Why.CODE, value.isString() && !code.fits(value.asString()));
            case Shape.Day day -> misfit(path, Why.YEAR, isFarOff(value));
            case Shape.Month month -> misfit(path, Why.YEAR, isFarOff(value));
            case Shape.Moment moment -> misfit(path, Why.YEAR, isFarOff(value));
            case Shape.ByWeekday week ->
                value.propertyStream()
                        .flatMap(each -> misfit(
                                below(path, each.getKey()),
                                Why.HOURS,
                                week.each() instanceof Shape.Decimal && isMoreThanADay(each.getValue())));
            case Shape.Group group ->
                group.parts().stream()
                        .flatMap(part -> in(value.path(part.name()), part.shape(), below(path, part.name())));
            case Shape.Several several ->
                Stream.iterate(0, at -> at < value.size(), at -> at + 1)
                        .flatMap(at -> in(value.path(at), several.each(), below(path, String.valueOf(at))));
            case Shape.Text text -> Stream.empty();
            case Shape.Amount amount -> Stream.empty();
            case Shape.Count count -> Stream.empty();
            case Shape.Decimal decimal -> Stream.empty();
            case Shape.Quarter quarter -> Stream.empty();
            case Shape.Occupation occupation -> Stream.empty();
            case Shape.YesNo yesNo -> Stream.empty();
            case Shape.Unread unread -> Stream.empty();
        };
    }

    private static boolean isOther(JsonNode value, List<String> codes) {
        return value.isString() && !value.asString().isEmpty() && !codes.contains(value.asString());
    }

    private static boolean isFarOff(JsonNode value) {
        String text = value.isString() ? value.asString() : "";
        if (text.length() < DIGITS_OF_A_YEAR
                || !text.substring(0, DIGITS_OF_A_YEAR).matches("[0-9]+")) {
            return false;
        }
        int year = Integer.parseInt(text.substring(0, DIGITS_OF_A_YEAR));
        return year < FIRST_YEAR || year > LAST_YEAR;
    }

    private static boolean isMoreThanADay(JsonNode value) {
        return value.isString()
                && value.asString().matches("[0-9]{1,12}(\\.[0-9]{1,4})?")
                && new BigDecimal(value.asString()).compareTo(HOURS_OF_A_DAY) > 0;
    }

    private static Stream<Misfit> misfit(String path, Why why, boolean isSo) {
        return isSo ? Stream.of(new Misfit(path, why)) : Stream.empty();
    }

    private static String below(String path, String name) {
        return path.isEmpty() ? name : path + "/" + name;
    }
}
