package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Payment;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter, in its order, for one case file. */
final class ConductCertificateRules {
    private static final Rule INCOMPLETE = new Rule(ConductCertificate.ID, "Incomplete");
    private static final Rule DECIDED = new Rule(ConductCertificate.ID, "Decided");
    private static final Rule FEE = new Rule(ConductCertificate.ID, "Fee");
    private static final Rule YIELDS = new Rule(ConductCertificate.ID, "Yields");

    private final ConductCertificateCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final ConductCertificatePolicy policy;

    private enum Result {
        ISSUE,
        ISSUE_WITH_ENTRIES,
        DENIED,
        PENDING
    }

    private enum Basis {
        APPLICATION,
        AGE,
        RESIDENCE,
        REGISTER,
        CLEAR,
        ENTRIES
    }

    private enum Next {
        PAY,
        HAND_OVER,
        AUTHORITY,
        MAIL
    }

    ConductCertificateRules(ConductCertificateCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(ConductCertificatePolicy.TABLE, receivedOn);
        this.policy = ConductCertificatePolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        List<String> missing = Missing.of(file, receivedOn, policy).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            return result(
                    Status.INCOMPLETE, outcome(Result.PENDING, Basis.APPLICATION, Figures.NONE), Figures.NONE, missing);
        }
        long residenceDays = residenceDays();
        Money fee = fee();
        Figures figures = Figures.builder(2)
                .add("residenceDays", residenceDays)
                .add("fee", fee)
                .build();
        if (!isOldEnough()) {
            return result(Status.DETERMINED, outcome(Result.DENIED, Basis.AGE, Figures.NONE), figures, missing);
        }
        if (!isResidentLongEnough(residenceDays)) {
            return result(Status.DETERMINED, outcome(Result.DENIED, Basis.RESIDENCE, Figures.NONE), figures, missing);
        }
        return switch (file.policeRegister().orElse(ConductCertificateCase.PoliceRegister.UNAVAILABLE)) {
            case UNAVAILABLE -> hold("police-register", figures);
            case POSSIBLE_MATCH -> hold("police-review", figures);
            case CLEAR -> result(Status.DETERMINED, outcome(Result.ISSUE, Basis.CLEAR, yields(fee)), figures, missing);
            case ENTRIES ->
                result(
                        Status.DETERMINED,
                        outcome(Result.ISSUE_WITH_ENTRIES, Basis.ENTRIES, yields(fee)),
                        figures,
                        missing);
        };
    }

    private long residenceDays() {
        LocalDate first = receivedOn.minusYears(policy.residenceYears);
        LocalDate last = receivedOn.minusDays(1);
        long days = Residence.days(file.residence().orElseThrow(), first, last);
        why.step(
                "residenceDays",
                Value.of(days),
                DECIDED,
                s -> s.input("first", Value.of(first))
                        .input("last", Value.of(last))
                        .fact("residence"));
        return days;
    }

    private Money fee() {
        int copies = file.copies().orElseThrow();
        Handover.Way way = file.handover().orElseThrow().way();
        Money postage = switch (way) {
            case DESK -> Money.ZERO;
            case MAIL -> policy.mailFee;
            case MAIL_ABROAD -> policy.mailAbroadFee;
        };
        Money fast = file.fast() ? policy.fastFee : Money.ZERO;
        return why.money(
                "fee",
                policy.copyFee.times(copies).plus(fast).plus(postage),
                FEE,
                s -> s.input("copies", copies)
                        .input("copyFee", policy.copyFee)
                        .input("fast", fast)
                        .input("postage", postage)
                        .input("way", way)
                        .table(version));
    }

    private boolean isOldEnough() {
        int age = file.applicant().ageOn(receivedOn);
        return why.holds(
                "oldEnough",
                age >= policy.leastAge,
                DECIDED,
                s -> s.input("age", age)
                        .input("least", policy.leastAge)
                        .fact("members", file.applicant().id(), "dateOfBirth")
                        .table(version));
    }

    private boolean isResidentLongEnough(long days) {
        return why.holds(
                "residentLongEnough",
                days >= policy.leastResidenceDays,
                DECIDED,
                s -> s.input("days", days)
                        .input("least", policy.leastResidenceDays)
                        .table(version));
    }

    private Determination hold(String waitsFor, Figures figures) {
        why.step("missing", Value.of(waitsFor), DECIDED, s -> {});
        return result(Status.HOLD, outcome(Result.PENDING, Basis.REGISTER, Figures.NONE), figures, List.of(waitsFor));
    }

    private Figures yields(Money fee) {
        LocalDate from = file.issuedOn().orElse(receivedOn);
        LocalDate validUntil = why.day(
                "validUntil",
                from.plusMonths(policy.validMonths),
                YIELDS,
                s -> s.input("from", Value.of(from))
                        .input("months", policy.validMonths)
                        .table(version));
        Next next = next();
        why.step(
                "next." + next, Value.of(next), YIELDS, s -> s.input("fee", fee).fact("payment"));
        return Figures.builder(3)
                .add("fee", fee)
                .add("validUntil", validUntil)
                .add("next", next)
                .build();
    }

    private Next next() {
        if (file.payment().filter(this::countsAsPaid).isEmpty()) {
            return Next.PAY;
        }
        Handover handover = file.handover().orElseThrow();
        return switch (handover.way()) {
            case MAIL, MAIL_ABROAD -> Next.MAIL;
            case DESK -> handover.byProxyAtTheDesk() && !handover.authority() ? Next.AUTHORITY : Next.HAND_OVER;
        };
    }

    /** A payment at the desk does not count from the day on which payment is online only. */
    private boolean countsAsPaid(Payment payment) {
        boolean atDeskTooLate = payment.channel()
                        .filter(channel -> channel == Payment.Channel.DESK)
                        .isPresent()
                && payment.on()
                        .filter(day -> !day.isBefore(policy.onlineOnlyFrom))
                        .isPresent();
        return payment.paid() && !atDeskTooLate;
    }

    private Outcome outcome(Result result, Basis basis, Figures more) {
        why.step("decided." + basis, Value.of(result), DECIDED, s -> {});
        return Outcome.of(file.applicant().id(), result, basis, more);
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        int days = file.fast() ? policy.fastDueDays : policy.dueDays;
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, days);
        why.day("dueBy", dueBy, YIELDS, s -> s.input("days", days).table(version));
        return new Determination(
                ConductCertificate.ID,
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
