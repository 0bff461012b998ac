package org.civitane.core.programme.paidleave;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.paidleave.PaidLeaveCase.PriorLeave;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Reason;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** How many weeks the worker may have in the leave year in which the leave starts, and how many are left. */
record LeaveYear(LocalDate from, Hundredths entitlement, Hundredths used, Hundredths available) {
    private static final Rule RULE = new Rule(PaidLeave.ID, "Leave year");

    static LeaveYear of(PaidLeaveCase file, LocalDate start, PolicyVersion version, Reasoning why) {
        PaidLeavePolicy policy = PaidLeavePolicy.of(version);
        LocalDate begins = mondayOf(start);
        Hundredths used = Hundredths.ZERO;
        for (PriorLeave prior : file.priorLeave()) {
            LocalDate monday = mondayOf(prior.from());
            boolean inYear = monday.plusDays(policy.leaveYearDays).isAfter(start) && !monday.isAfter(start);
            if (prior.counts() && inYear) {
                used = used.plus(prior.weeks());
                begins = monday.isBefore(begins) ? monday : begins;
                why.step(
                        "priorLeave",
                        Value.of(prior.from()),
                        RULE,
                        s -> s.input("weeks", Weeks.of(prior.weeks())).fact("priorLeave"));
            }
        }
        why.day(
                "leaveYearFrom",
                begins,
                RULE,
                s -> s.input("days", policy.leaveYearDays).table(version));
        boolean longer = file.pregnancyComplication()
                && file.reason().filter(reason -> reason == Reason.OWN_HEALTH).isPresent();
        Hundredths entitlement = longer ? policy.entitlementPregnancy : policy.entitlement;
        why.step("entitlement", Weeks.of(entitlement), RULE, s -> s.table(version));
        Hundredths total = used;
        Hundredths available = entitlement.lessDownToZero(used);
        why.step(
                "available",
                Weeks.of(available),
                RULE,
                s -> s.input("entitlement", Weeks.of(entitlement)).input("used", Weeks.of(total)));
        return new LeaveYear(begins, entitlement, used, available);
    }

    static LocalDate mondayOf(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }
}
