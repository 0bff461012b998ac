package org.civitane.core.question;

import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;
import org.civitane.core.fault.Unreadable;

/** Reads the answers to "might this be for me?", as typed; what was not answered takes a default. */
public final class Answers {
    private static final int MOST_PEOPLE = 30;

    private final Map<String, String> typed;

    public Answers(Map<String, String> typed) {
        this.typed = Map.copyOf(typed);
    }

    /** Yes or no. */
    public boolean yes(String path, boolean otherwise) {
        return typed.containsKey(path) ? typed.get(path).equals("true") : otherwise;
    }

    /** A number of people. @throws InvalidFact when it is none, below {@code least}, or more than a household has */
    public int people(String path, int least, int otherwise) {
        String text = typed.getOrDefault(path, String.valueOf(otherwise)).strip();
        if (!text.matches("[0-9]{1,2}") || Integer.parseInt(text) < least || Integer.parseInt(text) > MOST_PEOPLE) {
            throw new InvalidFact("/" + path, Fault.of("people", least, MOST_PEOPLE));
        }
        return Integer.parseInt(text);
    }

    /** A number from 0; 0 when not answered. @throws InvalidFact when it is none, or more than {@code most} */
    public int count(String path, int most) {
        String text = typed.getOrDefault(path, "0").strip();
        if (!text.matches("[0-9]{1,4}") || Integer.parseInt(text) > most) {
            throw new InvalidFact("/" + path, Fault.of("number-up-to", most));
        }
        return Integer.parseInt(text);
    }

    /** An amount from 0; 0 when not answered. @throws InvalidFact when it is none */
    public Money amount(String path) {
        try {
            Money amount = Money.parse(typed.getOrDefault(path, "0").strip());
            if (amount.isNegative()) {
                throw new InvalidFact("/" + path, Fault.of("amount-below-zero"));
            }
            return amount;
        } catch (Unreadable e) {
            throw new InvalidFact("/" + path, e.fault());
        }
    }

    /** What comes in, as one line of whoever asks, {@code m1}: {@code amount}, as often as {@code frequency} says. */
    public IncomeLine income() {
        return new IncomeLine("i1", "m1", IncomeKind.OTHER, amount("amount"), frequency("frequency"), Optional.empty());
    }

    /** How often; every month when not answered. @throws InvalidFact when it is none */
    public Frequency frequency(String path) {
        try {
            return Frequency.valueOf(typed.getOrDefault(path, Frequency.MONTHLY.name()));
        } catch (IllegalArgumentException e) {
            throw new InvalidFact("/" + path, Fault.of("how-often"));
        }
    }
}
