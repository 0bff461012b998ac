package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/**
 * Part of a worker's pay while they are away for their own health, a relative's care, a new child, or safety from
 * violence (rulebook, chapter paid leave).
 */
public final class PaidLeave implements Programme<PaidLeaveCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("reason", "pattern", "start", "end", "schedule", "reducedHoursPerWeek", "absences"),
            Lack.of("quarterWages", "quarterWages").from(SaidBy.REGISTER),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME);

    public static final String ID = "paid-leave";
    private static final int PAPERS_DAYS = 18;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "PL";
    }

    @Override
    public Class<PaidLeaveCase> caseType() {
        return PaidLeaveCase.class;
    }

    @Override
    public Determination determine(PaidLeaveCase file, PolicyBook book, Reasoning why) {
        return new PaidLeaveRules(file, book, why).determine();
    }

    /** 18 calendar days after receipt, rolled forward (chapter, Evidence). */
    @Override
    public LocalDate papersWantedBy(LocalDate receivedOn, LocalDate dueBy) {
        return BusinessCalendar.rolledForward(receivedOn.plusDays(PAPERS_DAYS));
    }

    @Override
    public Deadline.Allowance extensions() {
        return new Deadline.Allowance(2, 10);
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "APPROVED",
                Finding.GRANTED,
                "PART_APPROVED",
                Finding.PARTLY,
                "DENIED",
                Finding.REFUSED,
                "PENDING",
                Finding.OPEN);
    }
}
