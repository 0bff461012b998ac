package org.civitane.core.programme.paidleave;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.ReportedWages;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Beyond;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Outsider;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.paidleave.PaidLeaveCase.PriorLeave;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;

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
    public Optional<OnlineForm<PaidLeaveCase>> form() {
        return Optional.of(new PaidLeaveForm());
    }

    @Override
    public List<EvidenceNeed> evidenceNeeds(PaidLeaveCase file, Determination determination) {
        return PaidLeaveEvidence.of(file);
    }

    @Override
    public List<PaperKind> papers() {
        return PaidLeaveEvidence.KINDS;
    }

    @Override
    public List<Outsider> outsiders() {
        return PaidLeaveOutsiders.ALL;
    }

    @Override
    public Optional<ReportedWages> reportedWages() {
        return Optional.of(new ReportedWages("quarterWages", "start", Optional.of("employer/name")));
    }

    @Override
    public List<Consequence> consequences(Determination determination, LocalDate decidedOn) {
        return granted(determination)
                .flatMap(outcome -> PaidLeavePayments.of(outcome, decidedOn).stream())
                .toList();
    }

    @Override
    public List<PaidFor.Week> toldWeeks(PaidLeaveCase file, Determination determination) {
        return granted(determination).findAny().isPresent() ? ToldWeeks.of(file) : List.of();
    }

    @Override
    public Optional<Beyond> beyondCertified(PaidLeaveCase file, PaidFor.Week week) {
        return ToldWeeks.beyond(file, week);
    }

    private Stream<Outcome> granted(Determination determination) {
        return determination.outcomes().stream()
                .filter(outcome -> findingOf(outcome) == Finding.GRANTED || findingOf(outcome) == Finding.PARTLY);
    }

    @Override
    public Optional<String> earlierFact() {
        return Optional.of("priorLeave");
    }

    /** Granted leave counts as {@code APPROVED}, leave that is asked for and could be granted as {@code PENDING}. */
    @Override
    public Optional<Map<String, String>> asEarlier(Determination determination, boolean decided) {
        Outcome outcome = determination.outcomes().getFirst();
        return outcome.more().get("from") instanceof Value.Day(LocalDate from)
                        && outcome.more().get("granted") instanceof Value.Decimal(BigDecimal weeks)
                ? Optional.of(Map.of(
                        "from",
                        from.toString(),
                        "weeks",
                        weeks.toPlainString(),
                        "status",
                        decided ? PriorLeave.APPROVED : PriorLeave.PENDING))
                : Optional.empty();
    }

    @Override
    public List<LocalDate> overlap(PaidLeaveCase file, PaidLeaveCase other) {
        return Overlap.days(file, other);
    }

    @Override
    public Optional<DayPlan> plan(PaidLeaveCase file, Determination determination, PolicyBook book, LocalDate today) {
        return PaidLeavePlan.of(file, determination, book, today);
    }

    @Override
    public Map<PaidFor, Figures> behindPayments(Outcome outcome) {
        return PaidLeavePayments.behind(outcome);
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
