package org.civitane.exchange.binding;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.fault.Fault;
import org.civitane.core.fault.Unreadable;
import org.civitane.core.occupation.UnitGroup;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** Readers of single values, as the case-file format writes them. */
final class Scalars {
    private static final int DATE_LENGTH = 10;
    private static final int DATE_TIME_LENGTH = 19;
    private static final int MONTH_LENGTH = 7;

    static final Map<Class<?>, Reader<?>> READERS = Map.ofEntries(
            Map.entry(String.class, parser -> ShortTexts.one(text(parser))),
            Map.entry(Money.class, Scalars::amountFromZero),
            Map.entry(boolean.class, Scalars::flag),
            Map.entry(Boolean.class, Scalars::flag),
            Map.entry(int.class, Scalars::wholeNumber),
            Map.entry(Integer.class, Scalars::wholeNumber),
            Map.entry(long.class, Scalars::longNumber),
            Map.entry(LocalDate.class, Scalars::date),
            Map.entry(LocalDateTime.class, Scalars::dateTime),
            Map.entry(YearMonth.class, Scalars::month),
            Map.entry(Quarter.class, written(Quarter::parse)),
            Map.entry(UnitGroup.class, written(UnitGroup::parse)),
            Map.entry(Hundredths.class, written(Hundredths::parse)));

    private Scalars() {}

    /** A text; blank ones are told apart by the caller. */
    static String text(JsonParser parser) {
        if (parser.currentToken() != JsonToken.VALUE_STRING) {
            throw wrongType(parser, "text");
        }
        return parser.getString();
    }

    static Money amount(JsonParser parser) {
        if (parser.currentToken() != JsonToken.VALUE_STRING) {
            throw wrongType(parser, "amount");
        }
        try {
            return Money.parse(parser.getString());
        } catch (Unreadable e) {
            throw new BadInput("", e.fault());
        }
    }

    static Money amountFromZero(JsonParser parser) {
        Money amount = amount(parser);
        if (amount.isNegative()) {
            throw BadInput.at("", "this-amount-below-zero", amount);
        }
        return amount;
    }

    static Boolean flag(JsonParser parser) {
        return switch (parser.currentToken()) {
            case VALUE_TRUE -> Boolean.TRUE;
            case VALUE_FALSE -> Boolean.FALSE;
            default -> throw wrongType(parser, "flag");
        };
    }

    static Long longNumber(JsonParser parser) {
        if (parser.currentToken() != JsonToken.VALUE_NUMBER_INT) {
            throw wrongType(parser, "whole-number");
        }
        if (parser.getNumberType() == JsonParser.NumberType.BIG_INTEGER) {
            throw BadInput.at("", "number-too-large");
        }
        return parser.getLongValue();
    }

    static Integer wholeNumber(JsonParser parser) {
        long number = longNumber(parser);
        if (number < Integer.MIN_VALUE || number > Integer.MAX_VALUE) {
            throw BadInput.at("", "number-too-large");
        }
        return (int) number;
    }

    static LocalDate date(JsonParser parser) {
        String text = text(parser);
        if (text.length() != DATE_LENGTH) {
            throw BadInput.at("", "date");
        }
        try {
            return IsoTime.date(text);
        } catch (DateTimeException e) {
            throw BadInput.at("", "no-date");
        }
    }

    static LocalDateTime dateTime(JsonParser parser) {
        String text = text(parser);
        if (text.length() != DATE_TIME_LENGTH) {
            throw BadInput.at("", "moment");
        }
        try {
            return IsoTime.dateTime(text);
        } catch (DateTimeException e) {
            throw BadInput.at("", "no-moment", text);
        }
    }

    static YearMonth month(JsonParser parser) {
        String text = text(parser);
        try {
            if (text.length() == MONTH_LENGTH) {
                return YearMonth.parse(text);
            }
        } catch (DateTimeException e) {
            throw BadInput.at("", "no-month", text);
        }
        throw BadInput.at("", "month");
    }

    private static <T> Reader<T> written(Function<String, T> parse) {
        return parser -> {
            try {
                return parse.apply(text(parser));
            } catch (Unreadable e) {
                throw new BadInput("", e.fault());
            }
        };
    }

    static <E> Reader<E> oneOf(Class<E> type) {
        E[] constants = type.getEnumConstants();
        Map<String, E> byName = Arrays.stream(constants)
                .collect(Collectors.toMap(constant -> ((Enum<?>) constant).name(), constant -> constant));
        return parser -> {
            E found = byName.get(text(parser));
            if (found == null) {
                throw BadInput.at(
                        "",
                        "one-of",
                        Arrays.stream(constants).map(Object::toString).collect(Collectors.joining(", ")));
            }
            return found;
        };
    }

    /** @param expected one of the words {@code type.…} of the faults */
    static BadInput wrongType(JsonParser parser, String expected) {
        return BadInput.at(
                "", "wrong-type", Fault.of("type." + expected), Fault.of("type." + typeOf(parser.currentToken())));
    }

    private static String typeOf(JsonToken token) {
        return switch (token) {
            case START_OBJECT -> "object";
            case START_ARRAY -> "list";
            case VALUE_STRING -> "text";
            case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> "number";
            case VALUE_TRUE, VALUE_FALSE -> "flag";
            case VALUE_NULL -> "null";
            default -> "nothing";
        };
    }
}
