package org.civitane.core.programme.schoolmeals;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Signature;
import org.civitane.core.casefile.SignerNumber;
import org.civitane.core.casefile.Unread;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;

/** One application for school meals; the components are the fields of the case file. */
public record SchoolMealsCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<MealsMember> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures,
        @WordOf(SaidBy.AGENCY) Optional<SignerNumber> signerNumber,
        Optional<LinkedBenefit> linkedBenefit,
        Optional<Boolean> shareWithHealthCover,
        Optional<Unread> statistics)
        implements CaseFile {
    /** @throws org.civitane.core.casefile.InvalidFact as {@link Facts#check} */
    public SchoolMealsCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
    }

    @Override
    public SchoolMealsCase withIncomes(List<IncomeLine> lines) {
        return new SchoolMealsCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                signatures,
                signerNumber,
                linkedBenefit,
                shareWithHealthCover,
                statistics);
    }

    boolean hasConfirmedBenefit() {
        return linkedBenefit.filter(LinkedBenefit::confirmed).isPresent();
    }
}
