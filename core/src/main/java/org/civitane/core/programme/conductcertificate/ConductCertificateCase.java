package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.Code;
import org.civitane.core.fact.Country;
import org.civitane.core.fact.Lines;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.identity.IdentityCheck;

/**
 * One application for a certificate of conduct; the components are the fields of the case file.
 *
 * @param country where the certificate will be used, ISO 3166-1 alpha-2
 * @param explanation for the purpose {@code OTHER}
 * @param letter a letter from the asking authority is on file
 * @param copies 1 to 5; another number counts as missing
 * @param identity the result of the identity check
 * @param policeRegister not given when it has not been asked yet
 */
public record ConductCertificateCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<Passport> passport,
        Optional<List<Stay>> residence,
        Optional<Purpose> purpose,
        @Country Optional<String> country,
        @Lines Optional<String> explanation,
        @WordOf(SaidBy.AGENCY) boolean letter,
        Optional<Photo> photo,
        Optional<Integer> copies,
        boolean fast,
        Optional<Handover> handover,
        @WordOf(SaidBy.AGENCY) Optional<IdentityCheck.Result> identity,
        @WordOf(SaidBy.REGISTER) Optional<PoliceRegister> policeRegister,
        @WordOf(SaidBy.AGENCY) Optional<Payment> payment,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> issuedOn,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** The applicant's passport; its lines are empty when they were not read. */
    public record Passport(
            @Code(longest = 9) String number,
            String name,
            LocalDate dateOfBirth,
            LocalDate expiresOn,
            List<String> mrz) {
        public Passport {
            mrz = List.copyOf(mrz);
        }
    }

    /** A period of living in Halvern, both days included; without {@code to} it goes on. */
    public record Stay(LocalDate from, Optional<LocalDate> to) {}

    /** What the certificate is for. */
    public enum Purpose {
        WORK,
        STUDY,
        RESIDENCE,
        ADOPTION,
        OTHER;

        /** Whether the authority that asks for it has to have said so (chapter, Incomplete). */
        boolean needsLetter() {
            return this == ADOPTION || this == RESIDENCE;
        }
    }

    /**
     * The photo handed in.
     *
     * @param format in its usual word, such as {@code JPEG}
     */
    public record Photo(
            @WordOf(SaidBy.AGENCY) String format,
            @WordOf(SaidBy.AGENCY) int widthPx,
            @WordOf(SaidBy.AGENCY) int heightPx,
            @WordOf(SaidBy.AGENCY) long bytes,
            LocalDate takenOn) {
        /** @throws org.civitane.core.casefile.InvalidFact when a size is below 0 */
        public Photo {
            Facts.checkAtLeast(0, widthPx, "/widthPx");
            Facts.checkAtLeast(0, heightPx, "/heightPx");
            Facts.checkAtLeast(0, bytes, "/bytes");
        }
    }

    /**
     * How the certificate is handed over.
     *
     * @param authority a proxy's authority is on file
     */
    public record Handover(
            Way way, By by, @WordOf(SaidBy.AGENCY) boolean authority) {
        /** By which way it goes. */
        public enum Way {
            DESK,
            MAIL,
            MAIL_ABROAD
        }

        /** Who takes it. */
        public enum By {
            HOLDER,
            PROXY
        }

        boolean byProxyAtTheDesk() {
            return way == Way.DESK && by == By.PROXY;
        }
    }

    /** What the police register answered. */
    public enum PoliceRegister {
        CLEAR,
        POSSIBLE_MATCH,
        ENTRIES,
        UNAVAILABLE
    }

    /** Whether, when and how the fee was paid. */
    public record Payment(boolean paid, Optional<LocalDate> on, Optional<Channel> channel) {
        /** Where it was paid. */
        public enum Channel {
            ONLINE,
            DESK
        }
    }

    /** @throws org.civitane.core.casefile.InvalidFact as {@link Facts#check} */
    public ConductCertificateCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        residence = Facts.copyOf(residence);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
    }

    @Override
    public ConductCertificateCase withIncomes(List<IncomeLine> lines) {
        return new ConductCertificateCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                passport,
                residence,
                purpose,
                country,
                explanation,
                letter,
                photo,
                copies,
                fast,
                handover,
                identity,
                policeRegister,
                payment,
                issuedOn,
                signatures);
    }

    Person applicant() {
        return Person.applicantOf(members);
    }
}
