package org.civitane.core.casefile;

import java.time.LocalDate;
import org.civitane.core.person.PersonName;

/** A member of the household; each programme's record adds what it asks of members. */
public interface Member {
    int ADULT_FROM = 18;

    /** Unique among the members of a case file. */
    String id();

    String givenName();

    String familyName();

    LocalDate dateOfBirth();

    Relationship relationship();

    default PersonName name() {
        return new PersonName(givenName(), familyName());
    }

    /**
     * Completed years on a day. Someone born on 29 February completes a year on 1 March in a common year (rulebook
     * 0.2). Negative before birth.
     */
    default int ageOn(LocalDate day) {
        return ageOn(dateOfBirth(), day);
    }

    /** The day on which someone completes a year of age (rulebook 0.2). */
    static LocalDate birthday(LocalDate born, int age) {
        LocalDate day = born.plusYears(age);
        return day.getDayOfMonth() == born.getDayOfMonth() ? day : day.plusDays(1);
    }

    /** As {@link #ageOn(LocalDate)}, of someone who is no member. */
    static int ageOn(LocalDate born, LocalDate day) {
        int years = day.getYear() - born.getYear();
        boolean birthdayToCome = day.getMonthValue() < born.getMonthValue()
                || day.getMonthValue() == born.getMonthValue() && day.getDayOfMonth() < born.getDayOfMonth();
        return birthdayToCome ? years - 1 : years;
    }

    default boolean isAdultOn(LocalDate day) {
        return ageOn(day) >= ADULT_FROM;
    }
}
