package org.civitane.core.programme.supportintake;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Person;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.supportintake.SupportIntakeCase.Kind;
import org.civitane.core.programme.supportintake.SupportIntakeCase.Slot;
import org.civitane.core.reasoning.CodePoints;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, what is suggested, with whom and when to meet. */
final class SupportIntakeRules {
    private static final Rule INCOMPLETE = new Rule(SupportIntake.ID, "Incomplete");
    private static final Rule SUGGESTED = new Rule(SupportIntake.ID, "Suggested");
    private static final Rule MEETING = new Rule(SupportIntake.ID, "Meeting");
    private static final Rule DECIDED = new Rule(SupportIntake.ID, "Decided");
    private static final DateTimeFormatter AS_GIVEN = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss");
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final Comparator<Slot> FIRST =
            Comparator.comparing(Slot::start).thenComparing(Slot::adviser, CodePoints.ORDER);

    private final SupportIntakeCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final SupportIntakePolicy policy;
    private final String applicant;

    private enum Result {
        INVITED,
        PENDING
    }

    private enum Basis {
        INTAKE,
        SLOT
    }

    SupportIntakeRules(SupportIntakeCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(SupportIntakePolicy.TABLE, receivedOn);
        this.policy = SupportIntakePolicy.of(version);
        this.applicant = Person.applicantOf(file.members()).id();
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        Optional<Term> term = file.term().flatMap(text -> Term.read(text, policy.firstTermYear, policy.lastTermYear));
        List<String> missing = Missing.of(file, term, receivedOn).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            Outcome pending = Outcome.of(applicant, Result.PENDING, Basis.INTAKE);
            return result(Status.INCOMPLETE, pending, Figures.NONE, missing);
        }
        LocalDate endsOn = why.day(
                "termEndsOn",
                term.orElseThrow().lastDay(),
                new Rule(SupportIntake.ID, "Terms"),
                s -> s.input("term", file.term().orElseThrow()).fact("term"));
        LocalDate earliestOn = why.day(
                "earliestOn",
                BusinessCalendar.plusBusinessDays(receivedOn, policy.earliestDays),
                MEETING,
                s -> s.input("days", policy.earliestDays).table(version));
        List<Slot> free =
                file.slots().stream().filter(slot -> isFree(slot, earliestOn)).toList();
        why.count(
                "freeSlots",
                free.size(),
                MEETING,
                s -> s.input("site", file.site().orElseThrow())
                        .input("earliest", Value.of(earliestOn))
                        .fact("slots"));
        Figures figures = Figures.builder(3)
                .add("earliestOn", earliestOn)
                .add("termEndsOn", endsOn)
                .add("freeSlots", free.size())
                .build();
        Figures follows = suggestedUntil(endsOn);
        Optional<Slot> slot = file.slots().stream()
                .filter(Slot::own)
                .min(FIRST)
                .or(() -> free.stream().min(FIRST));
        return slot.map(each -> result(Status.DETERMINED, invited(each, follows), figures, List.of()))
                .orElseGet(() -> result(Status.HOLD, waiting(follows), figures, List.of("slot")));
    }

    /** An own slot is never free, whatever is said of it. */
    private boolean isFree(Slot slot, LocalDate earliestOn) {
        return !slot.own()
                && !slot.taken()
                && slot.site().equals(file.site().orElseThrow())
                && !slot.start().toLocalDate().isBefore(earliestOn);
    }

    /** The adjustments that the limits suggest, each once, and until when where all of it passes. */
    private Figures suggestedUntil(LocalDate termEndsOn) {
        Set<Adjustment> suggested = new LinkedHashSet<>();
        for (MadeHard limit : MadeHard.values()) {
            if (file.limits().contains(limit)) {
                suggested.addAll(limit.suggested());
                limit.suggested()
                        .forEach(each -> why.step(
                                "suggested",
                                Value.of(each),
                                SUGGESTED,
                                s -> s.input("limit", limit).fact("limits")));
            }
        }
        Figures figures = Figures.NONE.with(
                "suggested", new Value.Row(suggested.stream().map(Value::of).toList()));
        if (!Set.copyOf(file.kinds()).equals(Set.of(Kind.TEMPORARY))) {
            return figures;
        }
        why.day("until", termEndsOn, DECIDED, s -> s.fact("kinds"));
        return figures.with("until", Value.of(termEndsOn));
    }

    private Outcome invited(Slot slot, Figures follows) {
        LocalDateTime start = slot.start();
        why.step(
                slot.own() ? "slot.own" : "slot.free",
                Value.of(Result.INVITED),
                MEETING,
                s -> s.input("adviser", slot.adviser())
                        .input("site", slot.site())
                        .input("on", Value.of(start.toLocalDate()))
                        .input("at", CLOCK.format(start))
                        .fact("slots"));
        Figures.Builder more = Figures.builder(5)
                .add("adviser", slot.adviser())
                .add("site", slot.site())
                .add("start", AS_GIVEN.format(start));
        follows.forEach(more::add);
        return Outcome.of(applicant, Result.INVITED, Basis.INTAKE, more.build());
    }

    private Outcome waiting(Figures follows) {
        why.step("slot.none", Value.of(Result.PENDING), MEETING, s -> s.fact("slots"));
        return Outcome.of(applicant, Result.PENDING, Basis.SLOT, follows);
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                SupportIntake.ID,
                receivedOn,
                List.of(version),
                status,
                List.of(outcome),
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
