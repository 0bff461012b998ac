package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Stay;

/** Days of living in Halvern. */
final class Residence {
    private Residence() {}

    /** The days from {@code first} to {@code last}, both included, that lie in any stay; each once. */
    static long days(List<Stay> stays, LocalDate first, LocalDate last) {
        List<Stay> byBegin =
                stays.stream().sorted(Comparator.comparing(Stay::from)).toList();
        long days = 0;
        LocalDate uncounted = first;
        for (Stay stay : byBegin) {
            LocalDate from = stay.from().isAfter(uncounted) ? stay.from() : uncounted;
            LocalDate to = stay.to().filter(end -> end.isBefore(last)).orElse(last);
            if (!from.isAfter(to)) {
                days += ChronoUnit.DAYS.between(from, to) + 1;
                uncounted = to.plusDays(1);
            }
        }
        return days;
    }
}
