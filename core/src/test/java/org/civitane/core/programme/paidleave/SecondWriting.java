package org.civitane.core.programme.paidleave;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.programme.paidleave.PaidLeaveCase.OtherIncome;
import org.civitane.core.programme.paidleave.PaidLeaveCase.OtherIncome.Kind;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Reason;

/**
 * The chapter written a second time, day by day over decimals and without regard to speed, so that the rules can be
 * held against it. It knows complete cases only. Hours are kept times {@code weekHours}, which makes them exact.
 */
final class SecondWriting {
    private static final int DAYS_OF_LEAVE_YEAR = 364;

    private final PaidLeaveCase file;
    private final Map<String, String> said = new LinkedHashMap<>();
    private final BigDecimal weekHours;
    private final LocalDate start;

    private SecondWriting(PaidLeaveCase file) {
        this.file = file;
        this.start = file.start().orElseThrow();
        this.weekHours = file.schedule().values().stream()
                .map(hours -> hours.toDecimal())
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** Figures and what the outcome carries, as text under their names; the outcome itself under {@code outcome}. */
    static Map<String, String> of(PaidLeaveCase file) {
        SecondWriting writing = new SecondWriting(file);
        writing.write();
        return writing.said;
    }

    private void write() {
        List<Quarter> base = new ArrayList<>();
        List<BigDecimal> wages = new ArrayList<>();
        for (int back = 4; back >= 1; back--) {
            Quarter quarter = Quarter.of(start).minus(back);
            base.add(quarter);
            wages.add(file.quarterWages().orElseThrow().stream()
                    .filter(line -> line.quarter().equals(quarter))
                    .map(line -> new BigDecimal(line.amount().toString()))
                    .reduce(BigDecimal.ZERO, BigDecimal::add));
        }
        List<BigDecimal> highest = wages.stream().sorted().toList().reversed();
        BigDecimal all = wages.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        boolean earnedEnough =
                all.compareTo(new BigDecimal("2400")) >= 0 && highest.getFirst().compareTo(new BigDecimal("900")) >= 0;
        BigDecimal averageWeek =
                highest.get(0).add(highest.get(1)).divide(new BigDecimal("26"), 2, RoundingMode.HALF_UP);
        BigDecimal weeklyBenefit = weeklyBenefit(averageWeek);
        said.put("baseQuarters", base.toString());
        said.put("averageWeek", averageWeek.toPlainString());
        said.put("weeklyBenefit", weeklyBenefit.setScale(2).toPlainString());
        BigDecimal available = available();

        LocalDate from = file.benefitsBegin().filter(start::isBefore).orElse(start);
        Map<LocalDate, BigDecimal> away = away(from);
        BigDecimal hours = away.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal requested = hours.divide(weekHours.pow(2), 2, RoundingMode.HALF_UP);
        BigDecimal granted = requested.min(available);
        boolean late = isLate();
        said.put("weekHours", weekHours.stripTrailingZeros().toPlainString());
        said.put("from", from.toString());
        said.put("requested", requested.toPlainString());
        said.put("granted", granted.setScale(2).toPlainString());
        said.put("remaining", available.subtract(granted).setScale(2).toPlainString());
        said.put("noticeLate", String.valueOf(late));
        if (!earnedEnough) {
            said.put("outcome", "DENIED WAGES");
        } else if (available.signum() == 0) {
            said.put("outcome", "DENIED EXHAUSTED");
        } else if (hours.signum() == 0) {
            said.put("outcome", "DENIED NO_ABSENCE");
        } else {
            boolean part = granted.compareTo(requested) < 0;
            said.put("outcome", part ? "PART_APPROVED ENTITLEMENT" : "APPROVED WAGES");
            pay(away, part ? granted.multiply(weekHours.pow(2)) : hours, weeklyBenefit, averageWeek, late);
        }
    }

    private static BigDecimal weeklyBenefit(BigDecimal averageWeek) {
        BigDecimal below = averageWeek.min(new BigDecimal("500"));
        BigDecimal benefit = below.multiply(new BigDecimal("0.9"))
                .add(averageWeek.subtract(below).multiply(new BigDecimal("0.5")))
                .setScale(0, RoundingMode.DOWN);
        return benefit.min(new BigDecimal("940"))
                .max(new BigDecimal("60"))
                .min(averageWeek.setScale(0, RoundingMode.DOWN));
    }

    private BigDecimal available() {
        LocalDate year = monday(start);
        BigDecimal used = BigDecimal.ZERO;
        for (var prior : file.priorLeave()) {
            LocalDate monday = monday(prior.from());
            boolean counts = List.of("APPROVED", "PENDING").contains(prior.status());
            if (counts && monday.plusDays(DAYS_OF_LEAVE_YEAR).isAfter(start) && !monday.isAfter(start)) {
                used = used.add(prior.weeks().toDecimal());
                year = monday.isBefore(year) ? monday : year;
            }
        }
        boolean longer = file.pregnancyComplication() && file.reason().orElseThrow() == Reason.OWN_HEALTH;
        BigDecimal entitlement = new BigDecimal(longer ? "16.00" : "14.00");
        BigDecimal available = entitlement.subtract(used).max(BigDecimal.ZERO).setScale(2);
        said.put("leaveYearFrom", year.toString());
        said.put("entitlement", entitlement.toPlainString());
        said.put("used", used.setScale(2).toPlainString());
        said.put("available", available.toPlainString());
        return available;
    }

    /** Each day's hours away, times the hours of a week. */
    private Map<LocalDate, BigDecimal> away(LocalDate from) {
        Map<LocalDate, BigDecimal> away = new LinkedHashMap<>();
        for (LocalDate day = from; !day.isAfter(file.end().orElseThrow()); day = day.plusDays(1)) {
            LocalDate today = day;
            BigDecimal scheduled = file.schedule().containsKey(day.getDayOfWeek())
                    ? file.schedule().get(day.getDayOfWeek()).toDecimal()
                    : BigDecimal.ZERO;
            BigDecimal hours = switch (file.pattern().orElseThrow()) {
                case CONTINUOUS -> scheduled.multiply(weekHours);
                case REDUCED ->
                    scheduled.multiply(weekHours
                            .subtract(file.reducedHoursPerWeek().orElseThrow().toDecimal())
                            .max(BigDecimal.ZERO));
                case INTERMITTENT ->
                    file.absences().orElseThrow().stream()
                            .filter(absence -> absence.date().equals(today))
                            .map(absence -> absence.hours().toDecimal())
                            .reduce(BigDecimal.ZERO, BigDecimal::add)
                            .min(scheduled)
                            .multiply(weekHours);
            };
            away.put(day, hours);
        }
        return away;
    }

    private boolean isLate() {
        return file.notice()
                .map(notice -> notice.emergency()
                        ? notice.on().isAfter(start.plusDays(3))
                        : notice.on().isAfter(start.minusDays(30)))
                .orElse(true);
    }

    private void pay(
            Map<LocalDate, BigDecimal> away,
            BigDecimal budget,
            BigDecimal weeklyBenefit,
            BigDecimal averageWeek,
            boolean late) {
        Map<LocalDate, BigDecimal> weeks = new LinkedHashMap<>();
        BigDecimal left = budget;
        LocalDate last = start;
        for (var day : away.entrySet()) {
            BigDecimal payable = day.getValue().min(left);
            left = left.subtract(payable);
            weeks.merge(monday(day.getKey()), payable, BigDecimal::add);
            last = payable.signum() > 0 ? day.getKey() : last;
        }
        boolean toReduce = late;
        BigDecimal total = BigDecimal.ZERO;
        List<List<String>> payments = new ArrayList<>();
        for (var week : weeks.entrySet()) {
            if (week.getValue().signum() == 0) {
                continue;
            }
            boolean blocked = pays(week.getKey(), List.of(Kind.UNEMPLOYMENT_BENEFIT, Kind.WORK_INJURY_BENEFIT))
                    .findAny()
                    .isPresent();
            BigDecimal gross = blocked
                    ? BigDecimal.ZERO
                    : weeklyBenefit.multiply(week.getValue()).divide(weekHours.pow(2), 2, RoundingMode.DOWN);
            BigDecimal other = pays(week.getKey(), List.of(Kind.EMPLOYER_TOP_UP))
                    .map(income -> new BigDecimal(income.weeklyAmount().toString()))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            BigDecimal offset =
                    gross.add(other).subtract(averageWeek).max(BigDecimal.ZERO).min(gross);
            BigDecimal rest = gross.subtract(offset);
            BigDecimal reduction = BigDecimal.ZERO;
            if (toReduce && rest.signum() > 0) {
                reduction = rest.multiply(new BigDecimal("0.2")).setScale(2, RoundingMode.UP);
                toReduce = false;
            }
            BigDecimal payable = rest.subtract(reduction);
            boolean national =
                    file.withhold().filter(chosen -> chosen.national()).isPresent();
            boolean regional =
                    file.withhold().filter(chosen -> chosen.regional()).isPresent();
            BigDecimal toNation = share(payable, national ? "0.10" : "0");
            BigDecimal toRegion = share(payable, regional ? "0.04" : "0");
            total = total.add(payable);
            payments.add(List.of(
                    week.getKey().toString(),
                    hours(week.getValue()),
                    gross.setScale(2).toPlainString(),
                    offset.setScale(2).toPlainString(),
                    reduction.setScale(2).toPlainString(),
                    payable.setScale(2).toPlainString(),
                    toNation.toPlainString(),
                    toRegion.toPlainString(),
                    payable.subtract(toNation).subtract(toRegion).setScale(2).toPlainString()));
        }
        said.put("to", last.toString());
        said.put("total", total.setScale(2).toPlainString());
        said.put("payments", payments.toString());
    }

    private java.util.stream.Stream<OtherIncome> pays(LocalDate monday, List<Kind> kinds) {
        return file.otherIncome().stream()
                .filter(income -> kinds.contains(income.kind()))
                .filter(income -> monday.datesUntil(monday.plusDays(7))
                        .anyMatch(day -> !day.isBefore(income.from()) && !day.isAfter(income.to())));
    }

    private static BigDecimal share(BigDecimal amount, String of) {
        return amount.multiply(new BigDecimal(of)).setScale(2, RoundingMode.HALF_UP);
    }

    private String hours(BigDecimal timesWeek) {
        BigDecimal hours = timesWeek.divide(weekHours, 4, RoundingMode.HALF_UP).stripTrailingZeros();
        return hours.toPlainString();
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }
}
