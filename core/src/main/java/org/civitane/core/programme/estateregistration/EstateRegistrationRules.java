package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Person;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.CivilRegister;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Deceased;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Family;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Will;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, who waits for what, who may act, who inherits. */
final class EstateRegistrationRules {
    private static final Rule COMPUTED = new Rule(EstateRegistration.ID, "Computed");
    private static final Rule INCOMPLETE = new Rule(EstateRegistration.ID, "Incomplete");
    private static final Rule DECIDED = new Rule(EstateRegistration.ID, "Decided");
    private static final String SUBJECT = "estate";

    private final EstateRegistrationCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final EstateRegistrationPolicy policy;

    private enum Result {
        LETTER_OF_AUTHORITY,
        EXECUTOR_APPOINTED,
        PENDING
    }

    private enum Basis {
        PAPERS,
        REGISTER,
        REGISTER_ALIVE,
        REGISTER_UNKNOWN,
        REGISTER_DATE,
        WILL_FORM,
        UNBORN,
        WILL,
        KIN
    }

    /** What is waited for. */
    private record Wait(String code, Basis basis) {}

    EstateRegistrationRules(EstateRegistrationCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(EstateRegistrationPolicy.TABLE, receivedOn);
        this.policy = EstateRegistrationPolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        Optional<LocalDate> reportBy = file.deceased().map(this::reportBy);
        Figures figures = reportBy.map(day -> Figures.NONE.with("reportBy", Value.of(day)))
                .orElse(Figures.NONE);
        MissingCodes codes = new MissingCodes();
        Missing.lookAtFields(file, reportBy, codes);
        if (!Missing.isEnough(codes)) {
            return result(Status.INCOMPLETE, pending(Basis.PAPERS), figures, codes.told(why, INCOMPLETE));
        }
        Estate estate = Estate.of(file, version, why);
        Papers papers = new Papers(file, estate);
        figures = estate.after(figures).with("papers", papers.toValue());
        Missing.lookAtPapers(file, estate, papers, policy, codes);
        List<String> missing = codes.told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            return result(Status.INCOMPLETE, pending(Basis.PAPERS), figures, missing);
        }
        Optional<Wait> wait = waitsFor();
        return wait.isPresent()
                ? result(Status.HOLD, pending(wait.get().basis()), figures, told(wait.get()))
                : result(Status.DETERMINED, registered(estate), figures, missing);
    }

    private LocalDate reportBy(Deceased deceased) {
        return why.day(
                "reportBy",
                BusinessCalendar.rolledForward(deceased.diedOn().plusDays(policy.reportDays)),
                COMPUTED,
                s -> s.input("diedOn", Value.of(deceased.diedOn()))
                        .input("days", policy.reportDays)
                        .fact("deceased", "diedOn")
                        .table(version));
    }

    private Optional<Wait> waitsFor() {
        Deceased deceased = file.deceased().orElseThrow();
        Optional<Wait> register = file.register()
                .map(each -> disagreement(each, deceased))
                .orElse(Optional.of(new Wait("civil-register", Basis.REGISTER)));
        if (register.isPresent()) {
            return register;
        }
        boolean doubtful = file.will()
                .filter(will -> will.ruling().isEmpty() && !isWellFormed(will, deceased))
                .isPresent();
        if (doubtful) {
            return Optional.of(new Wait("court", Basis.WILL_FORM));
        }
        boolean unborn =
                file.withoutWill() && file.family().filter(Family::expecting).isPresent();
        return unborn ? Optional.of(new Wait("birth", Basis.UNBORN)) : Optional.empty();
    }

    private static Optional<Wait> disagreement(CivilRegister register, Deceased deceased) {
        return switch (register.state()) {
            case UNAVAILABLE -> Optional.of(new Wait("civil-register", Basis.REGISTER));
            case ALIVE -> Optional.of(new Wait("register-review", Basis.REGISTER_ALIVE));
            case NOT_FOUND -> Optional.of(new Wait("register-review", Basis.REGISTER_UNKNOWN));
            case DECEASED ->
                register.diedOn()
                        .filter(day -> !day.equals(deceased.diedOn()))
                        .map(day -> new Wait("register-review", Basis.REGISTER_DATE));
        };
    }

    /** Whether it has enough witnesses, and was signed by someone of age who was alive. */
    private boolean isWellFormed(Will will, Deceased deceased) {
        LocalDate ofAge = Member.birthday(deceased.dateOfBirth(), policy.willAge);
        return will.witnesses() >= policy.fewestWitnesses
                && !will.signedOn().isAfter(deceased.diedOn())
                && !will.signedOn().isBefore(ofAge);
    }

    private List<String> told(Wait wait) {
        MissingCodes codes = new MissingCodes();
        codes.require(wait.code(), false);
        return codes.told(why, DECIDED);
    }

    private Outcome registered(Estate estate) {
        boolean small = estate.net().within(policy.smallEstate);
        Result result = small ? Result.LETTER_OF_AUTHORITY : Result.EXECUTOR_APPOINTED;
        Person to = file.executorMember().orElseGet(file::reporter);
        why.step(
                "granted." + result,
                Value.of(result),
                DECIDED,
                s -> s.input("net", estate.net())
                        .input("small", policy.smallEstate)
                        .input("to", to.name().full())
                        .table(version));
        Figures more = Figures.NONE.with("to", Value.of(to.id()));
        if (file.withWill()) {
            return Outcome.of(SUBJECT, result, Basis.WILL, more);
        }
        Value shares = new Value.Row(
                estate.heirs().stream().map(heir -> heir.toValue(receivedOn)).toList());
        return Outcome.of(SUBJECT, result, Basis.KIN, more.with("shares", shares));
    }

    private Outcome pending(Basis basis) {
        return Outcome.of(SUBJECT, Result.PENDING, basis);
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                EstateRegistration.ID,
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
