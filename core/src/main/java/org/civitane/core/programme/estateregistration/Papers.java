package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Person;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.Claimed;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.person.Names;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Deceased;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Role;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/** Which papers a case needs, and what is wrong with those handed in (chapter, Papers). */
final class Papers {
    private static final String NOT_PHOTO = "NOT_PHOTO";

    private final EstateRegistrationCase file;
    private final Deceased deceased;
    private final Estate estate;
    private final List<Needed> needed = new ArrayList<>();

    private enum State {
        GIVEN,
        FAULTY,
        MISSING
    }

    /** One that a case needs. @param document the first without a fault */
    private record Needed(EstatePaper.Kind paper, State state, Optional<String> document) {}

    Papers(EstateRegistrationCase file, Estate estate) {
        this.file = file;
        this.deceased = file.deceased().orElseThrow();
        this.estate = estate;
        for (EstatePaper.Kind paper : EstatePaper.Kind.values()) {
            if (isNeeded(paper)) {
                needed.add(lookFor(paper));
            }
        }
    }

    private boolean isNeeded(EstatePaper.Kind paper) {
        return switch (paper) {
            case DEATH_CERTIFICATE, REPORTER_IDENTITY -> true;
            case WILL -> file.withWill();
            case KIN_STATEMENT -> file.withoutWill();
            case MARRIAGE_CERTIFICATE ->
                file.role().filter(role -> role == Role.SPOUSE).isPresent()
                        || estate.heirs().stream().anyMatch(heir -> heir.heir().equals("spouse"));
            case GUARDIAN_STATEMENT ->
                estate.heirs().stream()
                        .anyMatch(heir -> heir.isMinor(file.receivedOn())
                                && (heir.amount().isPositive() || estate.isOverIndebted()));
            case INVENTORY ->
                !file.assets().orElse(List.of()).isEmpty()
                        || !file.debts().orElse(List.of()).isEmpty();
            case EXECUTOR_IDENTITY ->
                file.executorMember()
                        .filter(each -> !each.equals(file.reporter()))
                        .isPresent();
            case EXECUTOR_ACCEPTANCE -> file.executorMember().isPresent();
        };
    }

    private Needed lookFor(EstatePaper.Kind paper) {
        List<EstatePaper> given = file.documents().stream()
                .filter(document -> document.paper() == paper)
                .toList();
        Optional<String> right = given.stream()
                .filter(document -> faults(document).isEmpty())
                .map(EstatePaper::id)
                .findFirst();
        State state = right.isPresent() ? State.GIVEN : given.isEmpty() ? State.MISSING : State.FAULTY;
        return new Needed(paper, state, right);
    }

    /** Adds what is missing, and every fault of every document of a paper of which none is right. */
    void addTo(MissingCodes codes) {
        for (Needed each : needed) {
            codes.require("paper:" + each.paper(), each.state() != State.MISSING);
            if (each.state() == State.FAULTY) {
                file.documents().stream()
                        .filter(document -> document.paper() == each.paper())
                        .forEach(document -> faults(document)
                                .forEach(fault -> codes.require("paper-fault:" + document.id() + ":" + fault, false)));
            }
        }
    }

    Value toValue() {
        return new Value.Row(needed.stream()
                .map(each -> {
                    Figures.Builder paper =
                            Figures.builder(3).add("paper", each.paper()).add("state", each.state());
                    each.document().ifPresent(document -> paper.add("document", document));
                    return (Value) new Value.Fields(paper.build());
                })
                .toList());
    }

    private List<String> faults(EstatePaper document) {
        return document.paper().isOfIdentity() ? identityFaults(document) : otherFaults(document);
    }

    private List<String> identityFaults(EstatePaper document) {
        Person member = document.paper() == EstatePaper.Kind.REPORTER_IDENTITY
                ? file.reporter()
                : file.executorMember().orElseThrow();
        Claimed claimed = new Claimed(
                member.givenName(), member.familyName(), member.dateOfBirth(), Optional.empty(), Optional.empty());
        CheckedDocument checked = CheckedDocument.of(document.asIdentity(), claimed, file.receivedOn());
        List<String> faults = new ArrayList<>();
        checked.faults().forEach(fault -> faults.add(fault.name()));
        if (checked.category() == DocumentCategory.SECOND) {
            faults.add(NOT_PHOTO);
        }
        return faults;
    }

    private List<String> otherFaults(EstatePaper document) {
        List<String> faults = new ArrayList<>();
        if (!document.isReadable()) {
            faults.add("UNREADABLE");
        }
        if (nameOn(document.paper())
                .filter(name -> isSomebodyElse(document.name().orElseThrow(), name))
                .isPresent()) {
            faults.add("NAME");
        }
        if (document.paper().isDated()
                && document.issuedOn().filter(this::isBetween).isEmpty()) {
            faults.add("DATE");
        }
        return faults;
    }

    /** Whose name a paper has to bear; nobody's in particular for some. */
    private Optional<String> nameOn(EstatePaper.Kind paper) {
        return switch (paper) {
            case DEATH_CERTIFICATE, WILL -> Optional.of(deceased.name());
            case EXECUTOR_ACCEPTANCE ->
                file.executorMember().map(member -> member.name().full());
            case REPORTER_IDENTITY,
                    KIN_STATEMENT,
                    MARRIAGE_CERTIFICATE,
                    GUARDIAN_STATEMENT,
                    INVENTORY,
                    EXECUTOR_IDENTITY -> Optional.empty();
        };
    }

    private static boolean isSomebodyElse(String on, String name) {
        Names.Verdict verdict = Names.compare(on, name);
        return verdict == Names.Verdict.CONFLICT || verdict == Names.Verdict.ABSENT;
    }

    private boolean isBetween(LocalDate issuedOn) {
        return !issuedOn.isBefore(deceased.diedOn()) && !issuedOn.isAfter(file.receivedOn());
    }
}
