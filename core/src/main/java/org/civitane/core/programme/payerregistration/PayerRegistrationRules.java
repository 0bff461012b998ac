package org.civitane.core.programme.payerregistration;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.IdentityNumber;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Known;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Referee;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, who is on record, which number it becomes. */
final class PayerRegistrationRules {
    private static final Rule INCOMPLETE = new Rule(PayerRegistration.ID, "Incomplete");
    private static final Rule DUPLICATES = new Rule(PayerRegistration.ID, "Duplicates");
    private static final Rule DECIDED = new Rule(PayerRegistration.ID, "Decided");
    private static final String SIGNED_FORM = "SIGNED_FORM";

    private final PayerRegistrationCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final PayerRegistrationPolicy policy;
    private final Duplicates duplicates;

    private enum Result {
        REGISTERED,
        RESTORED,
        DENIED,
        PENDING
    }

    private enum Basis {
        APPLICATION,
        REGISTER,
        DUPLICATE,
        ALREADY_REGISTERED,
        FORMER_NUMBER,
        NUMBER,
        NEW_NUMBER
    }

    private enum State {
        ACTIVE,
        SUSPENDED,
        PROVISIONAL
    }

    PayerRegistrationRules(PayerRegistrationCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(PayerRegistrationPolicy.TABLE, receivedOn);
        this.policy = PayerRegistrationPolicy.of(version);
        this.duplicates = new Duplicates(file);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        why.holds("minor", file.isMinor(), INCOMPLETE, s -> s.fact("members"));
        List<String> missing = Missing.of(file, policy).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            return result(Status.INCOMPLETE, outcome(Result.PENDING, Basis.APPLICATION), missing);
        }
        List<String> silent = silent();
        if (!silent.isEmpty()) {
            return result(Status.HOLD, outcome(Result.PENDING, Basis.REGISTER), silent);
        }
        if (!why.holds("noneOpen", !duplicates.anyIsOpen(), DUPLICATES, s -> s.fact("duplicateReview"))) {
            return result(Status.HOLD, outcome(Result.PENDING, Basis.DUPLICATE), List.of("duplicate-review"));
        }
        Optional<Known> same = duplicates.same();
        if (same.isPresent()) {
            return result(Status.DETERMINED, onRecord(same.get()), missing);
        }
        return file.serial()
                .map(serial -> result(
                        Status.DETERMINED,
                        registered(Result.REGISTERED, Basis.NEW_NUMBER, PayerNumber.ofSerial(serial)),
                        missing))
                .orElseGet(() -> result(Status.HOLD, outcome(Result.PENDING, Basis.NUMBER), List.of("serial")));
    }

    /** Who has not answered yet. */
    private List<String> silent() {
        MissingCodes codes = new MissingCodes();
        codes.require(
                "payer-register",
                file.known().isPresent() && file.refereeRecord().isPresent());
        codes.requireGiven("referee", file.referee().flatMap(Referee::answer));
        return codes.told(why, DECIDED);
    }

    private Outcome onRecord(Known record) {
        if (!record.active()) {
            return registered(Result.RESTORED, Basis.FORMER_NUMBER, record.read());
        }
        why.step("denied.ALREADY_REGISTERED", Value.of(Result.DENIED), DECIDED, s -> {});
        return Outcome.of(
                file.applicant().id(),
                Result.DENIED,
                Basis.ALREADY_REGISTERED,
                Figures.NONE.with("payerNumber", Value.of(record.read())));
    }

    private Outcome registered(Result result, Basis basis, String number) {
        LocalDate issued = file.issuedOn().orElseGet(file::day);
        LocalDate bringBy = why.day(
                "bringBy",
                BusinessCalendar.rolledForward(issued.plusDays(policy.bringDays)),
                DECIDED,
                s -> s.input("days", policy.bringDays)
                        .input("issued", Value.of(issued))
                        .table(version));
        State state = state(bringBy);
        List<Value> bring = new ArrayList<>();
        bring.add(Value.of(SIGNED_FORM));
        file.identityNumbers().stream()
                .limit(policy.fewestNumbers)
                .map(IdentityNumber::kind)
                .forEach(kind -> bring.add(Value.of(kind)));
        why.step(
                "granted." + result,
                Value.of(result),
                DECIDED,
                s -> s.input("number", number).input("state", state).input("bringBy", Value.of(bringBy)));
        Figures more = Figures.builder(4)
                .add("payerNumber", number)
                .add("state", state)
                .add("bring", new Value.Row(bring))
                .add("bringBy", bringBy)
                .build();
        return Outcome.of(file.applicant().id(), result, basis, more);
    }

    private State state(LocalDate bringBy) {
        if (file.broughtOn().isPresent()) {
            return State.ACTIVE;
        }
        return file.day().isAfter(bringBy) ? State.SUSPENDED : State.PROVISIONAL;
    }

    private Outcome outcome(Result result, Basis basis) {
        return Outcome.of(file.applicant().id(), result, basis);
    }

    private Determination result(Status status, Outcome outcome, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        Figures figures = Figures.NONE.with("minor", Value.of(file.isMinor()));
        return new Determination(
                PayerRegistration.ID,
                receivedOn,
                List.of(version),
                status,
                List.of(outcome),
                file.known().isPresent() ? figures.with("duplicates", duplicates.toValue()) : figures,
                missing,
                dueBy,
                why.steps());
    }
}
