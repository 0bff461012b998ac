package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
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
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase.Utility;

/** A household in the making, for tests: a signed application of one adult with nothing, unless told otherwise. */
final class FoodHousehold {
    LocalDateTime receivedAt = LocalDateTime.of(2026, 9, 14, 10, 0);
    List<FoodMember> members = new ArrayList<>();
    List<IncomeLine> incomes = new ArrayList<>();
    List<String> none = new ArrayList<>();
    Optional<List<Resource>> resources = Optional.of(new ArrayList<>());
    Optional<List<Expense>> expenses = Optional.of(new ArrayList<>());
    List<Utility> utilities = new ArrayList<>();
    boolean homeless;
    List<Signature> signatures = new ArrayList<>();

    FoodHousehold() {
        this("1988-03-02");
    }

    FoodHousehold(String applicantBorn) {
        member("m1", Relationship.SELF, applicantBorn);
        signatures.add(new Signature("m1", "A Berg", receivedAt));
        none.add("m1");
    }

    FoodHousehold received(String moment) {
        receivedAt = LocalDateTime.parse(moment);
        return this;
    }

    FoodHousehold member(String id, Relationship relationship, String born) {
        return member(id, relationship, born, Optional.empty(), false, false, false);
    }

    FoodHousehold member(
            String id,
            Relationship relationship,
            String born,
            Optional<Boolean> sharesMeals,
            boolean notApplying,
            boolean disabled,
            boolean seasonal) {
        members.add(new FoodMember(
                id, "A", "Berg", LocalDate.parse(born), relationship, sharesMeals, notApplying, disabled, seasonal));
        return this;
    }

    /** Children under ten, so that the unit has this size. */
    FoodHousehold ofSize(int size) {
        for (int i = 2; i <= size; i++) {
            member("c" + i, Relationship.CHILD, "2018-05-30");
        }
        return this;
    }

    FoodHousehold income(String member, IncomeKind kind, String amount, Frequency frequency) {
        String id = "i" + (incomes.size() + 1);
        incomes.add(new IncomeLine(id, member, kind, Money.parse(amount), frequency, Optional.empty()));
        return this;
    }

    FoodHousehold wages(String amount) {
        return income("m1", IncomeKind.WAGES, amount, Frequency.MONTHLY);
    }

    FoodHousehold pension(String amount) {
        return income("m1", IncomeKind.PENSION, amount, Frequency.MONTHLY);
    }

    FoodHousehold owns(ResourceKind kind, String amount, Optional<String> owner) {
        resources.orElseThrow().add(new Resource(kind, Money.parse(amount), owner));
        return this;
    }

    FoodHousehold cash(String amount) {
        return owns(ResourceKind.CASH, amount, Optional.empty());
    }

    FoodHousehold pays(ExpenseKind kind, String amount, Frequency frequency, Optional<String> member) {
        expenses.orElseThrow().add(new Expense(kind, Money.parse(amount), frequency, member));
        return this;
    }

    FoodHousehold rent(String amount) {
        return pays(ExpenseKind.RENT, amount, Frequency.MONTHLY, Optional.empty());
    }

    FoodHousehold uses(Utility utility) {
        utilities.add(utility);
        return this;
    }

    FoodAssistanceCase file() {
        return new FoodAssistanceCase(
                receivedAt, members, incomes, none, resources, expenses, utilities, homeless, signatures);
    }

    Determination determined() {
        return Determined.silently(new FoodAssistance(), file());
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
