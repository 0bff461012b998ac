package org.civitane.core.programme.legalhelp;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.policy.SubsistenceLine;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Limit;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.legalhelp.LegalHelpCase.ConflictReview;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Contact;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Problem;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: is it urgent, may we act, is it ours, can they afford it. */
final class LegalHelpRules {
    private static final Rule URGENT = new Rule(LegalHelp.ID, "Urgent");
    private static final Rule INCOMPLETE = new Rule(LegalHelp.ID, "Incomplete");
    private static final Rule DECIDED = new Rule(LegalHelp.ID, "Decided");
    private static final Rule YIELDS = new Rule(LegalHelp.ID, "Yields");

    private final LegalHelpCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion lineVersion;
    private final PolicyVersion version;
    private final LegalHelpPolicy policy;

    private enum Result {
        CALL_NOW,
        REFERRED,
        PROVISIONAL,
        DENIED,
        PENDING
    }

    private enum Basis {
        INTAKE,
        OFFICE,
        URGENT,
        SCOPE,
        CONFLICT,
        MEANS,
        ASSETS
    }

    LegalHelpRules(LegalHelpCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.lineVersion = book.inForce(SubsistenceLine.TABLE, receivedOn);
        this.version = book.inForce(LegalHelpPolicy.TABLE, receivedOn);
        this.policy = LegalHelpPolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        if (file.screens().isEmpty()) {
            return result(
                    Status.INCOMPLETE, outcome(Result.PENDING, Basis.INTAKE), Figures.NONE, told("screens"), usual());
        }
        Urgency urgency = urgency();
        if (file.conflictReview()
                .filter(each -> each == ConflictReview.CONFIRMED)
                .isPresent()) {
            return result(
                    Status.REFERRED,
                    because(Result.REFERRED, Basis.OFFICE),
                    urgency.figures(),
                    List.of(),
                    urgency.isUrgent() ? receivedOn : usual());
        }
        return urgency.isUrgent() ? callNow(urgency) : notUrgent(urgency.figures());
    }

    private Urgency urgency() {
        LocalDate last = receivedOn.plusDays(policy.urgentDays);
        Urgency urgency =
                Urgency.of(file.screens().orElseThrow(), file.receivedAt().toLocalDate(), last);
        urgency.urgentFor()
                .forEach(reason -> why.step(
                        "urgent." + reason,
                        Value.of(reason),
                        URGENT,
                        s -> s.input("last", Value.of(last)).fact("screens").table(version)));
        return urgency;
    }

    private Determination callNow(Urgency urgency) {
        List<String> missing = Conflict.isUnreviewed(file) ? told("conflict-review") : List.of();
        return result(Status.REFERRED, because(Result.CALL_NOW, Basis.URGENT), urgency.figures(), missing, receivedOn);
    }

    private Determination notUrgent(Figures figures) {
        boolean others = file.problem().filter(each -> each == Problem.OTHER).isPresent()
                || file.district().filter(each -> !each.isServed()).isPresent();
        if (others) {
            return result(Status.REFERRED, because(Result.REFERRED, Basis.SCOPE), figures, List.of(), usual());
        }
        if (Conflict.isUnreviewed(file)) {
            return result(
                    Status.HOLD, outcome(Result.PENDING, Basis.CONFLICT), figures, told("conflict-review"), usual());
        }
        Means silent = Means.of(file, lineVersion, version, Reasoning.silent());
        List<String> missing = Missing.of(file, silent).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            return result(Status.INCOMPLETE, outcome(Result.PENDING, Basis.INTAKE), figures, missing, usual());
        }
        if (file.knownParties().isEmpty() && file.conflictReview().isEmpty()) {
            return result(
                    Status.HOLD, outcome(Result.PENDING, Basis.CONFLICT), figures, told("conflict-check"), usual());
        }
        Means means = Means.of(file, lineVersion, version, why);
        return result(Status.DETERMINED, byMeans(means), means.after(figures), List.of(), usual());
    }

    private Outcome byMeans(Means means) {
        boolean within = why.holds(
                "withinMeans",
                means.isWithin(),
                DECIDED,
                s -> s.input("annual", means.annual())
                        .input("limit", means.limit())
                        .input("upperLimit", means.upperLimit())
                        .input("afterExpenses", means.afterExpenses()));
        if (!within) {
            return because(Result.DENIED, Basis.MEANS);
        }
        if (!Limit.within("withinAssets", means.assets(), means.assetLimit(), DECIDED, why)) {
            return because(Result.DENIED, Basis.ASSETS);
        }
        return provisional();
    }

    private Outcome provisional() {
        LocalDate callBy = why.day(
                "callBy",
                BusinessCalendar.plusBusinessDays(file.day(), policy.callDays),
                YIELDS,
                s -> s.input("days", policy.callDays).table(version));
        int place = placeOfContact();
        Contact contact = file.contact().get(place - 1);
        Figures.Builder more = Figures.builder(5)
                .add("callBy", callBy)
                .add("contact", place)
                .add("channel", contact.channel())
                .add("mayText", contact.channel() == Contact.Channel.PHONE && contact.safeToText());
        contact.bestTime().ifPresent(time -> more.add("bestTime", time));
        why.step(
                "provisional",
                Value.of(Result.PROVISIONAL),
                DECIDED,
                s -> s.input("contact", place).fact("contact"));
        return Outcome.of(file.applicant().id(), Result.PROVISIONAL, Basis.MEANS, more.build());
    }

    /** The place, from 1, of the first usable phone, else of the first usable contact. */
    private int placeOfContact() {
        List<Contact> contacts = file.contact();
        return IntStream.range(0, contacts.size())
                        .filter(i -> contacts.get(i).isUsable())
                        .filter(i -> contacts.get(i).channel() == Contact.Channel.PHONE)
                        .findFirst()
                        .orElseGet(() -> IntStream.range(0, contacts.size())
                                .filter(i -> contacts.get(i).isUsable())
                                .findFirst()
                                .orElseThrow())
                + 1;
    }

    private List<String> told(String code) {
        MissingCodes codes = new MissingCodes();
        codes.require(code, false);
        return codes.told(why, DECIDED);
    }

    private Outcome because(Result result, Basis basis) {
        why.step(result + "." + basis, Value.of(result), DECIDED, s -> {});
        return outcome(result, basis);
    }

    private Outcome outcome(Result result, Basis basis) {
        return Outcome.of(file.applicant().id(), result, basis);
    }

    private LocalDate usual() {
        return BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
    }

    private Determination result(
            Status status, Outcome outcome, Figures figures, List<String> missing, LocalDate dueBy) {
        why.day("dueBy", dueBy, YIELDS, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                LegalHelp.ID,
                receivedOn,
                List.of(lineVersion, version),
                status,
                List.of(outcome),
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
