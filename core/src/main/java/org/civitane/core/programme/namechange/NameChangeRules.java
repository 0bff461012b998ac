package org.civitane.core.programme.namechange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Person;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.Claimed;
import org.civitane.core.person.Names;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.namechange.NameChangeCase.Convictions;
import org.civitane.core.programme.namechange.NameChangeCase.FullName;
import org.civitane.core.programme.namechange.NameChangeCase.Ground;
import org.civitane.core.programme.namechange.NameChangeCase.NameRegister;
import org.civitane.core.programme.namechange.NameChangeCase.Notice;
import org.civitane.core.programme.namechange.NameChangeCase.Payment;
import org.civitane.core.programme.namechange.NameChangeCase.Register;
import org.civitane.core.programme.namechange.NameChangeCase.Review;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file, step by step. */
final class NameChangeRules {
    private static final Rule INCOMPLETE = new Rule(NameChange.ID, "Incomplete");
    private static final Rule DECIDED = new Rule(NameChange.ID, "Decided");
    private static final Rule FEE = new Rule(NameChange.ID, "Fee");

    private final NameChangeCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final NameChangePolicy policy;
    private final Person bearer;
    private final List<CheckedDocument> documents;

    private enum Result {
        GRANTED,
        DENIED,
        PENDING
    }

    private enum Basis {
        APPLICATION,
        AGE,
        CONSENT,
        SAME_NAME,
        RECENT,
        RARE_NAME,
        REGISTER,
        REVIEW,
        OBJECTION,
        FEE,
        NOTICE
    }

    /** What it comes to, before the figures that hang on it. */
    private record Answer(Status status, Outcome outcome, List<String> missing) {}

    NameChangeRules(NameChangeCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(NameChangePolicy.TABLE, receivedOn);
        this.policy = NameChangePolicy.of(version);
        this.bearer = file.bearer();
        Person self = file.applicant();
        Claimed claimed = new Claimed(
                self.givenName(), self.familyName(), self.dateOfBirth(), Optional.empty(), Optional.empty());
        this.documents = file.documents().stream()
                .map(document -> CheckedDocument.of(document, claimed, receivedOn))
                .toList();
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        Optional<Money> fee = file.ground().map(this::fee);
        Answer answer = answer();
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                NameChange.ID,
                receivedOn,
                List.of(version),
                answer.status(),
                List.of(answer.outcome()),
                figures(fee),
                answer.missing(),
                dueBy,
                why.steps());
    }

    private Money fee(Ground ground) {
        return why.money(
                "fee",
                policy.fee(ground, file.officeError()),
                FEE,
                s -> s.input("ground", ground).fact("ground").table(version));
    }

    private Figures figures(Optional<Money> fee) {
        Figures figures = Figures.NONE.with(
                "documents",
                new Value.Row(documents.stream().map(NameChangeRules::toValue).toList()));
        if (fee.isEmpty()) {
            return figures;
        }
        figures = figures.with("fee", Value.of(fee.get())).with("noticeDue", Value.of(isNoticeDue()));
        return isNoticeDue() && file.notice().isPresent()
                ? figures.with(
                        "objectionsUntil",
                        Value.of(objectionsUntil(file.notice().get())))
                : figures;
    }

    private static Value toValue(CheckedDocument document) {
        return new Value.Fields(Figures.builder(3)
                .add("id", document.id())
                .add("category", document.category())
                .add(
                        "faults",
                        new Value.Row(document.faults().stream().map(Value::of).toList()))
                .build());
    }

    private Answer answer() {
        boolean ofAge =
                file.applicant().isAdultOn(receivedOn) && (file.forChild().isEmpty() || !bearer.isAdultOn(receivedOn));
        if (!why.holds("ofAge", ofAge, DECIDED, s -> s.fact("members"))) {
            return denied(Basis.AGE);
        }
        List<String> missing = Missing.of(file, documents, policy).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            return new Answer(Status.INCOMPLETE, outcome(Result.PENDING, Basis.APPLICATION), missing);
        }
        FullName newName = file.newName().orElseThrow();
        Ground ground = file.ground().orElseThrow();
        boolean rareLookedAt = isRareLookedAt(newName, ground);
        return refused(newName, ground, rareLookedAt)
                .or(() -> awaited(ground, rareLookedAt))
                .or(this::objected)
                .or(() -> unpaid(ground))
                .or(this::noticed)
                .orElseGet(() -> granted(newName, ground));
    }

    /** Steps 2 to 5. */
    private Optional<Answer> refused(FullName newName, Ground ground, boolean rareLookedAt) {
        boolean consent = Missing.signers(file, policy).stream()
                .noneMatch(signer -> file.refused().contains(signer.id()));
        if (!why.holds("consent", consent, DECIDED, s -> s.fact("refused"))) {
            return Optional.of(denied(Basis.CONSENT));
        }
        if (!why.holds("changes", changes(newName, ground), DECIDED, s -> s.fact("newName"))) {
            return Optional.of(denied(Basis.SAME_NAME));
        }
        LocalDate earliest = receivedOn.minusMonths(policy.recentMonths);
        boolean recent = ground == Ground.PREFERENCE
                && file.earlierChanges().orElse(List.of()).stream().anyMatch(on -> !on.isBefore(earliest));
        if (recent) {
            why.step(
                    "recent",
                    Value.of(earliest),
                    DECIDED,
                    s -> s.fact("earlierChanges").table(version));
            return Optional.of(denied(Basis.RECENT));
        }
        boolean refusedName = rareLookedAt
                && bearers().filter(this::isRare).isPresent()
                && file.nameRegister().flatMap(NameRegister::refused).orElse(0) > 0;
        return refusedName ? Optional.of(denied(Basis.RARE_NAME)) : Optional.empty();
    }

    private boolean changes(FullName newName, Ground ground) {
        boolean equal = Tidied.of(newName.givenName()).equals(Tidied.of(bearer.givenName()))
                && Tidied.of(newName.familyName()).equals(Tidied.of(bearer.familyName()));
        boolean match = Names.compare(newName.full(), bearer.name().full()) == Names.Verdict.MATCH;
        return !equal && (ground == Ground.CORRECTION || !match);
    }

    private boolean isRareLookedAt(FullName newName, Ground ground) {
        boolean byChoice = ground == Ground.PREFERENCE || ground == Ground.GENDER;
        boolean match = Names.compare(newName.familyName(), bearer.familyName()) == Names.Verdict.MATCH;
        boolean equal = Tidied.of(newName.familyName()).equals(Tidied.of(bearer.familyName()));
        return byChoice && !match && !equal;
    }

    /** How many bear the name, where the register has answered. */
    private Optional<Integer> bearers() {
        return file.nameRegister().filter(each -> !each.unavailable()).flatMap(NameRegister::bearers);
    }

    private boolean isRare(int bearers) {
        return bearers >= 1 && bearers <= policy.rareUpTo;
    }

    /** Step 6: whom it still waits for. */
    private Optional<Answer> awaited(Ground ground, boolean rareLookedAt) {
        MissingCodes codes = new MissingCodes();
        codes.require("name-register", !rareLookedAt || bearers().isPresent());
        codes.require("rare-name", !rareLookedAt || !isAskedStill());
        codes.require(
                "change-register",
                ground != Ground.PREFERENCE || file.earlierChanges().isPresent());
        codes.require(
                "police-register",
                file.convictions()
                        .filter(each -> each != Convictions.UNAVAILABLE)
                        .isPresent());
        codes.require(
                "police-review",
                file.convictions()
                        .filter(each -> each == Convictions.POSSIBLE_MATCH)
                        .isEmpty());
        codes.requireGiven("debt-register", file.openDebts());
        List<String> missing = codes.told(why, DECIDED);
        return missing.isEmpty()
                ? Optional.empty()
                : Optional.of(new Answer(Status.HOLD, outcome(Result.PENDING, Basis.REGISTER), missing));
    }

    /** Whether some who bear a rare name have not agreed, and still can; later, silence is consent. */
    private boolean isAskedStill() {
        Optional<Integer> bearers = bearers().filter(this::isRare);
        if (bearers.isEmpty()) {
            return false;
        }
        NameRegister register = file.nameRegister().orElseThrow();
        boolean all = register.consented().orElse(0) >= bearers.get();
        boolean over = register.askedOn()
                .filter(on -> file.day().isAfter(BusinessCalendar.plusBusinessDays(on, policy.consentDays)))
                .isPresent();
        return !all && !over;
    }

    /** Step 7. */
    private Optional<Answer> objected() {
        boolean entries =
                file.convictions().filter(each -> each == Convictions.ENTRIES).isPresent();
        boolean debts = file.openDebts().filter(Money::isPositive).isPresent();
        return entries || debts ? reviewed(file.review()) : Optional.empty();
    }

    private Optional<Answer> reviewed(Optional<Review> review) {
        if (review.isEmpty()) {
            return Optional.of(hold(Basis.REVIEW, "objection-review"));
        }
        boolean stands = review.get() == Review.STANDS;
        return why.holds("noObjection", !stands, DECIDED, s -> s.fact("review"))
                ? Optional.empty()
                : Optional.of(denied(Basis.OBJECTION));
    }

    /** Step 8: looked at this late so that nobody pays for what will be denied. */
    private Optional<Answer> unpaid(Ground ground) {
        boolean owed = policy.fee(ground, file.officeError()).isPositive()
                && file.payment().filter(Payment::paid).isEmpty();
        if (!owed) {
            return Optional.empty();
        }
        MissingCodes codes = new MissingCodes();
        codes.require("payment", false);
        return Optional.of(new Answer(Status.INCOMPLETE, outcome(Result.PENDING, Basis.FEE), codes.told(why, DECIDED)));
    }

    private boolean isNoticeDue() {
        return file.ground().filter(ground -> ground != Ground.GENDER).isPresent() && !file.isProtected();
    }

    private LocalDate objectionsUntil(Notice notice) {
        return BusinessCalendar.rolledForward(notice.publishedOn().plusDays(policy.noticeDays));
    }

    /** Step 9. */
    private Optional<Answer> noticed() {
        if (!isNoticeDue()) {
            return Optional.empty();
        }
        Optional<Notice> over = file.notice().filter(notice -> file.day().isAfter(objectionsUntil(notice)));
        if (over.isEmpty()) {
            return Optional.of(hold(Basis.NOTICE, "notice"));
        }
        why.day(
                "objectionsUntil",
                objectionsUntil(over.get()),
                DECIDED,
                s -> s.input("publishedOn", Value.of(over.get().publishedOn()))
                        .input("days", policy.noticeDays)
                        .table(version));
        return over.get().objections() > 0 ? reviewed(over.get().review()) : Optional.empty();
    }

    private Answer granted(FullName newName, Ground ground) {
        String given = Tidied.of(newName.givenName()).text();
        String family = Tidied.of(newName.familyName()).text();
        LocalDate from = file.day().plusDays(1);
        why.step(
                "granted",
                Value.of(Result.GRANTED),
                DECIDED,
                s -> s.input("name", given + " " + family).input("from", Value.of(from)));
        Figures.Builder more = Figures.builder(5)
                .add(
                        "name",
                        new Value.Fields(Figures.builder(2)
                                .add("givenName", given)
                                .add("familyName", family)
                                .build()))
                .add("fee", policy.fee(ground, file.officeError()));
        if (isNoticeDue()) {
            more.add("publishedOn", file.notice().orElseThrow().publishedOn());
        }
        List<Value> notices = new ArrayList<>();
        for (Register register : Register.values()) {
            if (file.told().contains(register)) {
                notices.add(Value.of(register));
            }
        }
        more.add("effectiveFrom", from).add("notices", new Value.Row(notices));
        return new Answer(Status.DETERMINED, Outcome.of(bearer.id(), Result.GRANTED, ground, more.build()), List.of());
    }

    private Answer hold(Basis basis, String code) {
        MissingCodes codes = new MissingCodes();
        codes.require(code, false);
        return new Answer(Status.HOLD, outcome(Result.PENDING, basis), codes.told(why, DECIDED));
    }

    private Answer denied(Basis basis) {
        why.step("denied." + basis, Value.of(Result.DENIED), DECIDED, s -> {});
        return new Answer(Status.DETERMINED, outcome(Result.DENIED, basis), List.of());
    }

    private Outcome outcome(Result result, Basis basis) {
        return Outcome.of(bearer.id(), result, basis);
    }
}
