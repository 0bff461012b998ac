package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/**
 * What is paid for one calendar week.
 *
 * @param week its Monday
 * @param offset taken off because the employer pays as well
 * @param reduction taken off for late notice
 * @param net what is left of {@code payable} after taxes
 */
record WeekPayment(
        LocalDate week,
        Value hours,
        Money gross,
        Money offset,
        Money reduction,
        Money payable,
        Money national,
        Money regional,
        Money net) {
    Value toValue() {
        return new Value.Fields(Figures.builder(9)
                .add("week", week)
                .add("hours", hours)
                .add("gross", gross)
                .add("offset", offset)
                .add("reduction", reduction)
                .add("payable", payable)
                .add("national", national)
                .add("regional", regional)
                .add("net", net)
                .build());
    }
}
