package org.civitane.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.following.SimulatedPayments;
import org.civitane.server.hours.SimulatedHours;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * A worker of the demo who is away on Wednesdays tells what came of it: one week as planned, and otherwise once it is
 * paid, which is claimed back; one never; one paid too much on which nobody has decided; one beyond what is certified.
 */
@Component
@Profile(Simulated.PROFILE)
class DemoHours {
    private static final int WEDNESDAY = 2;
    private static final int FRIDAY = 4;
    private static final String IBAN = "XH401204000000004711";

    private final SimulatedHours hours;
    private final SimulatedPayments payments;

    DemoHours(SimulatedHours hours, SimulatedPayments payments) {
        this.hours = hours;
        this.payments = payments;
    }

    /** Something that happens on a day. */
    record Step(LocalDate day, int hour, Runnable does) {}

    /** @param first the Monday of their first week @param decided the day of the decision */
    List<Step> story(UUID claim, LocalDate first, LocalDate decided, SignedIn worker, SignedIn caseworker) {
        Runnable book = () -> payments.book(claim);
        return List.of(
                new Step(decided, 18, () -> payments.give(worker, claim, IBAN)),
                over(claim, first, 0),
                tell(claim, first, 0, 7, worker, Map.of(WEDNESDAY, "8")),
                new Step(first.plusDays(14), 7, book),
                over(claim, first, 1),
                tell(claim, first, 0, 16, worker, Map.of(WEDNESDAY, "4")),
                new Step(
                        first.plusDays(17),
                        11,
                        () -> payments.claimBack(claim, "You told us fewer hours once it was paid.", caseworker)),
                new Step(first.plusDays(21), 7, book),
                over(claim, first, 2),
                tell(claim, first, 2, 21, worker, Map.of(WEDNESDAY, "8")),
                new Step(first.plusDays(28), 7, book),
                over(claim, first, 3),
                tell(claim, first, 3, 28, worker, Map.of(WEDNESDAY, "8", FRIDAY, "5.5")),
                tell(claim, first, 2, 30, worker, Map.of(WEDNESDAY, "3")),
                new Step(first.plusDays(35), 7, book),
                over(claim, first, 4));
    }

    private Step over(UUID claim, LocalDate first, int week) {
        LocalDate monday = first.plusWeeks(week);
        return new Step(monday.plusWeeks(1), 9, () -> hours.over(claim, monday));
    }

    private Step tell(UUID claim, LocalDate first, int week, int daysOn, SignedIn worker, Map<Integer, String> missed) {
        LocalDate monday = first.plusWeeks(week);
        Map<String, String> told = missed.entrySet().stream()
                .collect(java.util.stream.Collectors.toMap(
                        day -> monday.plusDays(day.getKey()).toString(), Map.Entry::getValue));
        return new Step(first.plusDays(daysOn), 18, () -> hours.tell(worker, claim, monday, told));
    }
}
