package org.civitane.core.programme;

import java.time.LocalDate;
import java.time.YearMonth;
import org.civitane.core.amount.Money;

/** Something that follows a decision by itself: owed on a day, and done once. */
public sealed interface Consequence {
    LocalDate on();

    /** Money to the household. @param month what it is for; no month of a claim is paid twice */
    record Pay(YearMonth month, Money amount, LocalDate on) implements Consequence {}

    /** What the decision rests on is looked at again. */
    record CheckAgain(LocalDate on) implements Consequence {}
}
