package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;

/** Somebody of the family of whoever died. */
sealed interface Relative
        permits EstateRegistrationCase.FamilyPerson, EstateRegistrationCase.Descendant, EstateRegistrationCase.Kin {
    String name();

    LocalDate dateOfBirth();

    Optional<LocalDate> diedOn();

    /** Whether they have turned the estate down. */
    boolean disclaimed();

    /** Their children, who may stand in for them; none where nobody does. */
    default List<? extends Relative> standIns() {
        return List.of();
    }

    /**
     * Nobody is born or dies after the received date, or dies before they are born.
     *
     * @throws InvalidFact at the field, below {@code pointer}
     */
    default void check(LocalDate receivedOn, String pointer) {
        checkDays(dateOfBirth(), diedOn(), receivedOn, pointer);
        List<? extends Relative> below = standIns();
        for (int i = 0; i < below.size(); i++) {
            below.get(i).check(receivedOn, pointer + "/children/" + i);
        }
    }

    /** @throws InvalidFact as {@link #check} */
    static void checkDays(LocalDate born, Optional<LocalDate> died, LocalDate receivedOn, String pointer) {
        if (born.isAfter(receivedOn)) {
            throw new InvalidFact(pointer + "/dateOfBirth", Fault.of("after-received", receivedOn));
        }
        if (died.filter(day -> day.isAfter(receivedOn)).isPresent()) {
            throw new InvalidFact(pointer + "/diedOn", Fault.of("after-received", receivedOn));
        }
        if (died.filter(day -> day.isBefore(born)).isPresent()) {
            throw new InvalidFact(pointer + "/diedOn", Fault.of("died-first"));
        }
    }
}
