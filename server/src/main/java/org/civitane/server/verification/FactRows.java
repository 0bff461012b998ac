package org.civitane.server.verification;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.civitane.core.casefile.Person;
import org.civitane.core.fact.Confirmed;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.Shape;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.casefile.WholeName;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.forms.Questions;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;

/** The facts of one edition, in the order in which the programme's form asks for them. */
final class FactRows {
    /** What stands in the heading of a person, or in a row of its own with what others say about it. */
    private static final Set<String> OF_PERSON =
            FactSpecs.of(Person.class).stream().map(FactSpec::name).collect(Collectors.toSet());

    /** What stands with the person it is about. */
    private static final Set<String> OF_PEOPLE = Set.of("members", "incomes", "noIncomeDeclared");

    private final ClaimView claim;
    private final JsonNode file;
    private final BenefitRecord benefits;
    private final Texts texts;
    private final FactWords words;
    private final OtherViews others;
    private final WageFacts wages;
    private final CostFacts costs;
    private final MonthFacts months;
    private final OutsiderViews outsiders;
    private final ReportedEmployers employers;
    private final List<Question> questions;

    FactRows(Dossier dossier, BenefitRecord benefits, Verification.Review review, FactWords words) {
        this.claim = dossier.claim();
        this.file = dossier.said().json();
        this.benefits = benefits;
        this.texts = words.texts();
        this.words = words;
        this.others = new OtherViews(review);
        this.wages = new WageFacts(file, review.income(), words);
        this.costs = new CostFacts(file, review.costs(), words);
        this.months = new MonthFacts(file, dossier.run(), words);
        this.outsiders = new OutsiderViews(file, dossier.run().programme().outsiders(), words);
        this.employers = new ReportedEmployers(Claims.programmeOf(claim).reportedWages(), review.requests(), words);
        this.questions = Questions.of(Claims.programmeOf(claim)).toList();
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
        Fact born = words.said(
                below(self, "dateOfBirth"), Phrase.of("fact.born"), member.path("dateOfBirth"), Fact.Kind.DATE);
        facts.add(others.ofBirth(id, born));
        for (Question question : questions) {
            switch (question.widget()) {
                case PEOPLE, EACH_PERSON ->
                    question.parts().stream()
                            .filter(part -> !OF_PERSON.contains(part.path()))
                            .forEach(part -> addGiven(facts, self, member, part));
                case INCOMES -> addIncomes(facts, id);
                default -> {}
            }
        }
        if (questions.isEmpty()) {
            addIncomes(facts, id);
        }
        return new FactGroup(WholeName.of(member), subtitle(member), facts);
    }

    private FactGroup household() {
        List<Fact> facts = new ArrayList<>(questions.isEmpty() ? unasked() : List.of());
        for (Question question : questions) {
            switch (question.widget()) {
                case PEOPLE, EACH_PERSON, INCOMES, STATISTICS -> {}
                case RESOURCES, EXPENSES -> facts.addAll(costs.of(question.path()));
                case GROUP -> facts.addAll(group(question));
                case MONTHS -> facts.addAll(months.of(question));
                case RECORD -> {
                    addGiven(facts, FactPath.of(""), file, question);
                    facts.addAll(saidByOthers(question));
                }
                case SIGNATURE -> facts.add(signature(question));
                case LAST_FOUR -> signerNumber(question).ifPresent(facts::add);
                default -> addGiven(facts, FactPath.of(""), file, question);
            }
        }
        return new FactGroup(
                texts.say("fact.household"),
                texts.say("fact.people", file.path("members").size()),
                facts);
    }

    /** What a programme is told that is taken as case files only: every fact of the household that has a label. */
    private List<Fact> unasked() {
        List<Fact> facts = new ArrayList<>();
        for (FactSpec fact : words.facts()) {
            JsonNode value = file.path(fact.name());
            if (fact.saidBy() != SaidBy.APPLICANT || value.isMissingNode() || OF_PEOPLE.contains(fact.name())) {
                continue;
            }
            if (fact.shape() instanceof Shape.Group group) {
                group.parts().forEach(part -> addLabelled(facts, FactPath.of(fact.name()), value, part));
            } else {
                addLabelled(facts, FactPath.of(""), file, fact);
            }
        }
        return facts;
    }

    private void addLabelled(List<Fact> facts, FactPath within, JsonNode record, FactSpec fact) {
        JsonNode value = record.path(fact.name());
        if (words.isLabelled(fact.name()) && !value.isMissingNode()) {
            FactPath path = below(within, fact.name());
            facts.add(words.plain(path.path(), words.label(fact.name()), words.text(path, value)));
        }
    }

    /** What someone outside the household said of it, but for what is compared with what the applicant said. */
    private List<Fact> saidByOthers(Question question) {
        JsonNode record = file.path(question.path());
        return Claims.programmeOf(claim).outsiders().stream()
                .filter(outsider -> outsider.fact().equals(question.path()))
                .flatMap(outsider -> outsider.asked().stream()
                        .map(Question::path)
                        .filter(part -> !outsider.confirms().containsKey(part) && record.has(part)))
                .map(part -> {
                    FactPath path = FactPath.of(question.path(), part);
                    return words.plain(path.path(), words.label(part), words.text(path, record.path(part)));
                })
                .toList();
    }

    private Fact signature(Question question) {
        String signed = file.path(question.path())
                .valueStream()
                .map(signature -> signature.path("name").asString())
                .collect(Collectors.joining(", "));
        return words.plain(
                question.path(), words.label(question.path()), signed.isEmpty() ? texts.say("fact.nobody") : signed);
    }

    private Optional<Fact> signerNumber(Question question) {
        JsonNode number = file.path(question.path());
        String text = number.path("none").asBoolean(false)
                ? texts.say("fact.no-number")
                : "… " + number.path("last4").asString("");
        return number.isObject()
                ? Optional.of(words.plain(question.path(), words.label(question.path()), text))
                : Optional.empty();
    }

    /** What was asked and answered; what was not answered is no fact, unless someone else says something of it. */
    private void addGiven(List<Fact> facts, FactPath within, JsonNode record, Question question) {
        JsonNode value = record.path(question.path());
        FactPath path = below(within, question.path());
        if (value.isMissingNode()) {
            if (outsiders.say(path)) {
                facts.add(outsiders.beside(
                        path,
                        value,
                        words.of(
                                path,
                                words.label(question.path()),
                                Optional.empty(),
                                words.settledAt(path),
                                FactWords.kind(question.widget()))));
            }
            return;
        }
        if (words.isOptionAlone(question, value)) {
            facts.add(words.plain(path.path(), words.label(question.path()), words.option(question, value)));
        } else if (value.isObject() && question.parts().size() == 1) {
            addAlone(facts, path, value, question);
        } else if (value.isObject()) {
            question.parts().forEach(part -> addGiven(facts, path, value, part));
        } else if (value.isArray()) {
            facts.add(words.plain(path.path(), words.label(question.path()), words.text(path, value)));
        } else {
            Fact said = words.said(path, words.label(question.path()), value, FactWords.kind(question.widget()));
            facts.add(outsiders.beside(path, value, said));
        }
    }

    /** The one part of a record, under the name of the record. */
    private void addAlone(List<Fact> facts, FactPath within, JsonNode record, Question question) {
        Question part = question.parts().getFirst();
        JsonNode value = record.path(part.path());
        if (!value.isMissingNode()) {
            FactPath path = below(within, part.path());
            Fact said = words.said(path, words.label(question.path()), value, FactWords.kind(part.widget()));
            facts.add(employers.beside(path, value, said));
        }
    }

    private void addIncomes(List<Fact> facts, String id) {
        facts.addAll(wages.of(id));
        boolean declared = file.path("noIncomeDeclared")
                .valueStream()
                .anyMatch(each -> each.asString().equals(id));
        if (declared) {
            facts.add(words.plain("members/" + id + "/incomes", Phrase.of("fact.income"), texts.say("fact.no-income")));
        }
    }

    /** A statement that a register confirms is one row; of any other group each part that was answered is one. */
    private List<Fact> group(Question question) {
        JsonNode said = file.path(question.path());
        if (!said.isObject()) {
            return List.of(words.plain(question.path(), words.label(question.path()), texts.say("fact.none-said")));
        }
        Optional<Confirmed> confirmed = Claims.programmeOf(claim)
                .confirmedByRegister()
                .filter(each -> each.fact().equals(question.path()));
        if (confirmed.isPresent()) {
            return List.of(confirmed(confirmed.get(), said));
        }
        List<Fact> facts = new ArrayList<>();
        addGiven(facts, FactPath.of(""), file, question);
        return facts;
    }

    private Fact confirmed(Confirmed confirmed, JsonNode said) {
        String saidWords = words.wording().shown(said.path(confirmed.kind()).asString()) + " "
                + said.path(confirmed.key()).asString();
        Optional<RegisterRequest> request = benefits.request(others.requests(), confirmed, file);
        boolean answered =
                request.filter(r -> r.state() == RegisterRequest.State.ANSWERED).isPresent();
        Fact fact = words.of(
                confirmed.path(),
                words.label(confirmed.fact()),
                Optional.of(Fact.Shown.of(saidWords, Optional.of(BooleanNode.TRUE), Optional.empty())),
                words.settledAt(confirmed.path()),
                Fact.Kind.YES_NO);
        Fact.Ask ask = new Fact.Ask(
                confirmed.fact(), fact.label(), Phrase.of("ask.benefit", saidWords), Phrase.of("good.benefit"));
        return fact.with(
                Optional.empty(),
                request.map(benefits::shown),
                answered ? Fact.State.DIFFERS : Fact.State.AWAITED,
                "",
                Optional.of(ask),
                List.of());
    }

    private static FactPath below(FactPath path, String part) {
        return path.path().isEmpty() ? FactPath.of(part) : FactPath.of(path.path(), part);
    }

    private String subtitle(JsonNode member) {
        LocalDate born = LocalDate.parse(member.path("dateOfBirth").asString());
        int age = (int) ChronoUnit.YEARS.between(born, claim.receivedOn());
        String relationship = member.path("relationship").asString();
        return texts.say("fact.person", age, texts.say("relationship." + relationship));
    }
}
