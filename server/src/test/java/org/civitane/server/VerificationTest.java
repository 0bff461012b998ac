package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.decisions.Decision;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.decisions.UrgentAwards;
import org.civitane.server.determinations.Impact;
import org.civitane.server.determinations.Impacts;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.misuse.MisuseCase;
import org.civitane.server.misuse.MisuseCases;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.civitane.server.standins.CivilRegister;
import org.civitane.server.verification.IdentityReview;
import org.civitane.server.verification.Verification;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Who someone is and what they live on, in three views; whether it matters; doubts, misuse and urgent claims. */
public class VerificationTest extends ServerTest {
    private static final FactPath AMOUNT = FactPath.of("incomes", "i1", "amount");

    @Autowired
    private Verification verification;

    @Autowired
    private CivilRegister civil;

    @Autowired
    private EvidenceList evidence;

    @Autowired
    private Impacts impacts;

    @Autowired
    private Settlements settlements;

    @Autowired
    private Doubts doubts;

    @Autowired
    private MisuseCases misuse;

    @Autowired
    private UrgentAwards awards;

    @Autowired
    private Decisions decisions;

    @Autowired
    private History history;

    @Autowired
    private JdbcClient database;

    @Test
    public void whomTheRegisterConfirmsNeedsNoIdentityDocument() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handInForFood(applicant, registered(applicant, LocalDate.of(1988, 3, 2)));
        IdentityReview identity = verification.of(dossier(claim)).identity();
        assertThat(identity.result()).isEqualTo(IdentityCheck.Result.CONFIRMED);
        assertThat(identity.basis()).contains(IdentityCheck.Basis.REGISTER);
        assertThat(evidence.of(dossier(claim)))
                .filteredOn(item -> item.kind().equals("IDENTITY"))
                .extracting(EvidenceItem::state)
                .containsExactly(EvidenceItem.State.WAIVED);
        assertThat(history.of(claim.id())).extracting(History.Line::kind).contains("identity-checked");
    }

    @Test
    public void aSlipInTheDateIsSaidExactlyAndANewEditionChecksAgain() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handInForFood(applicant, registered(applicant, LocalDate.of(1988, 2, 3)));
        IdentityReview before = verification.of(dossier(claim)).identity();
        assertThat(before.result()).isEqualTo(IdentityCheck.Result.UNCONFIRMED);
        assertThat(before.attributes())
                .extracting(IdentityReview.Attribute::what)
                .contains("Day and month are swapped.");
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claim));
        ((ObjectNode) file.path("members").get(0)).put("dateOfBirth", "1988-02-03");
        claims.addEdition(claim.id(), read(file), JsonColumn.write(file), Phrase.text("corrected"));
        assertThat(verification.of(dossier(answered(claim))).identity().result())
                .isEqualTo(IdentityCheck.Result.CONFIRMED);
    }

    @Test
    public void whatHangsOnAFactIsNothingTheAmountOrTheAnswer() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView meals = handIn(applicant, answers(applicant));
        assertThat(impact(meals, "412.00", "430.00").kind()).isEqualTo(Impact.Kind.NOTHING);
        Impact answer = impact(meals, "412.00", "600.00");
        assertThat(answer.kind()).isEqualTo(Impact.Kind.ANSWER);
        assertThat(answer.outcomes()).extracting(this::inWords).containsExactly("Free meals", "Reduced-price meals");
        ClaimView food = handInForFood(applicant, answers(applicant));
        Impact amount = impact(food, "300.00", "330.00");
        assertThat(amount.kind()).isEqualTo(Impact.Kind.AMOUNT);
        assertThat(amount.least().orElseThrow()).isLessThan(amount.greatest().orElseThrow());
    }

    @Test
    public void anAmountIsSettledWithHowOftenItComes() {
        ClaimView claim = taken(person(Role.CASEWORKER));
        JsonNode monthly = JsonColumn.object().put("amount", "2500.00").put("frequency", "MONTHLY");
        settlements.settle(claim, AMOUNT, View.SHOWN, monthly, "The slips show it.", Actor.called("Test"));
        JsonNode line = settlements.settledCase(claim).path("incomes").get(0);
        assertThat(line.path("amount").asString()).isEqualTo("2500.00");
        assertThat(line.path("frequency").asString()).isEqualTo("MONTHLY");
    }

    @Test
    public void thisWasNotMeFreezesEveryClaimOfThePersonAndFindsWhatHangsTogether() {
        SignedIn caseworker = person(Role.CASEWORKER);
        SignedIn supervisor = person(Role.SUPERVISOR);
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        answers.putObject("contact").put("phone", "+9995550" + System.nanoTime() % 100_000);
        ClaimView meals = handIn(applicant, answers.deepCopy());
        ClaimView food = handInForFood(applicant, answers.deepCopy());
        SignedIn neighbour = person(Role.APPLICANT);
        ObjectNode others = answers(neighbour);
        others.set("contact", answers.path("contact").deepCopy());
        ClaimView elsewhere = handIn(neighbour, others);
        acts.take(food.id(), caseworker);
        doubts.ask(food, Doubt.Occasion.DOUBTED, "The register has other people at this address.", caseworker);
        assertThat(claims.claim(food.id()).state()).isEqualTo(ClaimState.WAITING);
        assertThatThrownBy(() -> doubts.disown(neighbour, food.id())).isInstanceOf(Problem.class);
        doubts.disown(applicant, food.id());
        assertThat(verification.of(dossier(food)).identity().result()).isEqualTo(IdentityCheck.Result.MISUSE_SUSPECTED);
        for (ClaimView claim : List.of(food, meals)) {
            assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.FROZEN);
        }
        ClaimView frozen = claims.claim(food.id());
        assertThatThrownBy(() -> decisions.decide(frozen, "", "", caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("frozen");
        MisuseCase found = misuse.all().stream()
                .filter(each -> each.claim().equals(food.id()))
                .findFirst()
                .orElseThrow();
        assertThat(found.linked()).extracting(MisuseCase.Linked::claim).contains(meals.id(), elsewhere.id());
        misuse.freeze(found.id(), elsewhere.id(), supervisor);
        assertThat(claims.claim(elsewhere.id()).state()).isEqualTo(ClaimState.FROZEN);
        assertThatThrownBy(() -> misuse.close(found.id(), false, " ", supervisor))
                .isInstanceOf(Problem.class);
        misuse.close(found.id(), false, "A mix-up in the family.", supervisor);
        for (ClaimView claim : List.of(food, meals, elsewhere)) {
            assertThat(claims.claim(claim.id()).state()).isNotEqualTo(ClaimState.FROZEN);
        }
    }

    @Test
    public void aDoubtCanBeExtendedOnceAndLapsesToWhatIsThere() {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker);
        SignedIn applicant = accounts.account(claim.applicant());
        doubts.ask(claim, Doubt.Occasion.DOUBTED, "The name is spelt otherwise.", caseworker);
        LocalDate due = doubts.of(claim.id()).orElseThrow().dueOn();
        assertThat(due).isAfterOrEqualTo(clock.today().plusDays(12));
        assertThatThrownBy(() -> doubts.moreTime(applicant, claim.id(), 11, "ill"))
                .isInstanceOf(Problem.class);
        doubts.moreTime(applicant, claim.id(), 10, "My passport is being renewed.");
        assertThatThrownBy(() -> doubts.moreTime(applicant, claim.id(), 5, "again"))
                .isInstanceOf(Problem.class);
        lapseNow(claim, Ask.Kind.DOUBT, "max");
        await("it lapsed", () -> doubts.of(claim.id()).orElseThrow().state() == Doubt.State.LAPSED);
        assertThat(claims.claim(claim.id()).state()).isNotEqualTo(ClaimState.WAITING);
    }

    @Test
    public void anUrgentClaimIsPaidOnIdentityAloneAndClosedWhenNothingElseComes() {
        SignedIn applicant = person(Role.APPLICANT);
        SignedIn caseworker = person(Role.CASEWORKER);
        ObjectNode answers = registered(applicant, LocalDate.of(1988, 3, 2));
        ((ObjectNode) answers.path("incomes").get(0)).put("amount", "20.00");
        ClaimView claim = handInForFood(applicant, answers);
        assertThat(claim.urgent()).isTrue();
        acts.take(claim.id(), caseworker);
        UrgentAwards.Award award = awards.approve(claims.claim(claim.id()), caseworker);
        assertThat(award.papersBy()).isEqualTo(clock.today().plusDays(30));
        ClaimView waiting = claims.claim(claim.id());
        assertThat(waiting.state()).isEqualTo(ClaimState.WAITING);
        assertThat(waiting.urgent()).isFalse();
        assertThat(decisions.letter(claim.id())).isNotEmpty();
        assertThatThrownBy(() -> awards.approve(waiting, caseworker)).isInstanceOf(Problem.class);
        lapseNow(claim, Ask.Kind.LATER_PAPERS, "min");
        await("it is closed", () -> claims.claim(claim.id()).state() == ClaimState.DECIDED);
        assertThat(decisions.of(claim.id()).orElseThrow().kind()).isEqualTo(Decision.Kind.CLOSED);
    }

    @Test
    public void nothingIsPaidAtOnceToSomeoneNobodyKnows() {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        ((ObjectNode) answers.path("incomes").get(0)).put("amount", "20.00");
        ClaimView claim = handInForFood(applicant, answers);
        assertThatThrownBy(() -> awards.approve(claim, person(Role.CASEWORKER)))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("who the applicant is");
    }

    private Impact impact(ClaimView claim, String one, String other) {
        return impacts.of(dossier(claim).settled().json(), Map.of(AMOUNT, List.of(text(one), text(other))))
                .get(AMOUNT);
    }

    /** The usual application of someone whom the register knows, born on that day. */
    private ObjectNode registered(SignedIn applicant, LocalDate born) {
        String family =
                applicant.displayName().substring(applicant.displayName().lastIndexOf(' ') + 1);
        String digits = String.format("%010d", Math.abs(applicant.email().hashCode()));
        String number = digits + org.civitane.core.person.PersonNumber.checkDigit(digits);
        civil.put(new CivilRegister.Entry(
                "Runa", family, List.of(), born, Optional.of(number), Optional.empty(), Optional.empty()));
        ObjectNode answers = answers(applicant);
        answers.putObject("contact").put("personNumber", number);
        return answers;
    }

    private static org.civitane.core.casefile.CaseFile read(ObjectNode file) {
        return org.civitane.exchange.casefile.CaseFiles.read(
                        JsonColumn.write(file).getBytes(java.nio.charset.StandardCharsets.UTF_8))
                .file();
    }
}
