package org.civitane.server.verification;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** The facts of a claim, grouped by person, each in its views. */
@Service
public class FactSheet {
    private final Claims claims;
    private final Settlements settlements;
    private final BenefitRecord benefits;
    private final Texts texts;

    FactSheet(Claims claims, Settlements settlements, BenefitRecord benefits, Texts texts) {
        this.claims = claims;
        this.settlements = settlements;
        this.benefits = benefits;
        this.texts = texts;
    }

    /** All facts of the newest edition. */
    @Transactional(readOnly = true)
    public List<FactGroup> of(ClaimView claim) {
        JsonNode file = JsonColumn.read(claims.newestEdition(claim));
        return new Sheet(claim, file).groups();
    }

    /** A value of the case file in words, as it is shown everywhere. */
    public static String words(JsonNode value, Wording wording) {
        if (value.isBoolean()) {
            return wording.shown(String.valueOf(value.asBoolean()));
        }
        String text = value.asString("");
        if (text.matches("[0-9]{4}-[0-9]{2}-[0-9]{2}")) {
            return wording.shown(LocalDate.parse(text));
        }
        return text.matches("-?[0-9]{1,12}\\.[0-9]{2}") ? wording.shown(Money.parse(text)) : wording.shown(text);
    }

    private final class Sheet {
        private final ClaimView claim;
        private final JsonNode file;
        private final Wording wording;
        private final Map<FactPath, Settlement> settled;

        Sheet(ClaimView claim, JsonNode file) {
            this.claim = claim;
            this.file = file;
            this.wording = Claims.programmeOf(claim).wording(Locale.ENGLISH);
            this.settled = settlements.standing(claim.id()).stream()
                    .collect(Collectors.toMap(Settlement::path, Function.identity()));
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
            facts.add(said(
                    FactPath.of("members", id, "dateOfBirth"),
                    texts.say("fact.born"),
                    member.path("dateOfBirth"),
                    Fact.Kind.DATE));
            JsonNode pupil = member.path("pupil");
            if (pupil.isObject()) {
                facts.add(said(
                        FactPath.of("members", id, "pupil", "school"),
                        texts.say("fact.school"),
                        pupil.path("school"),
                        Fact.Kind.TEXT));
                facts.add(said(
                        FactPath.of("members", id, "pupil", "year"),
                        texts.say("fact.year"),
                        pupil.path("year"),
                        Fact.Kind.NUMBER));
            }
            if (member.path("foster").asBoolean(false)) {
                facts.add(said(
                        FactPath.of("members", id, "foster"),
                        texts.say("fact.foster"),
                        member.path("foster"),
                        Fact.Kind.YES_NO));
            }
            if (member.has("awaySince")) {
                facts.add(said(
                        FactPath.of("members", id, "awaySince"),
                        texts.say("fact.away-since"),
                        member.path("awaySince"),
                        Fact.Kind.DATE));
            }
            file.path("incomes")
                    .valueStream()
                    .filter(line -> line.path("member").asString().equals(id))
                    .forEach(line -> facts.add(income(line)));
            if (file.path("noIncomeDeclared")
                    .valueStream()
                    .anyMatch(each -> each.asString().equals(id))) {
                facts.add(new Fact(
                        "members/" + id + "/incomes",
                        texts.say("fact.income"),
                        Optional.of(new Fact.Shown(texts.say("fact.no-income"), Optional.empty(), Optional.empty())),
                        Optional.empty(),
                        Optional.empty(),
                        Fact.State.AGREES,
                        Fact.Kind.TEXT,
                        false));
            }
            return new FactGroup(name(member), subtitle(member), facts);
        }

        private FactGroup household() {
            List<Fact> facts = new ArrayList<>();
            JsonNode benefit = file.path("linkedBenefit");
            if (benefit.isObject()) {
                facts.add(benefit(benefit));
            } else {
                facts.add(plain("linkedBenefit", texts.say("fact.benefit"), texts.say("fact.none-said")));
            }
            String signed = file.path("signatures")
                    .valueStream()
                    .map(signature -> signature.path("name").asString())
                    .collect(Collectors.joining(", "));
            facts.add(plain(
                    "signatures", texts.say("fact.signed"), signed.isEmpty() ? texts.say("fact.nobody") : signed));
            JsonNode number = file.path("signerNumber");
            if (number.isObject()) {
                facts.add(plain(
                        "signerNumber",
                        texts.say("fact.signer-number"),
                        number.path("none").asBoolean(false)
                                ? texts.say("fact.no-number")
                                : "… " + number.path("last4").asString("")));
            }
            return new FactGroup(
                    texts.say("fact.household"),
                    texts.say("fact.people", file.path("members").size()),
                    facts);
        }

        private Fact income(JsonNode line) {
            String frequency = wording.shown(line.path("frequency").asString());
            String label = wording.shown(line.path("kind").asString());
            String employer = line.path("employer").asString("");
            FactPath path = FactPath.of("incomes", line.path("id").asString(), "amount");
            Fact fact = said(
                    path,
                    capital(label) + (employer.isEmpty() ? "" : ", " + employer),
                    line.path("amount"),
                    Fact.Kind.AMOUNT);
            Optional<Fact.Shown> said = fact.said()
                    .map(shown -> new Fact.Shown(shown.text() + " " + frequency, shown.value(), Optional.empty()));
            Optional<Fact.Settled> settledWith = fact.settled()
                    .map(s -> new Fact.Settled(s.text() + " " + frequency, s.view(), s.by(), s.reason(), s.when()));
            return new Fact(
                    fact.path(),
                    fact.label(),
                    said,
                    Optional.empty(),
                    settledWith,
                    fact.state(),
                    Fact.Kind.AMOUNT,
                    true);
        }

        private Fact benefit(JsonNode benefit) {
            String saidWords = wording.shown(benefit.path("kind").asString()) + " "
                    + benefit.path("caseNumber").asString();
            Optional<RegisterRequest> request = benefits.request(claim, file);
            Optional<Fact.Settled> settledValue =
                    Optional.ofNullable(settled.get(BenefitRecord.CONFIRMED)).map(this::settledWords);
            boolean answered = request.filter(r -> r.state() == RegisterRequest.State.ANSWERED)
                    .isPresent();
            Fact.State state =
                    settledValue.isPresent() ? Fact.State.SETTLED : answered ? Fact.State.DIFFERS : Fact.State.AWAITED;
            return new Fact(
                    BenefitRecord.CONFIRMED.path(),
                    texts.say("fact.benefit"),
                    Optional.of(new Fact.Shown(
                            saidWords, Optional.of(tools.jackson.databind.node.BooleanNode.TRUE), Optional.empty())),
                    request.map(benefits::shown),
                    settledValue,
                    state,
                    Fact.Kind.YES_NO,
                    true);
        }

        private Fact said(FactPath path, String label, JsonNode value, Fact.Kind kind) {
            Optional<Fact.Settled> settledValue =
                    Optional.ofNullable(settled.get(path)).map(this::settledWords);
            Fact.State state = settledValue.isPresent() ? Fact.State.SETTLED : Fact.State.AGREES;
            Optional<Fact.Shown> shown =
                    Optional.of(new Fact.Shown(words(value, wording), Optional.of(value), Optional.empty()));
            return new Fact(path.path(), label, shown, Optional.empty(), settledValue, state, kind, true);
        }

        private Fact plain(String path, String label, String words) {
            Optional<Fact.Shown> shown = Optional.of(new Fact.Shown(words, Optional.empty(), Optional.empty()));
            return new Fact(
                    path, label, shown, Optional.empty(), Optional.empty(), Fact.State.AGREES, Fact.Kind.TEXT, false);
        }

        private Fact.Settled settledWords(Settlement s) {
            return new Fact.Settled(words(s.value(), wording), s.view(), s.by(), s.reason(), TimeText.of(s.at()));
        }

        private String name(JsonNode member) {
            return member.path("givenName").asString() + " "
                    + member.path("familyName").asString();
        }

        private String subtitle(JsonNode member) {
            LocalDate born = LocalDate.parse(member.path("dateOfBirth").asString());
            int age = (int) java.time.temporal.ChronoUnit.YEARS.between(born, claim.receivedOn());
            return texts.say(
                    "fact.person",
                    age,
                    texts.say("relationship." + member.path("relationship").asString()));
        }

        private static String capital(String words) {
            return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ENGLISH) + words.substring(1);
        }
    }
}
