package org.civitane.core.programme.housinglist;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Facts;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Signature;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;
import org.civitane.core.fault.Fault;

/**
 * One application for housing waiting lists; the components are the fields of the case file.
 *
 * @param claims of preference, each kind once
 * @param home where the household lives now; absent, it has none
 * @param claimNumber absent before handing in
 * @param confirmedOn the latest yearly confirmation
 * @param lists that are wanted, in the applicant's order
 */
public record HousingListCase(
        @WordOf(SaidBy.AGENCY) LocalDateTime receivedAt,
        List<HousingMember> members,
        List<IncomeLine> incomes,
        List<String> noIncomeDeclared,
        List<Claimed> claims,
        Optional<HomelessMonths> homelessMonths,
        Optional<Home> home,
        @WordOf(SaidBy.AGENCY) Optional<String> claimNumber,
        @WordOf(SaidBy.AGENCY) Optional<LocalDate> confirmedOn,
        List<WantedList> lists,
        @WordOf(SaidBy.AGENCY) List<Signature> signatures)
        implements CaseFile {
    /** A preference that is claimed. @param confirmed whether papers on file bear it out */
    public record Claimed(
            Preference kind, @WordOf(SaidBy.AGENCY) boolean confirmed) {}

    /**
     * Months without a home.
     *
     * @param inRow up to now
     * @param episodes within the three years before receipt; {@code monthsInThreeYears} likewise
     */
    public record HomelessMonths(int inRow, int episodes, int monthsInThreeYears) {
        private static final int MOST = 36;

        /** @throws InvalidFact when a number is out of bounds */
        public HomelessMonths {
            Facts.checkAtLeast(0, inRow, "/inRow");
            Facts.checkAtLeast(0, episodes, "/episodes");
            if (monthsInThreeYears < 0 || monthsInThreeYears > MOST) {
                throw new InvalidFact("/monthsInThreeYears", Fault.of("out-of-range", 0, MOST));
            }
        }
    }

    /** Where they live now. */
    public record Home(int bedrooms, int people) {
        /** @throws InvalidFact when a number is too small */
        public Home {
            Facts.checkAtLeast(0, bedrooms, "/bedrooms");
            Facts.checkAtLeast(1, people, "/people");
        }
    }

    /** @throws InvalidFact as {@link Facts#check}; at a kind or a list that is there twice, or a confirmation too early */
    public HousingListCase {
        members = List.copyOf(members);
        incomes = List.copyOf(incomes);
        noIncomeDeclared = List.copyOf(noIncomeDeclared);
        claims = List.copyOf(claims);
        lists = List.copyOf(lists);
        signatures = List.copyOf(signatures);
        Facts.check(receivedAt, members, incomes, noIncomeDeclared, signatures);
        Facts.checkOnce(claims, Claimed::kind, "/claims/", "/kind");
        Facts.checkUnique("/lists", lists, WantedList::id);
        Facts.checkNotBefore(receivedAt, confirmedOn, "/confirmedOn");
    }

    /** Whether a kind is claimed. */
    boolean claims(Preference kind) {
        return claims.stream().anyMatch(each -> each.kind() == kind);
    }

    @Override
    public HousingListCase withIncomes(List<IncomeLine> lines) {
        return new HousingListCase(
                receivedAt,
                members,
                lines,
                noIncomeDeclared,
                claims,
                homelessMonths,
                home,
                claimNumber,
                confirmedOn,
                lists,
                signatures);
    }
}
