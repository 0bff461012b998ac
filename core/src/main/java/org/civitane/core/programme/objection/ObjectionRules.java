package org.civitane.core.programme.objection;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.person.Names;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.objection.ObjectionCase.Contestable;
import org.civitane.core.programme.objection.ObjectionCase.Contestable.Running;
import org.civitane.core.programme.objection.ObjectionCase.Filer;
import org.civitane.core.programme.objection.ObjectionCase.Hearing;
import org.civitane.core.programme.objection.ObjectionCase.ReviewFinding;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: whether it is admitted, what is missing, what the review comes to. */
final class ObjectionRules {
    private static final Rule WINDOW = new Rule(Objection.ID, "Window");
    private static final Rule INCOMPLETE = new Rule(Objection.ID, "Incomplete");
    private static final Rule DECIDED = new Rule(Objection.ID, "Decided");
    private static final Rule COMPARING = new Rule(Objection.ID, "Comparing");
    private static final Rule AGAINST = new Rule(Objection.ID, "Against");
    private static final Rule MEANWHILE = new Rule(Objection.ID, "Meanwhile");
    private static final Pattern ENDS = Pattern.compile("^\\p{IsWhite_Space}+|\\p{IsWhite_Space}+$");
    private static final String SUBJECT = "decision";
    private static final String PENDING_RESULT = "PENDING";

    private final ObjectionCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final ObjectionPolicy policy;
    private final Optional<LocalDate> withdrawBy;

    enum Result {
        NOT_ADMITTED,
        LATE,
        UPHELD,
        SENT_BACK,
        CHANGED_FOR,
        CHANGED_AGAINST,
        PENDING
    }

    private enum Basis {
        OBJECTION,
        COURT,
        NO_DECISION,
        ALREADY,
        STANDING,
        WINDOW,
        WITHDRAWN,
        UNANSWERED,
        REVIEWER,
        HEARING,
        REVIEW,
        STANDS,
        AGAINST,
        REDETERMINED
    }

    /** What it comes to, before the figures that hang on it. */
    private record Answer(Status status, List<Outcome> outcomes, List<String> missing) {}

    ObjectionRules(ObjectionCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(ObjectionPolicy.TABLE, receivedOn);
        this.policy = ObjectionPolicy.of(version);
        this.withdrawBy = file.warnedOn().map(on -> BusinessCalendar.plusBusinessDays(on, policy.withdrawDays));
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        Optional<Window> window = file.decision().map(this::window);
        Answer answer = window.flatMap(this::notAdmitted).orElseGet(this::reviewed);
        Figures figures = window.map(each -> figures(each, answer)).orElse(Figures.NONE);
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                Objection.ID,
                receivedOn,
                List.of(version),
                answer.status(),
                answer.outcomes(),
                figures,
                answer.missing(),
                dueBy,
                why.steps());
    }

    /** When the decision counts as there, and until when an objection is in time. */
    private record Window(Contestable decision, LocalDate deemedOn, LocalDate closesOn) {}

    private Window window(Contestable decision) {
        LocalDate deemed = switch (decision.way()) {
            case PORTAL -> decision.sentOn().plusDays(policy.portalDays);
            case POST -> BusinessCalendar.plusBusinessDays(decision.sentOn(), policy.postDays);
        };
        why.day(
                "deemedOn." + decision.way(),
                deemed,
                WINDOW,
                s -> s.input("sentOn", Value.of(decision.sentOn()))
                        .input("portalDays", policy.portalDays)
                        .input("postDays", policy.postDays)
                        .fact("decision", "sentOn")
                        .table(version));
        LocalDate closesOn = why.day(
                "closesOn",
                BusinessCalendar.rolledForward(deemed.plusDays(policy.filingDays)),
                WINDOW,
                s -> s.input("deemedOn", Value.of(deemed))
                        .input("days", policy.filingDays)
                        .table(version));
        return new Window(decision, deemed, closesOn);
    }

    /** Steps 1 to 4: why it is not looked at. */
    private Optional<Answer> notAdmitted(Window window) {
        Contestable decision = window.decision();
        if (decision.programme().equals(Objection.ID)) {
            return Optional.of(answer(Status.REFERRED, Result.NOT_ADMITTED, Basis.COURT));
        }
        if (decision.result().equals(PENDING_RESULT)) {
            return Optional.of(answer(Status.DETERMINED, Result.NOT_ADMITTED, Basis.NO_DECISION));
        }
        if (file.earlier()) {
            return Optional.of(answer(Status.DETERMINED, Result.NOT_ADMITTED, Basis.ALREADY));
        }
        if (isSomebodyElse(decision)) {
            return Optional.of(answer(Status.DETERMINED, Result.NOT_ADMITTED, Basis.STANDING));
        }
        boolean inTime = why.holds(
                "inTime",
                !receivedOn.isAfter(window.closesOn()),
                WINDOW,
                s -> s.input("receivedOn", Value.of(receivedOn)).input("closesOn", Value.of(window.closesOn())));
        if (!inTime && !file.goodCause()) {
            return Optional.of(answer(Status.DETERMINED, Result.LATE, Basis.WINDOW));
        }
        boolean withdrawn = file.withdrawnOn()
                .filter(on -> withdrawBy.map(last -> !on.isAfter(last)).orElse(true))
                .isPresent();
        return withdrawn ? Optional.of(answer(Status.DETERMINED, Result.UPHELD, Basis.WITHDRAWN)) : Optional.empty();
    }

    private boolean isSomebodyElse(Contestable decision) {
        boolean inPerson = file.filedBy().filter(filer -> filer == Filer.PERSON).isPresent();
        String filer = file.filer().name().full();
        return inPerson
                && decision.people().stream().allMatch(person -> {
                    Names.Verdict verdict = Names.compare(person, filer);
                    return verdict == Names.Verdict.CONFLICT || verdict == Names.Verdict.ABSENT;
                });
    }

    /** Steps 5 to 10. */
    private Answer reviewed() {
        List<String> missing = Missing.of(file).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            boolean unanswered = file.askedOn()
                    .filter(on -> file.day().isAfter(BusinessCalendar.plusBusinessDays(on, policy.answerDays)))
                    .isPresent();
            return unanswered
                    ? answer(Status.DETERMINED, Result.NOT_ADMITTED, Basis.UNANSWERED)
                    : new Answer(
                            Status.INCOMPLETE, List.of(Outcome.of(SUBJECT, Result.PENDING, Basis.OBJECTION)), missing);
        }
        String decider = trimmed(file.decision().orElseThrow().decidedBy());
        if (file.reviewer()
                .map(ObjectionRules::trimmed)
                .filter(each -> !each.equals(decider))
                .isEmpty()) {
            return hold(Basis.REVIEWER, "reviewer");
        }
        Optional<ReviewFinding> finding = file.finding();
        if (finding.filter(each -> each == ReviewFinding.PROCEDURE_FAULT || each == ReviewFinding.FACTS_OPEN)
                .isPresent()) {
            return sentBack(finding.get());
        }
        if (file.hearingWanted() && file.hearing().filter(this::wasHeld).isEmpty()) {
            return hold(Basis.HEARING, "hearing");
        }
        if (finding.isEmpty()) {
            return hold(Basis.REVIEW, "finding");
        }
        return finding.get() == ReviewFinding.STANDS ? stands() : redetermined();
    }

    private static String trimmed(String text) {
        return ENDS.matcher(text).replaceAll("");
    }

    private Answer sentBack(ReviewFinding finding) {
        LocalDate redecideBy = BusinessCalendar.plusBusinessDays(file.day(), policy.redecideDays);
        why.step(
                "sentBack." + finding,
                Value.of(Result.SENT_BACK),
                DECIDED,
                s -> s.input("redecideBy", Value.of(redecideBy)).table(version));
        return new Answer(
                Status.DETERMINED,
                List.of(Outcome.of(
                        SUBJECT, Result.SENT_BACK, finding, Figures.NONE.with("redecideBy", Value.of(redecideBy)))),
                List.of());
    }

    private boolean wasHeld(Hearing hearing) {
        return !hearing.on().isBefore(hearing.sentOn().plusDays(policy.hearingDays))
                && !hearing.on().isAfter(file.day());
    }

    private Answer stands() {
        List<Outcome> outcomes = file.before().stream()
                .map(line -> Outcome.of(line.subject(), Result.UPHELD, Basis.STANDS))
                .toList();
        why.step("stands", Value.of(Result.UPHELD), DECIDED, s -> s.fact("finding"));
        return new Answer(Status.DETERMINED, outcomes, List.of());
    }

    private Answer redetermined() {
        MissingCodes codes = new MissingCodes();
        codes.requireGiven("new-case", file.newCase());
        codes.requireGiven("after", file.after());
        List<String> absent = codes.told(why, DECIDED);
        if (!absent.isEmpty()) {
            return new Answer(Status.HOLD, List.of(Outcome.of(SUBJECT, Result.PENDING, Basis.REVIEW)), absent);
        }
        List<Compared> all = Compared.all(file.before(), file.after().orElseThrow());
        all.forEach(each -> why.step(
                "compared." + each.result(),
                Value.of(each.result()),
                COMPARING,
                s -> s.input("subject", each.subject()).input("difference", each.difference())));
        boolean against = all.stream().anyMatch(Compared::isAgainst);
        if (against && withdrawBy.isEmpty()) {
            return hold(Basis.AGAINST, "warning");
        }
        if (against && !file.day().isAfter(withdrawBy.get())) {
            return hold(Basis.AGAINST, "withdrawal");
        }
        List<Outcome> outcomes = all.stream()
                .map(each -> Outcome.of(each.subject(), each.result(), Basis.REDETERMINED, each.figures()))
                .toList();
        return new Answer(Status.DETERMINED, outcomes, List.of());
    }

    private Answer hold(Basis basis, String code) {
        MissingCodes codes = new MissingCodes();
        codes.require(code, false);
        return new Answer(
                Status.HOLD,
                List.of(Outcome.of(SUBJECT, Result.PENDING, basis)),
                codes.told(why, basis == Basis.AGAINST ? AGAINST : DECIDED));
    }

    private Answer answer(Status status, Result result, Basis basis) {
        why.step(result + "." + basis, Value.of(result), DECIDED, s -> {});
        return new Answer(status, List.of(Outcome.of(SUBJECT, result, basis)), List.of());
    }

    private Figures figures(Window window, Answer answer) {
        Optional<Money> goesOn = window.decision()
                .running()
                .filter(Running::isLess)
                .filter(running -> isOpen(answer))
                .map(Running::was);
        why.holds("paymentGoesOn", goesOn.isPresent(), MEANWHILE, s -> s.input("amount", goesOn.orElse(Money.ZERO)));
        Figures figures = Figures.builder(3)
                .add("deemedOn", window.deemedOn())
                .add("closesOn", window.closesOn())
                .add("paymentGoesOn", goesOn.isPresent())
                .build();
        if (goesOn.isPresent()) {
            figures = figures.with("amountMeanwhile", Value.of(goesOn.get()));
        }
        return withdrawBy.isPresent() ? figures.with("withdrawBy", Value.of(withdrawBy.get())) : figures;
    }

    /** Whether what the decision took away is still to be decided. */
    private static boolean isOpen(Answer answer) {
        return answer.status() == Status.INCOMPLETE
                || answer.status() == Status.HOLD
                || answer.outcomes().getFirst().result().equals(Result.SENT_BACK.name());
    }
}
