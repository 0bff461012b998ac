package org.civitane.server.verification;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.settlements.Settlement;
import org.civitane.server.settlements.View;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;

/** The facts of one edition, in the order in which the programme's form asks for them. */
final class FactRows {
    private final ClaimView claim;
    private final JsonNode file;
    private final Map<FactPath, Settlement> settled;
    private final BenefitRecord benefits;
    private final OtherViews others;
    private final Texts texts;
    private final Wording wording;
    private final List<Question> questions;

    FactRows(
            ClaimView claim,
            JsonNode file,
            Map<FactPath, Settlement> settled,
            BenefitRecord benefits,
            Verification.Review review,
            Texts texts) {
        this.claim = claim;
        this.file = file;
        this.settled = settled;
        this.benefits = benefits;
        this.texts = texts;
        Map<String, String> names = file.path("members")
                .valueStream()
                .collect(Collectors.toMap(
                        member -> member.path("id").asString(),
                        member -> member.path("givenName").asString()));
        this.wording = Claims.programmeOf(claim).wording(Locale.ENGLISH).naming(names);
        this.others = new OtherViews(review, file, wording, texts);
        this.questions = Claims.programmeOf(claim).form().stream()
                .map(OnlineForm::chapters)
                .flatMap(List::stream)
                .map(Chapter::questions)
                .flatMap(List::stream)
                .toList();
    }

    List<FactGroup> groups() {
        List<FactGroup> groups = new ArrayList<>();
        file.path("members").valueStream().forEach(member -> groups.add(person(member)));
        groups.add(household());
        return groups;
    }

    private FactGroup person(JsonNode member) {
        String id = member.path("id").asString();
        List<Fact> facts = new ArrayList<>();
        FactPath self = FactPath.of("members", id);
        Fact born =
                said(below(self, "dateOfBirth"), texts.say("fact.born"), member.path("dateOfBirth"), Fact.Kind.DATE);
        facts.add(others.ofBirth(id, born));
        for (Question question : questions) {
            switch (question.widget()) {
                case PEOPLE, EACH_PERSON -> question.parts().forEach(part -> addGiven(facts, self, member, part));
                case INCOMES -> addIncomes(facts, id);
                default -> {}
            }
        }
        return new FactGroup(name(member), subtitle(member), facts);
    }

    private FactGroup household() {
        List<Fact> facts = new ArrayList<>();
        for (Question question : questions) {
            switch (question.widget()) {
                case PEOPLE, EACH_PERSON, INCOMES, STATISTICS -> {}
                case RESOURCES, EXPENSES -> facts.addAll(lines(question.path()));
                case GROUP -> facts.add(linkedBenefit(file.path(question.path())));
                default -> addGiven(facts, FactPath.of(""), file, question);
            }
        }
        String signed = file.path("signatures")
                .valueStream()
                .map(signature -> signature.path("name").asString())
                .collect(Collectors.joining(", "));
        facts.add(plain("signatures", texts.say("fact.signed"), signed.isEmpty() ? texts.say("fact.nobody") : signed));
        JsonNode number = file.path("signerNumber");
        if (number.isObject()) {
            String words = number.path("none").asBoolean(false)
                    ? texts.say("fact.no-number")
                    : "… " + number.path("last4").asString("");
            facts.add(plain("signerNumber", texts.say("fact.signer-number"), words));
        }
        return new FactGroup(
                texts.say("fact.household"),
                texts.say("fact.people", file.path("members").size()),
                facts);
    }

    /** What was asked and answered; what was not answered is no fact. */
    private void addGiven(List<Fact> facts, FactPath within, JsonNode record, Question question) {
        JsonNode value = record.path(question.path());
        if (value.isMissingNode()) {
            return;
        }
        FactPath path = below(within, question.path());
        if (value.isObject()) {
            question.parts().forEach(part -> addGiven(facts, path, value, part));
        } else if (value.isArray()) {
            facts.add(plain(path.path(), label(question.path()), FactSheet.words(value, wording)));
        } else {
            facts.add(said(path, label(question.path()), value, kind(question.widget())));
        }
    }

    private void addIncomes(List<Fact> facts, String id) {
        file.path("incomes")
                .valueStream()
                .filter(line -> line.path("member").asString().equals(id))
                .forEach(line -> facts.add(others.ofLine(line.path("id").asString(), income(line))));
        others.undisclosed(id).forEach(source -> facts.add(undisclosed(id, source)));
        boolean declared = file.path("noIncomeDeclared")
                .valueStream()
                .anyMatch(each -> each.asString().equals(id));
        if (declared) {
            facts.add(plain("members/" + id + "/incomes", texts.say("fact.income"), texts.say("fact.no-income")));
        }
    }

    private Fact income(JsonNode line) {
        String frequency = wording.shown(line.path("frequency").asString());
        String kind = capital(wording.shown(line.path("kind").asString()));
        String employer = line.path("employer").asString("");
        FactPath path = FactPath.of("incomes", line.path("id").asString(), "amount");
        Fact fact =
                said(path, employer.isEmpty() ? kind : kind + ", " + employer, line.path("amount"), Fact.Kind.AMOUNT);
        Optional<Fact.Shown> said = fact.said()
                .map(shown -> Fact.Shown.of(shown.text() + " " + frequency, shown.value(), Optional.empty()));
        boolean ownFrequency = Optional.ofNullable(settled.get(path))
                .filter(settlement -> settlement.value().isObject())
                .isPresent();
        Optional<Fact.Settled> settledWith = fact.settled()
                .map(s -> new Fact.Settled(
                        ownFrequency ? s.text() : s.text() + " " + frequency,
                        s.view(),
                        s.by(),
                        s.reason(),
                        s.when(),
                        s.unasked()));
        return fact(path, fact.label(), said, settledWith, fact.state(), Fact.Kind.AMOUNT, true);
    }

    /** Wages that nobody stated: left out as said, or counted as another line. */
    private Fact undisclosed(String member, IncomeReview.Source source) {
        FactPath path = FactPath.of("members", member, "incomes");
        Optional<Settlement> settlement = Optional.ofNullable(settled.get(path))
                .filter(each ->
                        each.view() == View.SAID || each.value().toString().contains(source.employer()));
        Fact.Shown nothing = Fact.Shown.of(
                texts.say("fact.nothing-said"),
                Optional.of(others.linesOf(member, Optional.empty())),
                Optional.empty());
        Fact fact = fact(
                path,
                texts.say("fact.wages-of", source.employer()),
                Optional.of(nothing),
                settlement.map(each -> new Fact.Settled(
                        each.view() == View.SAID
                                ? texts.say("fact.left-out")
                                : texts.say(
                                        "fact.counted",
                                        source.onRecord().or(source::shown).orElse("")),
                        each.view(),
                        each.by(),
                        each.reason(),
                        DayText.moment(each.at()),
                        each.unasked())),
                settlement.isPresent() ? Fact.State.SETTLED : Fact.State.DIFFERS,
                Fact.Kind.YES_NO,
                true);
        return others.ofUndisclosed(source, fact);
    }

    /** Lines without ids, each a row; one row that says so where there are none. */
    private List<Fact> lines(String list) {
        JsonNode lines = file.path(list);
        if (lines.isMissingNode() || lines.isEmpty()) {
            String words = texts.say(lines.isMissingNode() ? "fact.not-said" : "fact.none-said");
            return List.of(plain(list, label(list), words));
        }
        List<Fact> rows = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            JsonNode line = lines.get(i);
            String words = Stream.of("amount", "frequency", "owner", "for")
                    .map(line::path)
                    .filter(value -> !value.isMissingNode())
                    .map(value -> FactSheet.words(value, wording))
                    .collect(Collectors.joining(" · "));
            String kind = capital(wording.shown(line.path("kind").asString()));
            rows.add(plain(list + "/" + i, kind, words));
        }
        return rows;
    }

    private Fact linkedBenefit(JsonNode benefit) {
        if (!benefit.isObject()) {
            return plain("linkedBenefit", texts.say("fact.benefit"), texts.say("fact.none-said"));
        }
        String saidWords = wording.shown(benefit.path("kind").asString()) + " "
                + benefit.path("caseNumber").asString();
        Optional<RegisterRequest> request = benefits.request(others.requests(), file);
        Optional<Fact.Settled> settledValue =
                Optional.ofNullable(settled.get(BenefitRecord.CONFIRMED)).map(this::settledWords);
        boolean answered =
                request.filter(r -> r.state() == RegisterRequest.State.ANSWERED).isPresent();
        Fact.State state =
                settledValue.isPresent() ? Fact.State.SETTLED : answered ? Fact.State.DIFFERS : Fact.State.AWAITED;
        Fact fact = fact(
                BenefitRecord.CONFIRMED,
                texts.say("fact.benefit"),
                Optional.of(Fact.Shown.of(saidWords, Optional.of(BooleanNode.TRUE), Optional.empty())),
                settledValue,
                state,
                Fact.Kind.YES_NO,
                true);
        Fact.Ask ask = new Fact.Ask(fact.label(), texts.say("ask.benefit", saidWords), texts.say("good.benefit"));
        return fact.with(Optional.empty(), request.map(benefits::shown), state, "", Optional.of(ask), List.of());
    }

    private Fact said(FactPath path, String label, JsonNode value, Fact.Kind kind) {
        Optional<Fact.Settled> settledValue =
                Optional.ofNullable(settled.get(path)).map(this::settledWords);
        Fact.State state = settledValue.isPresent() ? Fact.State.SETTLED : Fact.State.AGREES;
        Optional<Fact.Shown> shown =
                Optional.of(Fact.Shown.of(FactSheet.words(value, wording), Optional.of(value), Optional.empty()));
        return fact(path, label, shown, settledValue, state, kind, true);
    }

    private Fact plain(String path, String label, String words) {
        Optional<Fact.Shown> shown = Optional.of(Fact.Shown.of(words, Optional.empty(), Optional.empty()));
        return fact(new FactPath(path), label, shown, Optional.empty(), Fact.State.AGREES, Fact.Kind.TEXT, false);
    }

    /** A fact that only the applicant speaks of, with what could be asked about it. */
    private Fact fact(
            FactPath path,
            String label,
            Optional<Fact.Shown> said,
            Optional<Fact.Settled> settledValue,
            Fact.State state,
            Fact.Kind kind,
            boolean canSettle) {
        Fact.Ask ask = new Fact.Ask(
                label, texts.say("ask.fact", label, said.map(Fact.Shown::text).orElse("")), texts.say("good.fact"));
        return new Fact(
                path.path(),
                label,
                said,
                Optional.empty(),
                Optional.empty(),
                settledValue,
                state,
                "",
                kind,
                canSettle,
                Optional.of(ask),
                List.of());
    }

    private Fact.Settled settledWords(Settlement s) {
        return new Fact.Settled(
                FactSheet.words(s.value(), wording), s.view(), s.by(), s.reason(), DayText.moment(s.at()), s.unasked());
    }

    private String label(String path) {
        return wording.textOr("fact." + path + ".label", wording.text("question." + path + ".label"));
    }

    private static Fact.Kind kind(Question.Widget widget) {
        return switch (widget) {
            case AMOUNT -> Fact.Kind.AMOUNT;
            case DATE -> Fact.Kind.DATE;
            case NUMBER -> Fact.Kind.NUMBER;
            case YES_NO -> Fact.Kind.YES_NO;
            default -> Fact.Kind.TEXT;
        };
    }

    private static FactPath below(FactPath path, String part) {
        return path.path().isEmpty() ? FactPath.of(part) : FactPath.of(path.path(), part);
    }

    private static String name(JsonNode member) {
        return member.path("givenName").asString() + " "
                + member.path("familyName").asString();
    }

    private String subtitle(JsonNode member) {
        LocalDate born = LocalDate.parse(member.path("dateOfBirth").asString());
        int age = (int) ChronoUnit.YEARS.between(born, claim.receivedOn());
        String relationship = member.path("relationship").asString();
        return texts.say("fact.person", age, texts.say("relationship." + relationship));
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ENGLISH) + words.substring(1);
    }
}
