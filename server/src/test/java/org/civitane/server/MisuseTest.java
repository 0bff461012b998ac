package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Messages;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.intake.Drafts;
import org.civitane.server.misuse.MisuseCase;
import org.civitane.server.misuse.MisuseCases;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** What a supervisor does with claims of which someone said that they were not theirs. */
public class MisuseTest extends ServerTest {
    /** Keeps the streets of one run apart from those of another on the same database. */
    private final String houseNumber = String.valueOf(System.nanoTime() % 1_000_000);

    @Autowired
    private MisuseCases misuse;

    @Autowired
    private Doubts doubts;

    @Autowired
    private Messages messages;

    private SignedIn supervisor;
    private SignedIn caseworker;

    @BeforeMethod
    void staff() {
        supervisor = person(Role.SUPERVISOR);
        caseworker = person(Role.CASEWORKER);
    }

    @Test
    public void claimsAreFoundByThePhoneAndTheAddressTheyShare() {
        String phone = phone();
        ClaimView disowned = disowned(phone, "Skerry Lane");
        ClaimView samePhone = claimOf(phone, "Tarn Road");
        ClaimView sameStreet = claimOf(phone(), "Skerry Lane");
        ClaimView stranger = claimOf(phone(), "Cooper's Yard");
        MisuseCase found = caseOf(disowned);
        assertThat(found.state()).isEqualTo(MisuseCase.State.OPEN);
        assertThat(linked(found, samePhone).by()).containsExactly("the same phone");
        assertThat(linked(found, sameStreet).by()).containsExactly("the same address");
        assertThat(found.linked()).extracting(MisuseCase.Linked::claim).doesNotContain(stranger.id());
    }

    @Test
    public void onlyWhatHangsTogetherWithAnOpenCaseCanBeFrozenByIt() {
        ClaimView disowned = disowned(phone(), "");
        ClaimView stranger = claimOf(phone(), "");
        MisuseCase found = caseOf(disowned);
        assertThatThrownBy(() -> misuse.freeze(found.id(), stranger.id(), supervisor))
                .isInstanceOf(Problem.class);
        assertThat(state(stranger)).isNotEqualTo(ClaimState.FROZEN);
    }

    @Test
    public void aReferredCaseKeepsWhatItHoldsAndIsNotWorkedAnyMore() {
        ClaimView disowned = disowned(phone(), "");
        MisuseCase found = caseOf(disowned);
        misuse.close(found.id(), true, "Handed to the public prosecutor.", supervisor);
        assertThat(state(disowned)).isEqualTo(ClaimState.FROZEN);
        assertThat(caseOf(disowned).state()).isEqualTo(MisuseCase.State.REFERRED);
        assertThatThrownBy(() -> misuse.close(found.id(), false, "Changed my mind.", supervisor))
                .isInstanceOf(Problem.class);
        assertThat(state(disowned)).isEqualTo(ClaimState.FROZEN);
    }

    @Test
    public void somebodyLooksIntoACaseUntilADayAndAnotherMayTakeItOver() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        disown(claim);
        MisuseCase found = caseOf(claim);
        assertThat(found.owner()).isEmpty();
        assertThat(found.dueOn()).isEqualTo(BusinessCalendar.plusBusinessDays(clock.today(), 10));
        misuse.take(found.id(), clock.today(), supervisor);
        assertThat(caseOf(claim).owner()).contains(supervisor.displayName());
        assertThat(caseOf(claim).overdue()).isFalse();
        SignedIn other = person(Role.SUPERVISOR);
        misuse.take(found.id(), clock.today().plusDays(90), other);
        assertThat(caseOf(claim).owner()).contains(other.displayName());
        for (LocalDate wrong : List.of(clock.today().minusDays(1), clock.today().plusDays(91))) {
            assertThatThrownBy(() -> misuse.take(found.id(), wrong, supervisor)).isInstanceOf(Problem.class);
        }
        misuse.close(found.id(), false, "A mix-up.", other);
        assertThatThrownBy(() -> misuse.take(found.id(), clock.today(), supervisor))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void whatTwoCasesHoldIsReleasedOnlyWithTheSecond() {
        String phone = phone();
        ClaimView first = disowned(phone, "");
        ClaimView second = disowned(phone, "");
        ClaimView between = claimOf(phone, "");
        misuse.freeze(caseOf(first).id(), between.id(), supervisor);
        misuse.freeze(caseOf(second).id(), first.id(), supervisor);
        misuse.close(caseOf(second).id(), false, "The sister filed it for her.", supervisor);
        assertThat(state(second)).isNotEqualTo(ClaimState.FROZEN);
        assertThat(state(between)).isEqualTo(ClaimState.FROZEN);
        assertThat(state(first)).isEqualTo(ClaimState.FROZEN);
        misuse.close(caseOf(first).id(), false, "A mix-up.", supervisor);
        assertThat(state(between)).isNotEqualTo(ClaimState.FROZEN);
        assertThat(state(first)).isNotEqualTo(ClaimState.FROZEN);
    }

    @Test
    public void aStrangerWhoDisownsTheirOwnClaimFreezesNobodyElses() {
        SignedIn victim = person(Role.APPLICANT);
        ClaimView older = handIn(victim, answers(victim));
        ClaimView impostors = asImpostor(person(Role.APPLICANT), victim);
        disown(impostors);
        assertThat(state(impostors)).isEqualTo(ClaimState.FROZEN);
        assertThat(state(older)).isNotEqualTo(ClaimState.FROZEN);
        assertThat(linked(caseOf(impostors), older).by()).contains("the same person");
        assertThat(messages.of(older.id()))
                .extracting(Messages.Message::body)
                .singleElement()
                .asString()
                .contains("Your own claim goes on");
        misuse.freeze(caseOf(impostors).id(), older.id(), supervisor);
        assertThat(state(older)).isEqualTo(ClaimState.FROZEN);
    }

    @Test
    public void aNewClaimUnderAnIdentityThatIsLookedIntoIsFrozenAtOnce() {
        SignedIn victim = person(Role.APPLICANT);
        ClaimView first = asImpostor(person(Role.APPLICANT), victim);
        disown(first);
        ClaimView second = asImpostor(person(Role.APPLICANT), victim);
        assertThat(state(second)).isEqualTo(ClaimState.FROZEN);
        assertThat(linked(caseOf(first), second).since()).isTrue();
    }

    @Test
    public void aNewClaimFromTheSameAccountIsShownToTheSupervisor() {
        SignedIn account = person(Role.APPLICANT);
        ClaimView first = handIn(account, answers(account));
        disown(first);
        ObjectNode others = answers(person(Role.APPLICANT));
        ClaimView second = drafts.handInAnswers(
                account, "food-assistance", asFood(others), new Drafts.Signing(nameIn(others), Optional.empty()));
        assertThat(state(second)).isNotEqualTo(ClaimState.FROZEN);
        assertThat(linked(caseOf(first), second).since()).isTrue();
        assertThat(linked(caseOf(first), second).by()).contains("the same account");
    }

    @Test
    public void takingAFrozenClaimBackWaitsForWhatIsFound() {
        ClaimView disowned = disowned(phone(), "");
        SignedIn whose = accounts.account(disowned.applicant());
        assertThatThrownBy(() -> acts.withdraw(disowned.id(), whose)).isInstanceOf(Problem.class);
        assertThat(state(disowned)).isEqualTo(ClaimState.FROZEN);
        misuse.close(caseOf(disowned).id(), false, "Nothing in it.", supervisor);
        acts.withdraw(disowned.id(), whose);
        assertThat(state(disowned)).isEqualTo(ClaimState.WITHDRAWN);
    }

    @Test
    public void aNameMoreHidesNobody() {
        SignedIn victim = person(Role.APPLICANT);
        ClaimView first = asImpostor(person(Role.APPLICANT), victim);
        disown(first);
        assertThat(state(named("Runa Marit", victim))).isEqualTo(ClaimState.FROZEN);
        assertThat(state(named("Odd", victim))).isNotEqualTo(ClaimState.FROZEN);
    }

    /** Someone applies with that given name, and the family name and the birth of another. */
    private ClaimView named(String given, SignedIn other) {
        ObjectNode answers = answers(other);
        ((ObjectNode) answers.path("members").get(0)).put("givenName", given);
        return drafts.handInAnswers(
                person(Role.APPLICANT),
                "school-meals",
                answers,
                new Drafts.Signing(nameIn(answers), Optional.of("8903")));
    }

    /** Someone applies from their own account in another's name. */
    private ClaimView asImpostor(SignedIn account, SignedIn victim) {
        return drafts.handInAnswers(
                account,
                "school-meals",
                answers(victim),
                new Drafts.Signing(victim.displayName(), Optional.of("8903")));
    }

    private static ObjectNode asFood(ObjectNode answers) {
        answers.path("members").valueStream().forEach(member -> ((ObjectNode) member).remove("pupil"));
        answers.putArray("resources");
        answers.putArray("expenses");
        return answers;
    }

    private static String nameIn(ObjectNode answers) {
        return answers.path("members").get(0).path("givenName").asString() + " "
                + answers.path("members").get(0).path("familyName").asString();
    }

    private void disown(ClaimView claim) {
        acts.take(claim.id(), caseworker);
        doubts.ask(
                claims.claim(claim.id()), Doubt.Occasion.DOUBTED, "Someone called and knew nothing of it.", caseworker);
        doubts.disown(accounts.account(claim.applicant()), claim.id());
    }

    private ClaimView disowned(String phone, String street) {
        ClaimView claim = claimOf(phone, street);
        disown(claim);
        return claims.claim(claim.id());
    }

    private ClaimView claimOf(String phone, String street) {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        ObjectNode contact = answers.putObject("contact").put("phone", phone);
        if (!street.isEmpty()) {
            contact.put("street", street).put("houseNumber", houseNumber).put("postCode", "2110");
        }
        return handIn(applicant, answers);
    }

    private static String phone() {
        return "+9995" + String.format("%08d", Math.abs(UUID.randomUUID().hashCode() % 100_000_000));
    }

    private MisuseCase caseOf(ClaimView claim) {
        return misuse.all().stream()
                .filter(each -> each.claim().equals(claim.id()))
                .findFirst()
                .orElseThrow();
    }

    private static MisuseCase.Linked linked(MisuseCase found, ClaimView claim) {
        return found.linked().stream()
                .filter(each -> each.claim().equals(claim.id()))
                .findFirst()
                .orElseThrow();
    }

    private ClaimState state(ClaimView claim) {
        return claims.claim(claim.id()).state();
    }
}
