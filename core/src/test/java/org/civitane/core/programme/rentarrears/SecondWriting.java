package org.civitane.core.programme.rentarrears;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.person.Names;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Owed;

/**
 * The chapter written a second time, over decimals and without regard to speed, so that the rules can be held against
 * it. It knows complete cases received from July 2026 on.
 */
final class SecondWriting {
    private static final Set<IncomeKind> NEVER =
            Set.of(IncomeKind.FOSTER_PAYMENT, IncomeKind.STUDENT_GRANT, IncomeKind.LOAN, IncomeKind.FOOD_ASSISTANCE);
    private static final Set<ResourceKind> UNCOUNTED =
            Set.of(ResourceKind.RETIREMENT, ResourceKind.HOME, ResourceKind.VEHICLE);
    private static final int[] MEDIAN = {0, 36_400, 41_600, 46_800, 52_000, 56_160, 60_320, 64_480, 68_640};
    private static final int[] CAPS = {620, 760, 940, 1_180, 1_390};

    private final RentArrearsCase file;
    private final LocalDate received;
    private final Map<String, String> said = new LinkedHashMap<>();

    private SecondWriting(RentArrearsCase file) {
        this.file = file;
        this.received = file.receivedOn();
    }

    /** Figures and what the outcome carries, as text under their names; the outcome itself under {@code outcome}. */
    static Map<String, String> of(RentArrearsCase file) {
        SecondWriting writing = new SecondWriting(file);
        writing.write();
        return writing.said;
    }

    private void write() {
        BigDecimal gross = sum(file.incomes().stream()
                .filter(line -> !NEVER.contains(line.kind()))
                .filter(line -> line.kind() != IncomeKind.SELF_EMPLOYMENT
                        || !line.amount().isNegative())
                .map(line -> annual(line.amount().toString(), line.frequency().perYear()))
                .toList());
        BigDecimal share = gross.multiply(new BigDecimal("0.03")).setScale(2, RoundingMode.HALF_UP);
        BigDecimal medical = paid(ExpenseKind.MEDICAL).subtract(share).max(BigDecimal.ZERO);
        BigDecimal care = paid(ExpenseKind.DEPENDANT_CARE);
        BigDecimal adjusted = gross.subtract(medical).subtract(care).max(BigDecimal.ZERO);
        int size = file.members().size();
        BigDecimal median = new BigDecimal(size <= 8 ? MEDIAN[size] : MEDIAN[8] + (size - 8) * 4_160);
        BigDecimal limit = median.multiply(new BigDecimal("0.6"))
                .divide(new BigDecimal("50"), 0, RoundingMode.DOWN)
                .multiply(new BigDecimal("50"));
        BigDecimal assets = sum(file.resources().orElseThrow().stream()
                .filter(each -> !UNCOUNTED.contains(each.kind()))
                .map(each -> new BigDecimal(each.amount().toString()))
                .toList());
        said.put("householdSize", String.valueOf(size));
        said.put("grossAnnual", text(gross));
        said.put("medicalAllowance", text(medical));
        said.put("careAllowance", text(care));
        said.put("adjustedAnnual", text(adjusted));
        said.put("incomeLimit", text(limit));
        said.put("assets", text(assets));
        said.put("assetLimit", "25000.00");
        said.put("band", band(adjusted, median));
        said.put("outcome", decided(adjusted, limit, assets));
    }

    private String band(BigDecimal adjusted, BigDecimal median) {
        boolean longUnemployed = file.members().stream()
                .filter(member -> !member.dateOfBirth().plusYears(18).isAfter(received))
                .flatMap(member -> member.unemployedSince().stream())
                .anyMatch(since -> !since.isAfter(received.minusDays(90)));
        if (longUnemployed || adjusted.compareTo(median.multiply(new BigDecimal("0.30"))) <= 0) {
            return "A";
        }
        return adjusted.compareTo(median.multiply(new BigDecimal("0.45"))) <= 0 ? "B" : "C";
    }

    private String decided(BigDecimal adjusted, BigDecimal limit, BigDecimal assets) {
        String postCode = file.home().orElseThrow().postCode();
        if (!postCode.matches("[1-4][0-9]{3}")) {
            return "DENIED OUTSIDE";
        }
        if (file.hardship().orElseThrow().since().isBefore(received.minusMonths(18))) {
            return "DENIED HARDSHIP";
        }
        if (adjusted.compareTo(limit) > 0) {
            return "DENIED INCOME";
        }
        if (assets.compareTo(new BigDecimal("25000")) > 0) {
            return "DENIED ASSETS";
        }
        String applicant = file.members().getFirst().name().full();
        if (file.lease().orElseThrow().names().stream()
                .noneMatch(name -> Names.compare(name, applicant) == Names.Verdict.MATCH)) {
            return "DENIED NOT_TENANT";
        }
        List<List<String>> months = months();
        if (months.isEmpty()) {
            return "DENIED NOTHING_OWED";
        }
        said.put("months", months.toString());
        said.put(
                "total",
                text(sum(months.stream()
                        .map(month -> new BigDecimal(month.get(2)))
                        .toList())));
        said.put("payee", payee());
        return "APPROVED INCOME";
    }

    private List<List<String>> months() {
        YearMonth now = YearMonth.from(received);
        List<Owed> taken = new ArrayList<>();
        List<String> kinds = new ArrayList<>();
        file.arrears().orElse(List.of()).stream()
                .filter(owed -> owed.month().isBefore(now) && !owed.month().isBefore(now.minusMonths(12)))
                .filter(owed -> !file.alreadyAided().contains(owed.month())
                        && owed.owed().isPositive())
                .sorted(Comparator.comparing(Owed::month))
                .forEach(owed -> {
                    taken.add(owed);
                    kinds.add("ARREARS");
                });
        for (int ahead = 0; ahead < file.monthsAhead().orElse(0); ahead++) {
            if (!file.alreadyAided().contains(now.plusMonths(ahead))) {
                taken.add(new Owed(
                        now.plusMonths(ahead), file.home().orElseThrow().rent()));
                kinds.add("AHEAD");
            }
        }
        BigDecimal left = new BigDecimal("4800");
        List<List<String>> months = new ArrayList<>();
        for (int i = 0; i < Math.min(6, taken.size()); i++) {
            BigDecimal amount = new BigDecimal(taken.get(i).owed().toString())
                    .min(new BigDecimal(
                            CAPS[Math.min(4, file.home().orElseThrow().bedrooms())]));
            if (file.home().orElseThrow().tenantShare().isPresent()) {
                amount = amount.min(new BigDecimal(
                        file.home().orElseThrow().tenantShare().orElseThrow().toString()));
            }
            amount = amount.min(left);
            left = left.subtract(amount);
            if (amount.signum() > 0) {
                months.add(List.of(taken.get(i).month().toString(), kinds.get(i), text(amount)));
            }
        }
        return months;
    }

    private String payee() {
        Landlord landlord = file.landlord().orElseThrow();
        return switch (landlord.takesPart()) {
            case YES -> "LANDLORD";
            case NO -> "TENANT";
            case PENDING -> landlord.askedOn().filter(this::isOver).isPresent() ? "TENANT" : "null";
        };
    }

    /** Whether ten business days have passed since, counted one by one. */
    private boolean isOver(LocalDate asked) {
        LocalDate day = asked;
        for (int counted = 0; counted < 10; ) {
            day = day.plusDays(1);
            boolean weekend = day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
            counted += weekend || !BusinessCalendar.rolledForward(day).equals(day) ? 0 : 1;
        }
        return file.decidedOn().orElse(received).isAfter(day);
    }

    private BigDecimal paid(ExpenseKind kind) {
        return sum(file.expenses().stream()
                .filter(line -> line.kind() == kind)
                .map(line -> annual(line.amount().toString(), line.frequency().perYear()))
                .toList());
    }

    private static BigDecimal annual(String amount, int perYear) {
        return new BigDecimal(amount).multiply(BigDecimal.valueOf(perYear));
    }

    private static BigDecimal sum(List<BigDecimal> amounts) {
        return amounts.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static String text(BigDecimal amount) {
        return amount.setScale(2).toPlainString();
    }
}
