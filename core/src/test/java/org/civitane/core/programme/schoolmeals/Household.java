package org.civitane.core.programme.schoolmeals;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.casefile.SignerNumber;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reasoning;

/** A household in the making, for tests: a signed application of one adult, unless told otherwise. */
final class Household {
    private LocalDateTime receivedAt = LocalDateTime.of(2026, 9, 14, 10, 0);
    private final List<MealsMember> members = new ArrayList<>();
    private final List<IncomeLine> incomes = new ArrayList<>();
    private final List<String> none = new ArrayList<>();
    private final List<Signature> signatures = new ArrayList<>();
    private Optional<SignerNumber> number = Optional.of(new SignerNumber(Optional.of("8903"), false));
    private Optional<LinkedBenefit> benefit = Optional.empty();

    Household() {
        adult("m1", Relationship.SELF);
        signedBy("m1", "A m1");
    }

    Household receivedAt(String moment) {
        receivedAt = LocalDateTime.parse(moment);
        return this;
    }

    Household adult(String id, Relationship relationship) {
        return member(id, relationship, "1988-03-02", false, false, Optional.empty());
    }

    Household pupil(String id) {
        return member(id, Relationship.CHILD, "2016-05-30", true, false, Optional.empty());
    }

    Household fosterPupil(String id) {
        return member(id, Relationship.UNRELATED, "2014-05-30", true, true, Optional.empty());
    }

    Household member(
            String id,
            Relationship relationship,
            String born,
            boolean pupil,
            boolean foster,
            Optional<LocalDate> awaySince) {
        Optional<Pupil> school = pupil ? Optional.of(new Pupil("School", 4)) : Optional.empty();
        members.add(new MealsMember(id, "A", id, LocalDate.parse(born), relationship, school, foster, awaySince));
        return this;
    }

    Household income(String member, IncomeKind kind, String amount, Frequency frequency) {
        incomes.add(new IncomeLine(
                "i" + (incomes.size() + 1), member, kind, Money.parse(amount), frequency, Optional.empty()));
        return this;
    }

    Household wages(String amount, Frequency frequency) {
        return income("m1", IncomeKind.WAGES, amount, frequency);
    }

    Household noIncome(String member) {
        none.add(member);
        return this;
    }

    Household signedBy(String member, String name) {
        signatures.add(new Signature(member, name, receivedAt));
        return this;
    }

    Household unsigned() {
        signatures.clear();
        return this;
    }

    Household number(Optional<SignerNumber> given) {
        number = given;
        return this;
    }

    Household benefit(boolean confirmed) {
        benefit = Optional.of(new LinkedBenefit(LinkedBenefit.Kind.FOOD_ASSISTANCE, "FA-1", confirmed));
        return this;
    }

    SchoolMealsCase file() {
        return new SchoolMealsCase(
                receivedAt, members, incomes, none, signatures, number, benefit, Optional.empty(), Optional.empty());
    }

    Determination determined() {
        return determined(Reasoning.silent());
    }

    Determination determined(Reasoning why) {
        return new SchoolMeals().determine(file(), RulebookTables.BOOK, why);
    }
}
