package org.civitane.core.programme.foodassistance;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;

/**
 * One application for food assistance; the components are the fields of the case file.
 *
 * @param resources not given is missing; none is an empty list
 * @param expenses not given is missing; none is an empty list
 */
public record FoodAssistanceCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<FoodMember> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        Optional<List<Resource>> resources,
        Optional<List<Expense>> expenses,
        List<Utility> utilities,
        boolean homeless,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** What a household pays for beside its rent. */
    public enum Utility {
        HEATING,
        ELECTRICITY,
        WATER,
        PHONE
    }

    /** @throws org.civitane.core.casefile.InvalidFact as {@link Facts#check}, and at an owner or {@code for} of nobody */
    public FoodAssistanceCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        resources = Facts.copyOf(resources);
        expenses = Facts.copyOf(expenses);
        utilities = List.copyOf(utilities);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkOwners(members, resources);
        Facts.checkExpenses(members, expenses.orElse(List.of()));
    }

    @Override
    public FoodAssistanceCase withIncomes(List<IncomeLine> lines) {
        return new FoodAssistanceCase(
                receivedAt, members, lines, noIncomeDeclared, resources, expenses, utilities, homeless, signatures);
    }

    FoodMember applicant() {
        return Person.applicantOf(members);
    }
}
