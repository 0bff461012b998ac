package org.civitane.core.programme.schoolmeals;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.civitane.core.amount.Frequency;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.person.Names;

/**
 * The chapter written a second time, over decimals and without regard to speed, so that the rules can be held against
 * it. It knows cases received from July 2026 on.
 */
final class SecondWriting {
    private static final Set<IncomeKind> NEVER =
            Set.of(IncomeKind.FOSTER_PAYMENT, IncomeKind.STUDENT_GRANT, IncomeKind.LOAN, IncomeKind.FOOD_ASSISTANCE);

    private final SchoolMealsCase file;
    private final LocalDate received;
    private final Set<String> missing = new TreeSet<>();
    private final Map<String, String> figures = new LinkedHashMap<>();

    /** What the chapter comes to: its outcomes as {@code Determined.told}, its figures and what is missing. */
    record Said(List<String> outcomes, Map<String, String> figures, List<String> missing) {}

    private SecondWriting(SchoolMealsCase file) {
        this.file = file;
        this.received = file.receivedOn();
    }

    static Said of(SchoolMealsCase file) {
        return new SecondWriting(file).write();
    }

    private Said write() {
        List<MealsMember> pupils =
                file.members().stream().filter(MealsMember::isPupil).toList();
        boolean linked =
                file.linkedBenefit().isPresent() && file.linkedBenefit().get().confirmed();
        boolean tested = !linked && pupils.stream().anyMatch(pupil -> !pupil.foster());
        String byIncome = tested ? byIncome() : "never";
        if (pupils.isEmpty()) {
            missing.add("pupil");
        }
        lookAtSignatures(tested);
        boolean unsigned = missing.stream().anyMatch(code -> code.startsWith("signature"));
        List<String> outcomes = new ArrayList<>();
        for (MealsMember pupil : pupils) {
            String basis = linked ? "LINKED_BENEFIT" : pupil.foster() ? "FOSTER" : "INCOME";
            String result = basis.equals("INCOME") ? missing.isEmpty() ? byIncome : "PENDING" : "FREE";
            if (unsigned) {
                result = "PENDING";
            }
            String period =
                    result.equals("FREE") || result.equals("REDUCED") ? " from " + received + " to " + lastDay() : "";
            outcomes.add(pupil.id() + " " + result + " " + basis + period);
        }
        return new Said(outcomes, figures, List.copyOf(missing));
    }

    /** Says the figures of the income test, and what it comes to while nothing is missing. */
    private String byIncome() {
        List<MealsMember> counted = file.members().stream()
                .filter(member -> member.awaySince().isEmpty()
                        || !member.awaySince().get().isBefore(received.minusDays(90)))
                .toList();
        Set<String> ids = counted.stream().map(MealsMember::id).collect(Collectors.toSet());
        List<IncomeLine> lines = file.incomes().stream()
                .filter(line -> !NEVER.contains(line.kind()) && ids.contains(line.member()))
                .toList();
        Set<Frequency> frequencies = lines.stream().map(IncomeLine::frequency).collect(Collectors.toSet());
        boolean yearly = frequencies.size() != 1 || frequencies.contains(Frequency.QUARTERLY);
        Frequency period =
                yearly ? Frequency.YEARLY : frequencies.stream().findFirst().orElseThrow();
        BigDecimal income = lines.stream()
                .filter(line -> line.kind() != IncomeKind.SELF_EMPLOYMENT
                        || !line.amount().isNegative())
                .map(line -> new BigDecimal(line.amount().toString())
                        .multiply(BigDecimal.valueOf(yearly ? line.frequency().perYear() : 1)))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        int size = Math.max(1, counted.size());
        BigDecimal free = limit(size, "1.25", period);
        BigDecimal reduced = limit(size, "1.80", period);
        counted.stream()
                .filter(this::isAdult)
                .filter(adult -> !file.noIncomeDeclared().contains(adult.id()))
                .filter(adult ->
                        file.incomes().stream().noneMatch(line -> line.member().equals(adult.id())))
                .forEach(adult -> missing.add("income:" + adult.id()));
        figures.put("householdSize", String.valueOf(size));
        figures.put("testPeriod", period.name());
        figures.put("countedIncome", missing.isEmpty() ? income.setScale(2).toPlainString() : "absent");
        figures.put("freeLimit", free.setScale(2).toPlainString());
        figures.put("reducedLimit", reduced.setScale(2).toPlainString());
        return income.compareTo(free) <= 0 ? "FREE" : income.compareTo(reduced) <= 0 ? "REDUCED" : "DENIED";
    }

    private static BigDecimal limit(int size, String share, Frequency period) {
        return new BigDecimal(14_880 + 5_220 * (size - 1))
                .multiply(new BigDecimal(share))
                .setScale(0, RoundingMode.UP)
                .divide(BigDecimal.valueOf(period.perYear()), 0, RoundingMode.UP);
    }

    private void lookAtSignatures(boolean tested) {
        Set<String> signed = new TreeSet<>();
        boolean matching = false;
        for (MealsMember member : file.members()) {
            for (var signature : file.signatures()) {
                if (signature.member().equals(member.id()) && isAdult(member)) {
                    signed.add("signature-name:" + member.id());
                    matching |= Names.compare(signature.name(), member.givenName() + " " + member.familyName())
                            == Names.Verdict.MATCH;
                }
            }
        }
        if (!matching) {
            missing.addAll(signed.isEmpty() ? Set.of("signature") : signed);
        }
        boolean numbered = file.signerNumber()
                .filter(number -> number.none()
                        || number.last4()
                                .filter(last4 -> last4.matches("[0-9]{4}"))
                                .isPresent())
                .isPresent();
        if (tested && !numbered) {
            missing.add("signer-number");
        }
    }

    /** Eighteen or over, by the digits of the days: 29 February comes after 28 February in every year. */
    private boolean isAdult(MealsMember member) {
        return digits(received) - digits(member.dateOfBirth()) >= 18_00_00;
    }

    private static int digits(LocalDate day) {
        return day.getYear() * 1_00_00 + day.getMonthValue() * 100 + day.getDayOfMonth();
    }

    /** The 30th business day of the school year after the one the application is for, counted one by one. */
    private LocalDate lastDay() {
        LocalDate day = LocalDate.of(received.getYear() + (received.getMonthValue() >= 8 ? 1 : 0), 8, 31);
        for (int counted = 0; counted < 30; ) {
            day = day.plusDays(1);
            boolean weekend = day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
            counted += weekend || !BusinessCalendar.rolledForward(day).equals(day) ? 0 : 1;
        }
        return day;
    }
}
