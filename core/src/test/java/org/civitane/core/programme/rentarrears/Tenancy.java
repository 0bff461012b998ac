package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.casefile.Signature;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Hardship;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Home;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord.TakesPart;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Lease;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Owed;
import org.civitane.core.reasoning.Reasoning;

/** A tenancy in the making, for tests: one tenant without income who owes for August, unless told otherwise. */
final class Tenancy {
    LocalDateTime receivedAt = LocalDateTime.of(2026, 9, 14, 10, 0);
    List<Tenant> members = new ArrayList<>();
    List<IncomeLine> incomes = new ArrayList<>();
    List<String> none = new ArrayList<>(List.of("m1"));
    Optional<List<Resource>> resources = Optional.of(new ArrayList<>());
    List<Expense> expenses = new ArrayList<>();
    Optional<Hardship> hardship = Optional.of(new Hardship(Hardship.Reason.JOB_LOSS, LocalDate.of(2026, 5, 1)));
    Optional<String> explanation = Optional.empty();
    Optional<Home> home = Optional.of(new Home("2140", 2, Money.parse("890.00"), Optional.empty()));
    Optional<Lease> lease = Optional.of(new Lease(List.of("A Berg")));
    Optional<List<Owed>> arrears = Optional.of(new ArrayList<>());
    Optional<Integer> ahead = Optional.empty();
    List<YearMonth> aided = new ArrayList<>();
    Optional<LocalDate> decidedOn = Optional.empty();
    Optional<Landlord> landlord = Optional.empty();
    List<Signature> signatures = new ArrayList<>();

    Tenancy() {
        person("m1", "A", Relationship.SELF, true, Optional.empty());
        signatures.add(new Signature("m1", "A Berg", receivedAt));
        owes("2026-08", "890.00");
        landlord(TakesPart.YES, Optional.empty());
    }

    Tenancy person(
            String id, String given, Relationship relationship, boolean onLease, Optional<LocalDate> unemployed) {
        members.add(new Tenant(id, given, "Berg", LocalDate.of(1988, 3, 2), relationship, onLease, unemployed));
        return this;
    }

    Tenancy earns(String annual) {
        String id = "i" + (incomes.size() + 1);
        incomes.add(
                new IncomeLine(id, "m1", IncomeKind.WAGES, Money.parse(annual), Frequency.YEARLY, Optional.empty()));
        return this;
    }

    Tenancy owns(ResourceKind kind, String amount) {
        resources.orElseThrow().add(new Resource(kind, Money.parse(amount), Optional.empty()));
        return this;
    }

    Tenancy pays(ExpenseKind kind, String annual) {
        expenses.add(new Expense(kind, Money.parse(annual), Frequency.YEARLY, Optional.empty()));
        return this;
    }

    Tenancy owes(String month, String amount) {
        arrears.orElseThrow().add(new Owed(YearMonth.parse(month), Money.parse(amount)));
        return this;
    }

    Tenancy owesNothing() {
        arrears.orElseThrow().clear();
        return this;
    }

    Tenancy ahead(int months) {
        ahead = Optional.of(months);
        return this;
    }

    Tenancy aided(String month) {
        aided.add(YearMonth.parse(month));
        return this;
    }

    Tenancy home(String postCode, int bedrooms, String rent, Optional<String> share) {
        home = Optional.of(new Home(postCode, bedrooms, Money.parse(rent), share.map(Money::parse)));
        return this;
    }

    Tenancy inHardshipSince(String day) {
        hardship = Optional.of(new Hardship(Hardship.Reason.ILLNESS, LocalDate.parse(day)));
        return this;
    }

    Tenancy landlord(TakesPart takesPart, Optional<String> asked) {
        landlord = Optional.of(new Landlord(
                "Skerry Homes", Optional.empty(), takesPart, asked.map(LocalDate::parse), Optional.empty()));
        return this;
    }

    RentArrearsCase file() {
        return new RentArrearsCase(
                receivedAt,
                members,
                incomes,
                none,
                resources,
                expenses,
                hardship,
                explanation,
                home,
                lease,
                arrears,
                ahead,
                aided,
                decidedOn,
                landlord,
                signatures);
    }

    Determination determined() {
        return Determined.silently(new RentArrears(), file());
    }

    /** What the working says of the months for which nothing is paid. */
    List<String> unpaid() {
        RentArrears programme = new RentArrears();
        return programme.determine(file(), RulebookTables.BOOK, Reasoning.recording()).reasons().stream()
                .filter(step -> step.code().startsWith("unpaid."))
                .map(step -> programme.wording(Locale.ENGLISH).sentence(step))
                .toList();
    }

    String figure(String name) {
        return Determined.figure(determined(), name);
    }

    String more(String name) {
        return Determined.more(determined(), name);
    }

    String outcome() {
        return Determined.outcome(determined());
    }
}
