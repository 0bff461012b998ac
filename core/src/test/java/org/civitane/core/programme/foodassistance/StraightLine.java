package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.util.TreeSet;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.casefile.Signature;
import org.civitane.core.person.Names;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase.Utility;

/**
 * Food assistance written down once more, in one go and over cents as longs, with the figures of the rulebook in the
 * code: what the rules are compared with, in outcome and in speed. It works for the years from July 2025.
 */
public final class StraightLine {
    private static final long[] STANDARD = {19_500, 19_500, 19_500, 20_500, 24_000, 27_500};
    private static final long[] MAXIMUM = {28_600, 52_400, 75_200, 95_400, 113_400, 136_200, 150_600, 172_200};

    private StraightLine() {}

    /** What comes out; amounts in cents, -1 where there is none. */
    public record Result(
            String result,
            String basis,
            String missing,
            int unitSize,
            boolean isProtected,
            boolean urgent,
            long gross,
            long earned,
            long disregard,
            long standard,
            long care,
            long medical,
            long support,
            long adjusted,
            long allowance,
            long shelter,
            long excess,
            long net,
            long grossLimit,
            long netLimit,
            long liquid,
            long resourceLimit,
            long maximum,
            long benefit,
            long firstMonth,
            int months,
            LocalDate dueBy) {}

    /** Determines a case. */
    public static Result determine(FoodAssistanceCase file) {
        LocalDate day = BusinessCalendar.received(file.receivedAt());
        int n = file.members().size();
        int[] role = new int[n];
        boolean[] old = new boolean[n];
        int size = 0;
        int out = 0;
        boolean isProtected = false;
        boolean seasonal = false;
        int applicant = 0;
        for (int i = 0; i < n; i++) {
            FoodMember m = file.members().get(i);
            Relationship r = m.relationship();
            if (r == Relationship.SELF) {
                applicant = i;
            }
            boolean in = r == Relationship.SELF
                    || m.sharesMeals().orElse(true)
                    || r == Relationship.SPOUSE
                    || r == Relationship.PARTNER
                    || r == Relationship.CHILD && m.ageOn(day) < 22;
            old[i] = m.disabled() || m.ageOn(day) >= 60;
            if (in && m.notApplying()) {
                role[i] = 2;
                out++;
            } else if (in) {
                role[i] = 1;
                size++;
                isProtected |= old[i];
                seasonal |= m.seasonalWorker();
            }
        }
        if (size == 0) {
            return small("DENIED", "NO_UNIT", "", 0, false, false, due(day, 30));
        }
        TreeSet<String> missing = null;
        boolean signed = false;
        boolean signedOtherwise = false;
        FoodMember self = file.members().get(applicant);
        for (Signature s : file.signatures()) {
            if (s.member().equals(self.id())) {
                boolean match = Names.compare(s.name(), self.name().full()) == Names.Verdict.MATCH;
                signed |= match;
                signedOtherwise |= !match;
            }
        }
        if (!signed) {
            missing = new TreeSet<>();
            missing.add((signedOtherwise ? "signature-name:" : "signature:") + self.id());
        }
        for (int i = 0; i < n; i++) {
            FoodMember m = file.members().get(i);
            if (role[i] > 0 && m.ageOn(day) >= 18 && !file.noIncomeDeclared().contains(m.id())) {
                boolean stated = false;
                for (IncomeLine line : file.incomes()) {
                    stated |= line.member().equals(m.id());
                }
                if (!stated) {
                    missing = missing == null ? new TreeSet<>() : missing;
                    missing.add("income:" + m.id());
                }
            }
        }
        if (file.resources().isEmpty() || file.expenses().isEmpty()) {
            missing = missing == null ? new TreeSet<>() : missing;
            if (file.resources().isEmpty()) {
                missing.add("resources");
            }
            if (file.expenses().isEmpty()) {
                missing.add("expenses");
            }
            return small("PENDING", "INCOME", String.join(",", missing), size, isProtected, false, due(day, 30));
        }
        long ownEarned = 0;
        long ownOther = 0;
        long outEarned = 0;
        long outOther = 0;
        boolean earns = false;
        boolean selfEmployed = false;
        for (IncomeLine line : file.incomes()) {
            int at = role[indexOf(file, line.member())];
            if (at == 0 || !line.kind().counts()) {
                continue;
            }
            boolean isEarned = line.kind() == IncomeKind.WAGES || line.kind() == IncomeKind.SELF_EMPLOYMENT;
            long annual = Math.max(0, line.amount().cents()) * line.frequency().perYear();
            selfEmployed |= line.kind() == IncomeKind.SELF_EMPLOYMENT;
            earns |= isEarned && annual > 0;
            if (isEarned) {
                ownEarned += at == 1 ? annual : 0;
                outEarned += at == 2 ? annual : 0;
            } else {
                ownOther += at == 1 ? annual : 0;
                outOther += at == 2 ? annual : 0;
            }
        }
        ownEarned += halfUp(outEarned * size, size + out);
        ownOther += halfUp(outOther * size, size + out);
        long gross = halfUp(ownEarned + ownOther, 12);
        long earned = halfUp(ownEarned, 12);
        long liquid = 0;
        for (Resource r : file.resources().get()) {
            int at = role[r.owner().isPresent() ? indexOf(file, r.owner().get()) : applicant];
            ResourceKind k = r.kind();
            boolean liquidKind = k == ResourceKind.CASH || k == ResourceKind.BANK || k == ResourceKind.INVESTMENT;
            liquid += at > 0 && liquidKind ? r.amount().cents() : 0;
        }
        long[] paid = new long[ExpenseKind.values().length];
        for (Expense e : file.expenses().get()) {
            int who = e.member().isPresent() ? indexOf(file, e.member().get()) : applicant;
            boolean counts = e.kind() == ExpenseKind.MEDICAL ? role[who] == 1 && old[who] : role[who] > 0;
            paid[e.kind().ordinal()] +=
                    counts ? e.amount().cents() * e.frequency().perYear() : 0;
        }
        long allowance = file.utilities().contains(Utility.HEATING)
                ? 41_000
                : file.utilities().contains(Utility.ELECTRICITY)
                                || file.utilities().contains(Utility.WATER)
                        ? 15_000
                        : file.utilities().contains(Utility.PHONE) ? 4_000 : 0;
        long shelter = allowance
                + halfUp(paid[ExpenseKind.RENT.ordinal()], 12)
                + halfUp(paid[ExpenseKind.MORTGAGE.ordinal()], 12)
                + halfUp(paid[ExpenseKind.PROPERTY_TAX.ordinal()], 12)
                + halfUp(paid[ExpenseKind.HOME_INSURANCE.ordinal()], 12);
        boolean urgent = gross < 15_000 && liquid <= 10_000 || gross + liquid < shelter || seasonal && liquid <= 10_000;
        LocalDate dueBy = due(day, urgent ? 7 : 30);
        if (missing != null) {
            return small("PENDING", "INCOME", String.join(",", missing), size, isProtected, urgent, dueBy);
        }
        long disregard = halfUp(earned * 20, 100);
        long standard = STANDARD[Math.min(size, 6) - 1];
        long care = halfUp(paid[ExpenseKind.DEPENDANT_CARE.ordinal()], 12);
        long medical = Math.max(0, halfUp(paid[ExpenseKind.MEDICAL.ordinal()], 12) - 3_500);
        long support = halfUp(paid[ExpenseKind.SUPPORT_PAID.ordinal()], 12);
        long adjusted = Math.max(0, gross - disregard - standard - care - medical - support);
        long excess = Math.max(0, shelter - halfUp(adjusted, 2));
        if (file.homeless()) {
            excess = shelter > 0 ? 18_000 : 0;
        } else if (!isProtected) {
            excess = Math.min(65_000, excess);
        }
        long net = halfUp(Math.max(0, adjusted - excess), 100) * 100;
        boolean newLine = !day.isBefore(LocalDate.of(2026, 7, 1));
        long line = (newLine ? 1_488_000 : 1_440_000) + (size - 1) * (newLine ? 522_000L : 504_000L);
        long grossLimit = up(line * 130, 100 * 12 * 100) * 100;
        long netLimit = up(line, 12 * 100) * 100;
        long resourceLimit = isProtected ? 430_000 : 280_000;
        long maximum = MAXIMUM[Math.min(size, 8) - 1] + Math.max(0, size - 8) * 21_600L;
        long benefit = maximum - up(net * 30, 100 * 100) * 100;
        benefit = size <= 2 ? Math.max(2_400, benefit) : benefit;
        String basis = liquid > resourceLimit
                ? "RESOURCES"
                : gross > grossLimit && !isProtected
                        ? "GROSS_INCOME"
                        : net > netLimit ? "NET_INCOME" : benefit <= 0 ? "NO_BENEFIT" : "INCOME";
        boolean approved = basis.equals("INCOME");
        long firstMonth = benefit * (31 - Math.min(30, day.getDayOfMonth())) / 30 / 100 * 100;
        boolean steady = !earns;
        for (int i = 0; i < n; i++) {
            steady &= role[i] != 1 || file.members().get(i).ageOn(day) < 18 || old[i];
        }
        return new Result(
                approved ? "APPROVED" : "DENIED",
                basis,
                "",
                size,
                isProtected,
                urgent,
                gross,
                earned,
                disregard,
                standard,
                care,
                medical,
                support,
                adjusted,
                allowance,
                shelter,
                excess,
                net,
                grossLimit,
                netLimit,
                liquid,
                resourceLimit,
                maximum,
                approved ? benefit : -1,
                approved ? firstMonth < 1_000 ? 0 : firstMonth : -1,
                approved ? steady ? 24 : file.homeless() || selfEmployed ? 6 : 12 : -1,
                dueBy);
    }

    private static Result small(
            String result, String basis, String missing, int size, boolean isProtected, boolean urgent, LocalDate due) {
        return new Result(
                result,
                basis,
                missing,
                size,
                isProtected,
                urgent,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                -1,
                due);
    }

    private static LocalDate due(LocalDate day, int days) {
        return BusinessCalendar.rolledBack(day.plusDays(days));
    }

    private static int indexOf(FoodAssistanceCase file, String id) {
        int i = 0;
        while (!file.members().get(i).id().equals(id)) {
            i++;
        }
        return i;
    }

    private static long halfUp(long dividend, long divisor) {
        return (2 * dividend + divisor) / (2 * divisor);
    }

    private static long up(long dividend, long divisor) {
        return (dividend + divisor - 1) / divisor;
    }
}
