package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.BusinessCalendar;
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
 * One report of an estate; the components are the fields of the case file.
 *
 * @param role of the reporter
 * @param executor the id of the member who carries out the will
 * @param noWill whether there is none
 * @param family where there is no will, who inherits
 * @param register what the civil register has on the deceased
 */
public record EstateRegistrationCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<Person> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<Role> role,
        Optional<String> executor,
        Optional<Deceased> deceased,
        Optional<String> lateReason,
        Optional<Will> will,
        boolean noWill,
        Optional<Family> family,
        Optional<List<Asset>> assets,
        Optional<List<Debt>> debts,
        List<EstatePaper> documents,
        @WordOf(SaidBy.REGISTER) Optional<CivilRegister> register,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    private static final long ALL = 10_000;
    private static final int MOST_PARENTS = 2;

    /** What the reporter is to whoever died. */
    public enum Role {
        SPOUSE,
        HEIR,
        EXECUTOR,
        INSTITUTION,
        OTHER
    }

    /** Who died. @param place where; no rule reads it */
    public record Deceased(
            String givenName,
            String familyName,
            LocalDate dateOfBirth,
            LocalDate diedOn,
            String place,
            Marital marital,
            Optional<String> personNumber) {
        /** On the day of death. */
        public enum Marital {
            SINGLE,
            MARRIED,
            PARTNERED,
            SEPARATED,
            DIVORCED,
            WIDOWED
        }

        String name() {
            return givenName + " " + familyName;
        }

        boolean hadSpouse() {
            return marital == Marital.MARRIED || marital == Marital.PARTNERED;
        }
    }

    /**
     * A will.
     *
     * @param pages no rule reads them
     * @param original whether the original is handed in
     * @param ruling what a court said of it
     */
    public record Will(
            int pages,
            LocalDate signedOn,
            int witnesses,
            boolean original,
            @WordOf(SaidBy.AGENCY) Optional<Ruling> ruling) {
        /** @throws InvalidFact when a number is too small */
        public Will {
            Facts.checkAtLeast(1, pages, "/pages");
            Facts.checkAtLeast(0, witnesses, "/witnesses");
        }

        /** Whether it holds. */
        public enum Ruling {
            VALID,
            INVALID
        }

        boolean isInvalid() {
            return ruling.filter(each -> each == Ruling.INVALID).isPresent();
        }
    }

    /** The family. @param expecting whether a child of the deceased is yet to be born */
    public record Family(
            Optional<FamilyPerson> spouse,
            List<Descendant> children,
            List<FamilyPerson> parents,
            List<Descendant> siblings,
            List<Kin> kin,
            boolean expecting) {
        /** @throws InvalidFact when there are more than two parents */
        public Family {
            children = List.copyOf(children);
            parents = List.copyOf(parents);
            siblings = List.copyOf(siblings);
            kin = List.copyOf(kin);
            if (parents.size() > MOST_PARENTS) {
                throw new InvalidFact("/parents", Fault.of("two-parents"));
            }
        }

        private void check(LocalDate receivedOn, String pointer) {
            spouse.ifPresent(each -> each.check(receivedOn, pointer + "/spouse"));
            check(children, receivedOn, pointer + "/children/");
            check(parents, receivedOn, pointer + "/parents/");
            check(siblings, receivedOn, pointer + "/siblings/");
            check(kin, receivedOn, pointer + "/kin/");
        }

        private static void check(List<? extends Relative> people, LocalDate receivedOn, String pointer) {
            for (int i = 0; i < people.size(); i++) {
                people.get(i).check(receivedOn, pointer + i);
            }
        }
    }

    /** A spouse or a parent. */
    public record FamilyPerson(String name, LocalDate dateOfBirth, Optional<LocalDate> diedOn, boolean disclaimed)
            implements Relative {}

    /** A child or a sibling, for whom their children may stand in. */
    public record Descendant(
            String name,
            LocalDate dateOfBirth,
            Optional<LocalDate> diedOn,
            boolean disclaimed,
            List<Descendant> children)
            implements Relative {
        public Descendant {
            children = List.copyOf(children);
        }

        @Override
        public List<Descendant> standIns() {
            return children;
        }
    }

    /** A further relative. @param degree 2 to 8: births counted through the common forebear */
    public record Kin(String name, LocalDate dateOfBirth, Optional<LocalDate> diedOn, boolean disclaimed, int degree)
            implements Relative {
        private static final int NEAREST = 2;
        private static final int FARTHEST = 8;

        /** @throws InvalidFact when the degree is none */
        public Kin {
            if (degree < NEAREST || degree > FARTHEST) {
                throw new InvalidFact("/degree", Fault.of("out-of-range", NEAREST, FARTHEST));
            }
        }
    }

    /** Something owned. @param share the deceased's, percent; not given, all of it */
    public record Asset(Kind kind, Money amount, Optional<Hundredths> share) {
        /** @throws InvalidFact when the share is none */
        public Asset {
            checkShare(share);
        }

        /** What it is. */
        public enum Kind {
            HOME,
            LAND,
            BANK,
            CASH,
            INVESTMENT,
            VEHICLE,
            HOUSEHOLD,
            BUSINESS,
            OTHER
        }

        Money counted() {
            return EstateRegistrationCase.counted(amount, share);
        }
    }

    /** Something owed. @param share as of an asset */
    public record Debt(Kind kind, Money amount, Optional<Hundredths> share) {
        /** @throws InvalidFact when the share is none */
        public Debt {
            checkShare(share);
        }

        /** For what. */
        public enum Kind {
            MORTGAGE,
            LOAN,
            CARE_COSTS,
            TAX,
            FUNERAL,
            OTHER
        }

        Money counted() {
            return EstateRegistrationCase.counted(amount, share);
        }
    }

    /** What the civil register has. */
    public record CivilRegister(State state, Optional<LocalDate> diedOn) {
        /** Of whoever is said to have died. */
        public enum State {
            DECEASED,
            ALIVE,
            NOT_FOUND,
            UNAVAILABLE
        }
    }

    /**
     * @throws InvalidFact as {@link Facts#check}; at an executor who is no member, a will beside none, or a day on which
     *     nobody can be born or die
     */
    public EstateRegistrationCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        assets = Facts.copyOf(assets);
        debts = Facts.copyOf(debts);
        documents = List.copyOf(documents);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkMember(members, executor, "/executor");
        Facts.checkUnique("/documents", documents, EstatePaper::id);
        if (noWill && will.isPresent()) {
            throw new InvalidFact("/noWill", Fault.of("will-beside-none"));
        }
        LocalDate receivedOn = BusinessCalendar.received(receivedAt);
        deceased.ifPresent(
                each -> Relative.checkDays(each.dateOfBirth(), Optional.of(each.diedOn()), receivedOn, "/deceased"));
        family.ifPresent(each -> each.check(receivedOn, "/family"));
    }

    private static void checkShare(Optional<Hundredths> share) {
        if (share.filter(each -> each.count() <= 0 || each.count() > ALL).isPresent()) {
            throw new InvalidFact("/share", Fault.of("share"));
        }
    }

    private static Money counted(Money amount, Optional<Hundredths> share) {
        return amount.share(share.map(Hundredths::count).orElse(ALL), ALL, Money.CENT, Rounding.HALF_UP);
    }

    /** Whether there is a will that no court found invalid. */
    boolean withWill() {
        return will.filter(each -> !each.isInvalid()).isPresent();
    }

    /** Whether it is known that there is none, or none that holds. */
    boolean withoutWill() {
        return noWill || will.filter(Will::isInvalid).isPresent();
    }

    Person reporter() {
        return Person.applicantOf(members);
    }

    /** Who carries it out: the one named, or a reporter who says that they are the one. */
    Optional<Person> executorMember() {
        if (executor.isEmpty()) {
            return role.filter(each -> each == Role.EXECUTOR).map(each -> reporter());
        }
        return members.stream().filter(each -> each.id().equals(executor.get())).findFirst();
    }

    @Override
    public EstateRegistrationCase withIncomes(List<IncomeLine> lines) {
        return new EstateRegistrationCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                role,
                executor,
                deceased,
                lateReason,
                will,
                noWill,
                family,
                assets,
                debts,
                documents,
                register,
                signatures);
    }
}
