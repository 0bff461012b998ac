package org.civitane.core.programme.disabilityallowance;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One application for a disability allowance; the components are the fields of the case file.
 *
 * @param kinds of disability; each once
 * @param since {@code BIRTH} or a year; no rule reads it
 * @param assessment the appointment that is booked
 * @param working whether in paid work or with an own business; not false by default
 * @param residentSince since which day the applicant has lived in Halvern
 * @param mark the signature or thumbprint on the card, the applicant's or the guardian's in their place
 * @param consent that the person number may be given to the certificate's authority and the hospital
 * @param current the award that runs or ran last; absent when there has been none
 */
public record DisabilityAllowanceCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        List<Kind> kinds,
        Optional<String> since,
        Optional<Certificate> certificate,
        Optional<Assessment> assessment,
        Optional<Boolean> working,
        Optional<LocalDate> residentSince,
        Optional<Photo> photo,
        Optional<Mark> mark,
        Optional<Guardian> guardian,
        boolean consent,
        @WordOf(SaidBy.AGENCY) Optional<Current> current,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> decidedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    private static final Pattern SINCE = Pattern.compile("BIRTH|[0-9]{4}");

    /** Kinds of disability. */
    public enum Kind {
        VISUAL,
        HEARING,
        SPEECH,
        MOBILITY,
        INTELLECTUAL,
        PSYCHOSOCIAL,
        NEUROLOGICAL,
        BLOOD,
        OTHER
    }

    /**
     * The certificate of disability; it may be issued after the application is received.
     *
     * @param percent 0 to 100
     * @param validTo its last day; not read when it is permanent
     */
    public record Certificate(
            String number,
            int percent,
            LocalDate issuedOn,
            Optional<LocalDate> validTo,
            boolean permanent,
            String authority) {
        private static final int ALL = 100;

        /** @throws InvalidFact when the percentage is none */
        public Certificate {
            if (percent < 0 || percent > ALL) {
                throw new InvalidFact("/percent", Fault.of("out-of-range", 0, ALL));
            }
        }
    }

    /** An appointment for an assessment. */
    public record Assessment(String hospital, LocalDate on) {}

    /** The photo on the card, in pixels and bytes. */
    public record Photo(String format, int widthPx, int heightPx, long bytes) {
        /** @throws InvalidFact when a measure is below 0 */
        public Photo {
            checkMeasures(widthPx, heightPx, bytes);
        }
    }

    /** The mark on the card, in pixels and bytes. */
    public record Mark(Kind kind, String format, int widthPx, int heightPx, long bytes) {
        /** @throws InvalidFact when a measure is below 0 */
        public Mark {
            checkMeasures(widthPx, heightPx, bytes);
        }

        /** What it is. */
        public enum Kind {
            SIGNATURE,
            THUMBPRINT
        }
    }

    /** Who acts for the applicant; need not be a member. @param phone in E.164 */
    public record Guardian(String name, Relation relation, String phone, Optional<Signed> signature) {
        private static final Pattern PHONE = Pattern.compile("\\+[1-9][0-9]{6,14}");

        /** @throws InvalidFact when the phone is none */
        public Guardian {
            if (!PHONE.matcher(phone).matches()) {
                throw new InvalidFact("/phone", Fault.of("phone"));
            }
        }

        /** What makes them one. */
        public enum Relation {
            PARENT,
            CHILD,
            SPOUSE,
            SIBLING,
            OTHER_RELATIVE,
            APPOINTED
        }

        /** A guardian's signature. */
        public record Signed(
                @WordOf(SaidBy.CO_SIGNER) String name,
                @WordOf(SaidBy.CO_SIGNER) LocalDateTime signedAt) {}
    }

    /** The award that runs or ran last. @param to its last day */
    public record Current(LocalDate to) {}

    /** @throws InvalidFact as {@link Facts#check}; at a kind that is there twice, or a {@code since} that is none */
    public DisabilityAllowanceCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        kinds = List.copyOf(kinds);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkOnce(kinds, kind -> kind, "/kinds/", "");
        if (since.filter(text -> !SINCE.matcher(text).matches()).isPresent()) {
            throw new InvalidFact("/since", Fault.of("born-or-year"));
        }
    }

    private static void checkMeasures(int widthPx, int heightPx, long bytes) {
        Facts.checkAtLeast(0, widthPx, "/widthPx");
        Facts.checkAtLeast(0, heightPx, "/heightPx");
        Facts.checkAtLeast(0, bytes, "/bytes");
    }

    /** The day that counts for appointments: the later of the received date and that of the decision. */
    LocalDate day() {
        LocalDate receivedOn = receivedOn();
        return decidedOn.filter(receivedOn::isBefore).orElse(receivedOn);
    }

    Person applicant() {
        return Person.applicantOf(members);
    }

    @Override
    public DisabilityAllowanceCase withIncomes(List<IncomeLine> lines) {
        return new DisabilityAllowanceCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                kinds,
                since,
                certificate,
                assessment,
                working,
                residentSince,
                photo,
                mark,
                guardian,
                consent,
                current,
                decidedOn,
                signatures);
    }
}
