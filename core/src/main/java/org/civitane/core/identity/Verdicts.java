package org.civitane.core.identity;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.person.Address;
import org.civitane.core.person.Names;
import org.civitane.core.person.PersonNumber;

/** How each attribute claimed stands to the register's. */
public record Verdicts(Verdict name, Verdict dateOfBirth, Verdict personNumber, Verdict address) {
    private static final double SAME_STREET_FROM = 0.9;

    /** How two attributes stand to each other. */
    public enum Verdict {
        MATCH,
        /** Not equal, but as a slip or a former name would make it. */
        NEAR,
        CONFLICT,
        /** One side has nothing to compare. */
        ABSENT,
        /** A person number that cannot be one. */
        INVALID
    }

    static Verdicts of(Claimed claimed, Optional<RegisterAnswer.Entry> register) {
        Verdict number = personNumber(claimed.personNumber(), register);
        return register.map(entry -> new Verdicts(
                        name(claimed, entry),
                        ofBirth(claimed.dateOfBirth(), entry.dateOfBirth()),
                        number,
                        address(claimed.address(), entry.address())))
                .orElseGet(() -> new Verdicts(Verdict.ABSENT, Verdict.ABSENT, number, Verdict.ABSENT));
    }

    boolean areInConflict() {
        return name == Verdict.CONFLICT || dateOfBirth == Verdict.CONFLICT || personNumber == Verdict.CONFLICT;
    }

    boolean allMatch() {
        return name == Verdict.MATCH && dateOfBirth == Verdict.MATCH && personNumber == Verdict.MATCH;
    }

    private static Verdict name(Claimed claimed, RegisterAnswer.Entry entry) {
        Verdict now = switch (Names.compare(claimed.name(), entry.name())) {
            case MATCH -> Verdict.MATCH;
            case NEAR -> Verdict.NEAR;
            case CONFLICT -> Verdict.CONFLICT;
            case ABSENT -> Verdict.ABSENT;
        };
        boolean formerName = entry.previousNames().stream()
                .anyMatch(former -> Names.compare(claimed.name(), former) == Names.Verdict.MATCH);
        return now != Verdict.MATCH && formerName ? Verdict.NEAR : now;
    }

    /**
     * How two dates of birth stand to each other: equal, {@code NEAR} when day and month are swapped or one digit
     * differs, else in conflict.
     */
    public static Verdict ofBirth(LocalDate claimed, LocalDate registered) {
        if (claimed.equals(registered)) {
            return Verdict.MATCH;
        }
        boolean slip = isSwapped(claimed, registered) || digitsApart(claimed, registered) == 1;
        return slip ? Verdict.NEAR : Verdict.CONFLICT;
    }

    private static boolean isSwapped(LocalDate claimed, LocalDate registered) {
        try {
            return registered.equals(LocalDate.of(claimed.getYear(), claimed.getDayOfMonth(), claimed.getMonthValue()));
        } catch (DateTimeException e) {
            return false;
        }
    }

    private static int digitsApart(LocalDate claimed, LocalDate registered) {
        String one = claimed.toString();
        String other = registered.toString();
        int apart = Math.abs(one.length() - other.length());
        for (int i = 0; i < Math.min(one.length(), other.length()); i++) {
            apart += one.charAt(i) == other.charAt(i) ? 0 : 1;
        }
        return apart;
    }

    private static Verdict personNumber(Optional<String> claimed, Optional<RegisterAnswer.Entry> register) {
        if (claimed.isEmpty()) {
            return Verdict.ABSENT;
        }
        if (!PersonNumber.isValid(claimed.get())) {
            return Verdict.INVALID;
        }
        return register.flatMap(RegisterAnswer.Entry::personNumber)
                .map(registered -> registered.equals(claimed.get()) ? Verdict.MATCH : Verdict.CONFLICT)
                .orElse(Verdict.ABSENT);
    }

    private static Verdict address(Optional<Address> claimed, Optional<Address> registered) {
        if (claimed.isEmpty() || registered.isEmpty()) {
            return Verdict.ABSENT;
        }
        Address one = claimed.get();
        Address other = registered.get();
        if (!one.postCode().equals(other.postCode())) {
            return Verdict.CONFLICT;
        }
        boolean sameStreet =
                Names.similarity(Names.normalise(one.street()), Names.normalise(other.street())) >= SAME_STREET_FROM;
        return sameStreet && one.houseNumber().equals(other.houseNumber()) ? Verdict.MATCH : Verdict.NEAR;
    }
}
