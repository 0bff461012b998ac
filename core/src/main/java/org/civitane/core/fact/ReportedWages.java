package org.civitane.core.fact;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.civitane.core.calendar.Quarter;

/**
 * Wages that the wage register is asked for and that no applicant states: those of the four whole calendar quarters before
 * the one in which a day of the application lies count, and it is asked up to the end of that one.
 *
 * @param fact the list of quarters and amounts that its answer settles
 * @param before the fact that holds the day
 * @param employer the path of the fact that names the employer, which those who reported wages stand beside
 */
public record ReportedWages(String fact, String before, Optional<String> employer) {
    private static final int QUARTERS = 4;

    /** The quarters that count, oldest first. */
    public List<Quarter> quartersBefore(LocalDate day) {
        return IntStream.rangeClosed(1, QUARTERS)
                .mapToObj(number -> Quarter.of(day).minus(QUARTERS + 1 - number))
                .toList();
    }
}
