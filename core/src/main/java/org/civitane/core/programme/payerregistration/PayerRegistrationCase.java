package org.civitane.core.programme.payerregistration;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.MustBeGiven;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One application to be registered as a taxpayer; the components are the fields of the case file.
 *
 * @param guardian the id of the member who signs for a minor
 * @param refereeRecord what the payer register says of the referee's number
 * @param known what it found for this person's numbers, name and birth date; an empty list says that it found none
 * @param duplicateReview what someone who saw both records said of them
 * @param serial drawn for this claim, 1 to 99,999,999
 * @param broughtOn when the papers were seen
 */
public record PayerRegistrationCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<BirthPlace> birthPlace,
        List<Address> addresses,
        List<Reason> reasons,
        Optional<String> explanation,
        List<IdentityNumber> identityNumbers,
        Optional<Employer> employer,
        List<Business> businesses,
        Optional<String> guardian,
        Optional<Referee> referee,
        @WordOf(SaidBy.REGISTER) Optional<RefereeRecord> refereeRecord,
        Optional<String> formerNumber,
        @WordOf(SaidBy.REGISTER) Optional<List<Known>> known,
        @WordOf(SaidBy.AGENCY) List<Review> duplicateReview,
        @WordOf(SaidBy.AGENCY) Optional<Integer> serial,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> issuedOn,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> broughtOn,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    static final String HALVERN = "XH";
    private static final int LAST_SERIAL = 99_999_999;
    private static final Pattern COUNTRY = Pattern.compile("[A-Z]{2}");

    /** Where someone was born. */
    public record BirthPlace(String country, String place) {
        /** @throws InvalidFact when the country is none */
        public BirthPlace {
            checkCountry(Optional.of(country));
        }
    }

    /** An address. @param known whether the address register has this parish in this county and district */
    public record Address(
            Kind kind,
            String district,
            String county,
            String parish,
            String line,
            String postCode,
            @WordOf(SaidBy.REGISTER) boolean known) {
        /** What it is for. */
        public enum Kind {
            HOME,
            POST,
            BUSINESS
        }
    }

    /** Why someone is registered. */
    public enum Reason {
        EMPLOYMENT,
        BUSINESS,
        RENTAL,
        PROPERTY,
        TRADE,
        OTHER
    }

    /**
     * A number on a paper that shows who someone is.
     *
     * @param name as on the paper; the dates likewise
     * @param country read for a passport only; Halvern when not given
     */
    public record IdentityNumber(
            Kind kind,
            String number,
            String name,
            Optional<LocalDate> dateOfBirth,
            Optional<String> country,
            Optional<LocalDate> expiresOn) {
        /** @throws InvalidFact when the country is none */
        public IdentityNumber {
            checkCountry(country);
        }

        /** The paper. */
        public enum Kind {
            NATIONAL_ID,
            PASSPORT,
            DRIVING_LICENCE,
            VOTER,
            WORK_PERMIT
        }

        Bare bare() {
            return Bare.of(kind, number, country);
        }
    }

    /** A number as it is compared with others. */
    record Bare(IdentityNumber.Kind kind, String number, String country) {
        private static Bare of(IdentityNumber.Kind kind, String number, Optional<String> country) {
            boolean isPassport = kind == IdentityNumber.Kind.PASSPORT;
            return new Bare(kind, PayerNumber.read(number), isPassport ? country.orElse(HALVERN) : "");
        }
    }

    /** Who pays wages. */
    public record Employer(String name, Optional<String> payerNumber) {}

    /** A business of the applicant's. */
    public record Business(String name, LocalDate startedOn) {}

    /** An adult who knows the applicant. @param answer whether they say so; absent until they have answered */
    public record Referee(
            String name,
            String payerNumber,
            String phone,
            @WordOf(SaidBy.AGENCY) Optional<LocalDate> askedOn,
            @WordOf(SaidBy.THIRD_PARTY) Optional<Answer> answer) {
        /** What they say. */
        public enum Answer {
            YES,
            NO
        }
    }

    /**
     * What the payer register has on the referee's number; the rest is there when it is found, and not read otherwise.
     *
     * @param stoodFor how many people they confirmed in the 12 months before
     */
    public record RefereeRecord(
            boolean found,
            Optional<String> name,
            Optional<LocalDate> dateOfBirth,
            boolean active,
            boolean sameHousehold,
            Optional<Integer> stoodFor) {
        /** @throws InvalidFact when it is found without what must be there */
        public RefereeRecord {
            if (found) {
                require(name.isPresent(), "name");
                require(dateOfBirth.isPresent(), "dateOfBirth");
                require(stoodFor.isPresent(), "stoodFor");
            }
            Facts.checkAtLeast(0, stoodFor.orElse(0), "/stoodFor");
        }

        private static void require(boolean there, String name) {
            if (!there) {
                throw new InvalidFact("/" + name, Fault.of("must-be-given", name));
            }
        }
    }

    /** A record of the payer register. */
    public record Known(
            String payerNumber,
            String name,
            LocalDate dateOfBirth,
            @MustBeGiven List<KnownNumber> identityNumbers,
            boolean active) {
        /** @throws InvalidFact when the payer number is malformed */
        public Known {
            identityNumbers = List.copyOf(identityNumbers);
            if (!PayerNumber.isRight(PayerNumber.read(payerNumber))) {
                throw new InvalidFact("/payerNumber", Fault.of("payer-number"));
            }
        }

        String read() {
            return PayerNumber.read(payerNumber);
        }
    }

    /** A number that a record of the payer register bears. */
    public record KnownNumber(IdentityNumber.Kind kind, String number, Optional<String> country) {
        /** @throws InvalidFact when the country is none */
        public KnownNumber {
            checkCountry(country);
        }

        Bare bare() {
            return Bare.of(kind, number, country);
        }
    }

    /** What someone said who saw a record beside the applicant's. */
    public record Review(String payerNumber, Boolean same) {
        String read() {
            return PayerNumber.read(payerNumber);
        }
    }

    /**
     * @throws InvalidFact as {@link Facts#check}; at a kind, a payer number or a review that is there twice, a review of
     *     nothing known, a serial out of bounds, a day before the received date, or a guardian who is no member
     */
    public PayerRegistrationCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        addresses = List.copyOf(addresses);
        reasons = List.copyOf(reasons);
        identityNumbers = List.copyOf(identityNumbers);
        businesses = List.copyOf(businesses);
        known = Facts.copyOf(known);
        duplicateReview = List.copyOf(duplicateReview);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkMember(members, guardian, "/guardian");
        Facts.checkOnce(identityNumbers, IdentityNumber::kind, "/identityNumbers/", "");
        Facts.checkOnce(known.orElse(List.of()), Known::read, "/known/", "/payerNumber");
        Facts.checkOnce(duplicateReview, Review::read, "/duplicateReview/", "/payerNumber");
        checkReviewed(known, duplicateReview);
        if (serial.filter(number -> number < 1 || number > LAST_SERIAL).isPresent()) {
            throw new InvalidFact("/serial", Fault.of("out-of-range", 1, LAST_SERIAL));
        }
        Facts.checkNotBefore(receivedAt, issuedOn, "/issuedOn");
        Facts.checkNotBefore(receivedAt, broughtOn, "/broughtOn");
        Facts.checkDecided(receivedAt, decidedOn);
    }

    private static void checkReviewed(Optional<List<Known>> known, List<Review> reviews) {
        Set<String> there = known.orElse(List.of()).stream().map(Known::read).collect(Collectors.toSet());
        for (int i = 0; i < reviews.size(); i++) {
            if (!there.contains(reviews.get(i).read())) {
                throw new InvalidFact("/duplicateReview/" + i + "/payerNumber", Fault.of("not-known"));
            }
        }
    }

    private static void checkCountry(Optional<String> country) {
        if (country.filter(text -> !COUNTRY.matcher(text).matches()).isPresent()) {
            throw new InvalidFact("/country", Fault.of("country"));
        }
    }

    /** The day that counts: that of the decision, or the received date while there is none. */
    LocalDate day() {
        return decidedOn.orElseGet(this::receivedOn);
    }

    Person applicant() {
        return Person.applicantOf(members);
    }

    boolean isMinor() {
        return !applicant().isAdultOn(receivedOn());
    }

    @Override
    public PayerRegistrationCase withIncomes(List<IncomeLine> lines) {
        return new PayerRegistrationCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                birthPlace,
                addresses,
                reasons,
                explanation,
                identityNumbers,
                employer,
                businesses,
                guardian,
                referee,
                refereeRecord,
                formerNumber,
                known,
                duplicateReview,
                serial,
                issuedOn,
                broughtOn,
                decidedOn,
                signatures);
    }
}
