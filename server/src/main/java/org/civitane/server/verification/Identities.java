package org.civitane.server.verification;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Member;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.Claimed;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.RegisterAnswer;
import org.civitane.core.identity.Verdicts;
import org.civitane.core.person.Address;
import org.civitane.core.person.Names;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.contact.Contact;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import tools.jackson.databind.JsonNode;

/** Checks who an applicant is, on what they said, what the civil register has and what their papers show. */
final class Identities {
    private final Texts texts;
    private final Member member;
    private final Contact contact;
    private final Optional<RegisterRequest> request;
    private final List<SeenPapers.Document> documents;
    private final Optional<Boolean> filedByClaimant;
    private final LocalDate on;

    Identities(
            Member member,
            Contact contact,
            Optional<RegisterRequest> request,
            List<SeenPapers.Document> documents,
            Optional<Boolean> filedByClaimant,
            LocalDate on,
            Texts texts) {
        this.member = member;
        this.contact = contact;
        this.request = request;
        this.documents = documents;
        this.filedByClaimant = filedByClaimant;
        this.on = on;
        this.texts = texts;
    }

    IdentityReview review() {
        Claimed claimed = claimed();
        RegisterAnswer answer = answer();
        IdentityCheck.Outcome outcome = new IdentityCheck(
                        claimed,
                        answer,
                        documents.stream().map(SeenPapers.Document::document).toList(),
                        filedByClaimant,
                        on)
                .outcome();
        boolean awaited = request.filter(RegisterRequest::isAwaited).isPresent();
        return new IdentityReview(
                member.id(),
                member.name().full(),
                on,
                outcome.result(),
                outcome.basis(),
                attributes(claimed, answer, outcome.verdicts()),
                checked(outcome.documents()),
                outcome.needs().stream()
                        .map(need -> Phrase.of("identity.need." + need))
                        .toList(),
                awaited,
                filedByClaimant,
                Phrase.of("identity." + outcome.result()
                        + outcome.basis().map(basis -> "." + basis).orElse("")));
    }

    Claimed claimed() {
        Optional<Address> address = contact.hasAddress()
                ? Optional.of(new Address(contact.street(), contact.houseNumber(), contact.postCode()))
                : Optional.empty();
        Optional<String> number =
                contact.personNumber().isEmpty() ? Optional.empty() : Optional.of(contact.personNumber());
        return new Claimed(member.givenName(), member.familyName(), member.dateOfBirth(), number, address);
    }

    RegisterAnswer answer() {
        return request.map(asked -> asked.answer().map(Identities::entry).orElseGet(RegisterAnswer.Unavailable::new))
                .orElseGet(RegisterAnswer.Nobody::new);
    }

    private static RegisterAnswer entry(JsonNode answer) {
        if (!answer.path("known").asBoolean(false)) {
            return new RegisterAnswer.Nobody();
        }
        JsonNode address = answer.path("address");
        return new RegisterAnswer.Entry(
                answer.path("givenName").asString(""),
                answer.path("familyName").asString(""),
                answer.path("previousNames")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList(),
                LocalDate.parse(answer.path("dateOfBirth").asString()),
                text(answer, "personNumber"),
                address.isObject()
                        ? Optional.of(new Address(
                                address.path("street").asString(""),
                                address.path("houseNumber").asString(""),
                                address.path("postCode").asString("")))
                        : Optional.empty(),
                text(answer, "deceasedOn").map(LocalDate::parse));
    }

    private List<IdentityReview.Attribute> attributes(Claimed claimed, RegisterAnswer answer, Verdicts verdicts) {
        Optional<RegisterAnswer.Entry> entry = answer.entry();
        List<IdentityReview.Attribute> rows = new ArrayList<>();
        rows.add(row(
                IdentityReview.Kind.NAME,
                member.name().full(),
                entry.map(each -> each.givenName() + " " + each.familyName()),
                verdicts.name(),
                entry.map(each -> whatOfName(each, verdicts.name())).orElse("")));
        entry.map(RegisterAnswer.Entry::previousNames)
                .filter(names -> !names.isEmpty())
                .ifPresent(names -> rows.add(row(
                        IdentityReview.Kind.FORMER_NAMES,
                        "",
                        Optional.of(String.join(", ", names)),
                        Verdicts.Verdict.ABSENT,
                        "")));
        rows.add(row(
                IdentityReview.Kind.DATE_OF_BIRTH,
                day(member.dateOfBirth()),
                entry.map(each -> day(each.dateOfBirth())),
                verdicts.dateOfBirth(),
                entry.map(each -> whatOfBirth(each.dateOfBirth(), verdicts.dateOfBirth()))
                        .orElse("")));
        rows.add(row(
                IdentityReview.Kind.PERSON_NUMBER,
                claimed.personNumber().map(Identities::spaced).orElse(""),
                entry.flatMap(RegisterAnswer.Entry::personNumber).map(Identities::spaced),
                verdicts.personNumber(),
                verdicts.personNumber() == Verdicts.Verdict.INVALID ? texts.say("identity.what.number") : ""));
        rows.add(row(
                IdentityReview.Kind.ADDRESS,
                claimed.address().map(Identities::words).orElse(""),
                entry.flatMap(RegisterAnswer.Entry::address).map(Identities::words),
                verdicts.address(),
                ""));
        entry.flatMap(RegisterAnswer.Entry::deceasedOn)
                .ifPresent(day -> rows.add(row(
                        IdentityReview.Kind.DECEASED_ON,
                        "",
                        Optional.of(day(day)),
                        Verdicts.Verdict.CONFLICT,
                        texts.say("identity.what.deceased"))));
        return rows;
    }

    private IdentityReview.Attribute row(
            IdentityReview.Kind kind,
            String claimed,
            Optional<String> onRecord,
            Verdicts.Verdict verdict,
            String what) {
        return new IdentityReview.Attribute(
                kind, texts.say("identity.attribute." + kind), claimed, onRecord.orElse(""), verdict, what);
    }

    private String whatOfName(RegisterAnswer.Entry entry, Verdicts.Verdict verdict) {
        if (verdict != Verdicts.Verdict.NEAR) {
            return "";
        }
        return entry.previousNames().stream()
                .filter(former -> Names.compare(former, member.name().full()) == Names.Verdict.MATCH)
                .findFirst()
                .map(former -> texts.say("identity.what.former", former))
                .orElseGet(() -> texts.say("identity.what.spelling"));
    }

    private String whatOfBirth(LocalDate registered, Verdicts.Verdict verdict) {
        if (verdict != Verdicts.Verdict.NEAR) {
            return "";
        }
        boolean swapped = registered.getMonthValue() == member.dateOfBirth().getDayOfMonth()
                && registered.getDayOfMonth() == member.dateOfBirth().getMonthValue();
        return texts.say(swapped ? "identity.what.swapped" : "identity.what.digit");
    }

    private List<IdentityReview.Document> checked(List<CheckedDocument> checked) {
        List<IdentityReview.Document> rows = new ArrayList<>();
        for (int i = 0; i < checked.size(); i++) {
            CheckedDocument each = checked.get(i);
            SeenPapers.Document seen = documents.get(i);
            rows.add(new IdentityReview.Document(
                    seen.source(),
                    seen.name(),
                    each.category(),
                    each.faults(),
                    each.faults().stream()
                            .map(fault -> texts.say("identity.fault." + fault))
                            .toList()));
        }
        return rows;
    }

    private static Optional<String> text(JsonNode node, String field) {
        return Optional.of(node.path(field).asString("")).filter(text -> !text.isEmpty());
    }

    private static String words(Address address) {
        return address.street() + " " + address.houseNumber() + ", " + address.postCode();
    }

    /** A number as people read it; one that cannot be right as it was given. */
    private static String spaced(String number) {
        return PersonNumber.isValid(number) ? new PersonNumber(number).shown() : number;
    }

    private static String day(LocalDate day) {
        return DayText.date(day);
    }
}
