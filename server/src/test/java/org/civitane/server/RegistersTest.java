package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.person.Address;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Wait;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.RetryWithPauses;
import org.civitane.server.registers.Addresses;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.standins.BenefitRegister;
import org.civitane.server.standins.Mood;
import org.civitane.server.standins.Moods;
import org.civitane.server.standins.Service;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** What registers are asked, what comes of their answers, and of their silence. */
public class RegistersTest extends ServerTest {
    @Autowired
    private BenefitRegister benefits;

    @Autowired
    private Moods moods;

    @Autowired
    private Addresses addresses;

    @Autowired
    private Settlements settlements;

    @Autowired
    private Decisions decisions;

    @AfterMethod(alwaysRun = true)
    void allAnswerAgain() {
        for (Service service : Service.values()) {
            moods.set(service, Mood.ANSWERS);
        }
    }

    @Test
    public void theRegistersAnswerSettlesTheBenefitByItself() {
        SignedIn applicant = person(Role.APPLICANT);
        benefits.put(new BenefitRegister.Entry(
                "FA-777001", "FOOD_ASSISTANCE", "ACTIVE", applicant.displayName(), LocalDate.of(2025, 1, 1)));
        ClaimView claim = withBenefit(applicant, "FA-777001");
        await("the answer is there", () -> settlements.standing(claim.id()).size() == 1);
        assertThat(dossier(claim).run().determination().outcomes().getFirst().basis())
                .isEqualTo("LINKED_BENEFIT");
    }

    @Test
    public void anothersBenefitIsLeftForTheCaseworker() {
        benefits.put(new BenefitRegister.Entry(
                "FA-777002", "FOOD_ASSISTANCE", "ACTIVE", "Someone Elsewhere", LocalDate.of(2025, 1, 1)));
        ClaimView claim = answered(withBenefit(person(Role.APPLICANT), "FA-777002"));
        assertThat(settlements.standing(claim.id())).isEmpty();
    }

    @DataProvider
    Object[][] silences() {
        return new Object[][] {{Mood.DOWN}, {Mood.WRONG}};
    }

    @Test(dataProvider = "silences")
    public void aSilentRegisterIsAskedAgainByItself(Mood mood) {
        moods.set(Service.BENEFITS, mood);
        ClaimView claim = withBenefit(person(Role.APPLICANT), "FA-777003");
        await("it was silent twice", () -> benefit(claim).attempts() >= 2);
        assertThat(benefit(claim).state()).isEqualTo(RegisterRequest.State.SILENT);
        moods.set(Service.BENEFITS, Mood.ANSWERS);
        await("it has answered", () -> benefit(claim).state() == RegisterRequest.State.ANSWERED);
    }

    @Test
    public void aRegisterThatFlapsAnswersInTheEnd() {
        moods.set(Service.WAGES, Mood.FLAPPING);
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = answered(handInNow(applicant, answers(applicant)));
        assertThat(newest(claim, Register.WAGES).orElseThrow().answer()).isPresent();
    }

    @Test
    public void aServiceThatKeepsFailingIsLeftAloneAndAskedAgainAfterwards() {
        moods.set(Service.ADDRESSES, Mood.DOWN);
        Address address = new Address("Skerry Lane", "7", "2110");
        for (int i = 0; i < 10; i++) {
            assertThat(addresses.spelling(address).answered()).isFalse();
        }
        moods.set(Service.ADDRESSES, Mood.ANSWERS);
        await("it is asked again", () -> addresses.spelling(address).exact());
    }

    @Test
    public void everyAdultsWagesAndTheApplicantAreAskedAboutOnceAnEdition() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        assertThat(registers.newestOf(claim.id()))
                .extracting(RegisterRequest::register)
                .containsExactly(Register.CIVIL, Register.WAGES);
        claims.addEdition(
                claim.id(),
                org.civitane.exchange.casefile.CaseFiles.read(
                                claims.newestEdition(claim).getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .file(),
                claims.newestEdition(claim),
                Phrase.text("nothing changed"));
        assertThat(registers.newestOf(claim.id())).allMatch(request -> request.attempts() == 1);
    }

    @Test
    public void nothingIsDecidedOnSilenceAndACaseworkerCanGoOnWithout() {
        moods.set(Service.WAGES, Mood.DOWN);
        SignedIn applicant = person(Role.APPLICANT);
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = handInNow(applicant, answers(applicant));
        acts.take(claim.id(), caseworker);
        await("it is silent", () -> wages(claim).state() == RegisterRequest.State.SILENT);
        await(
                "the civil register answered",
                () -> newest(claim, Register.CIVIL).orElseThrow().answer().isPresent());
        await(
                "it waits for the register",
                () -> claims.claim(claim.id())
                        .waiting()
                        .filter(wait -> wait.on() == Wait.On.REGISTER)
                        .isPresent());
        assertThat(asks.open(claim.id(), Ask.Kind.REGISTER)).isPresent();
        ClaimView waiting = claims.claim(claim.id());
        assertThat(waiting.state()).isEqualTo(ClaimState.WAITING);
        assertThatThrownBy(() -> decisions.decide(waiting, "", "", caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("has not answered");
        assertThatThrownBy(() -> registers.without(claim.id(), wages(claim).id(), " ", caseworker))
                .isInstanceOf(Problem.class);
        registers.without(claim.id(), wages(claim).id(), "The employer confirmed it by phone.", caseworker);
        ClaimView ready = claims.claim(claim.id());
        assertThat(ready.state()).isEqualTo(ClaimState.READY);
        assertThat(asks.open(claim.id(), Ask.Kind.REGISTER)).isEmpty();
        moods.set(Service.WAGES, Mood.ANSWERS);
        decisions.decide(ready, "", "", caseworker);
        assertThat(wages(claim).state()).isEqualTo(RegisterRequest.State.WITHOUT);
    }

    @Test
    public void aRegisterThatIsSilentForDaysComesToTheCaseworker() {
        moods.set(Service.WAGES, Mood.DOWN);
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handInNow(applicant, answers(applicant));
        acts.take(claim.id(), person(Role.CASEWORKER));
        await("it waits for the register", () -> claims.claim(claim.id()).state() == ClaimState.WAITING);
        lapseNow(claim, Ask.Kind.REGISTER, "min");
        await("it comes back", () -> claims.claim(claim.id()).state() == ClaimState.IN_REVIEW);
        assertThat(claims.claim(claim.id()).cameBackAt()).isPresent();
        moods.set(Service.WAGES, Mood.ANSWERS);
        answered(claim);
    }

    @Test
    public void pausesGrowAndStayWithinHalfAnHour() {
        RetryWithPauses<Void> retry = new RetryWithPauses<>(Duration.ofSeconds(5));
        assertThat(retry.pauseAfter(0)).isEqualTo(Duration.ofSeconds(5));
        assertThat(retry.pauseAfter(3)).isEqualTo(Duration.ofSeconds(40));
        assertThat(retry.pauseAfter(60)).isEqualTo(Duration.ofMinutes(30));
    }

    @Test
    public void theAddressRegisterOffersTheRightSpellingAndItsSilenceIsNoFault() {
        Addresses.Spelling spelling = addresses.spelling(new Address("Skery Lane", "7", "2110"));
        assertThat(spelling.exact()).isFalse();
        assertThat(spelling.suggestions().getFirst())
                .isEqualTo(new Addresses.Found("Skerry Lane", "7", "2110", "Skerrow"));
        assertThat(addresses.spelling(new Address("Skerry Lane", "7", "2110")).exact())
                .isTrue();
        for (Mood mood : List.of(Mood.DOWN, Mood.WRONG)) {
            moods.set(Service.ADDRESSES, mood);
            assertThat(addresses
                            .spelling(new Address("Skerry Lane", "7", "2110"))
                            .answered())
                    .isFalse();
        }
    }

    private ClaimView withBenefit(SignedIn applicant, String caseNumber) {
        ObjectNode answers = answers(applicant);
        answers.putObject("linkedBenefit").put("kind", "FOOD_ASSISTANCE").put("caseNumber", caseNumber);
        return handInNow(applicant, answers);
    }

    private RegisterRequest benefit(ClaimView claim) {
        return newest(claim, Register.BENEFITS).orElseThrow();
    }

    private RegisterRequest wages(ClaimView claim) {
        Optional<RegisterRequest> request = newest(claim, Register.WAGES);
        return request.orElseThrow();
    }

    /** The newest question about a claim to a register. */
    private Optional<RegisterRequest> newest(ClaimView claim, Register register) {
        return registers.newestOf(claim.id()).stream()
                .filter(request -> request.register() == register)
                .findFirst();
    }
}
