package org.civitane.core.programme.payerregistration;

import java.time.LocalDate;
import java.util.regex.Pattern;
import org.civitane.core.casefile.Person;
import org.civitane.core.person.CheckCharacters;
import org.civitane.core.person.Luhn;
import org.civitane.core.person.Names;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.PostCodes;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.IdentityNumber;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.IdentityNumber.Kind;

/** What is wrong with the numbers on papers (chapter, Identity numbers). */
final class IdentityNumbers {
    private static final Pattern NATIONAL_ID = Pattern.compile("[A-Z]{2}[0-9]{7}");
    private static final Pattern OWN_PASSPORT = Pattern.compile("[A-Z][0-9]{8}");
    private static final Pattern OTHER_PASSPORT = Pattern.compile("[A-Z0-9]{6,9}");
    private static final Pattern DRIVING_LICENCE = Pattern.compile("H[0-9]{2}[A-Z][0-9]{5}");
    private static final Pattern VOTER = Pattern.compile("[0-9]{10}");
    private static final Pattern WORK_PERMIT = Pattern.compile("WP[0-9]{9}");
    private static final int LETTERS = 2;
    private static final int YEAR = 4;

    private final Person applicant;
    private final LocalDate receivedOn;
    private final PayerRegistrationPolicy policy;
    private final MissingCodes codes;

    IdentityNumbers(Person applicant, LocalDate receivedOn, PayerRegistrationPolicy policy, MissingCodes codes) {
        this.applicant = applicant;
        this.receivedOn = receivedOn;
        this.policy = policy;
        this.codes = codes;
    }

    /** Adds the faults of an entry, each a code of its own. */
    void look(IdentityNumber entry) {
        Kind kind = entry.kind();
        codes.require("identity-number:" + kind, isRight(entry));
        boolean holds = kind == Kind.VOTER
                || entry.expiresOn().filter(day -> !day.isBefore(receivedOn)).isPresent();
        codes.require("identity-expired:" + kind, holds);
        Names.Verdict verdict = Names.compare(entry.name(), applicant.name().full());
        codes.require("identity-name:" + kind, verdict == Names.Verdict.MATCH || verdict == Names.Verdict.NEAR);
        boolean another = entry.dateOfBirth()
                .filter(day -> !day.equals(applicant.dateOfBirth()))
                .isPresent();
        codes.require("identity-birth:" + kind, !another);
    }

    private boolean isRight(IdentityNumber entry) {
        PayerRegistrationCase.Bare bare = entry.bare();
        String number = bare.number();
        return switch (entry.kind()) {
            case NATIONAL_ID ->
                NATIONAL_ID.matcher(number).matches()
                        && CheckCharacters.weighted731(number.substring(LETTERS, number.length() - 1))
                                == number.charAt(number.length() - 1) - '0';
            case PASSPORT ->
                (bare.country().equals(PayerRegistrationCase.HALVERN) ? OWN_PASSPORT : OTHER_PASSPORT)
                        .matcher(number)
                        .matches();
            case DRIVING_LICENCE -> DRIVING_LICENCE.matcher(number).matches();
            case VOTER ->
                VOTER.matcher(number).matches()
                        && PostCodes.isWithin(number.substring(0, YEAR), policy.firstPostCode, policy.lastPostCode)
                        && Luhn.isValid(number);
            case WORK_PERMIT -> WORK_PERMIT.matcher(number).matches() && isPermitYear(number);
        };
    }

    private boolean isPermitYear(String number) {
        int year = Integer.parseInt(number.substring(LETTERS, LETTERS + YEAR));
        return year >= policy.firstPermitYear && year <= receivedOn.getYear();
    }
}
