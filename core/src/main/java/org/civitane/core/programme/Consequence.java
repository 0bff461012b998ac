package org.civitane.core.programme;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;

/** Something that follows a decision by itself: owed on a day, and done once. */
public sealed interface Consequence {
    LocalDate on();

    /**
     * Money.
     *
     * @param time what it is for; none of a claim is paid twice
     * @param to the code of the {@link Outsider} who is paid; empty for the household
     */
    record Pay(PaidFor time, Money amount, LocalDate on, Optional<String> to) implements Consequence {
        /** Money for a month. */
        public Pay(YearMonth month, Money amount, LocalDate on, Optional<String> to) {
            this(new PaidFor.Month(month), amount, on, to);
        }

        /** Money for a month, to the household. */
        public Pay(YearMonth month, Money amount, LocalDate on) {
            this(month, amount, on, Optional.empty());
        }
    }

    /**
     * A fee is asked for. Nothing that rests on it happens before it is paid.
     *
     * @param payBy the last day for it; unpaid then, it is not asked for any more and nothing is made out
     * @param then what is done once it is paid, each on the business day after unless it says a later one
     */
    record Charge(Money amount, LocalDate on, LocalDate payBy, List<Consequence> then) implements Consequence {
        public Charge {
            then = List.copyOf(then);
        }
    }

    /**
     * A document that was made out goes to whoever asked for it.
     *
     * @param way how, by the programme's word
     * @param atTheDesk whether someone comes for it
     * @param abroad whether it goes to an address abroad
     * @param toAProxy whether that is someone else
     */
    record HandOver(String way, boolean atTheDesk, boolean abroad, boolean toAProxy, LocalDate on)
            implements Consequence {}

    /** A document is made out. @param document what it is, by the programme's word for it */
    record Issue(String document, LocalDate on) implements Consequence {}

    /** Someone of the household comes. @param whom whom they meet, by the programme's word */
    record Meet(String whom, LocalDate on) implements Consequence {}

    /** What was decided is entered elsewhere. @param register where, by the programme's word */
    record Enter(String register, LocalDate on) implements Consequence {}

    /** What the decision rests on is looked at again. */
    record CheckAgain(LocalDate on) implements Consequence {}
}
