package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.contact.Contact;
import org.civitane.server.contact.Contacts;
import org.civitane.server.contact.Messages;
import org.civitane.server.contact.Notices;
import org.civitane.server.daysheet.DaySheet;
import org.civitane.server.platform.Problem;
import org.civitane.server.standins.Carrier;
import org.civitane.server.standins.Mood;
import org.civitane.server.standins.Moods;
import org.civitane.server.standins.Service;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** Safe contact: what is marked is kept to, and shown to nobody whom it does not concern; messages and word of them. */
public class ContactTest extends ServerTest {
    @Autowired
    private Contacts contacts;

    @Autowired
    private Messages messages;

    @Autowired
    private Notices notices;

    @Autowired
    private Carrier carrier;

    @Autowired
    private Moods moods;

    @Autowired
    private History history;

    @Autowired
    private DaySheet sheet;

    private SignedIn caseworker;
    private SignedIn applicant;
    private ClaimView claim;

    @BeforeMethod
    void takeAClaim() {
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker);
        applicant = accounts.account(claim.applicant());
    }

    @AfterMethod(alwaysRun = true)
    void carryAgain() {
        moods.set(Service.CARRIER, Mood.ANSWERS);
    }

    @Test
    public void whatIsSaidWhileApplyingIsKeptBesideTheClaimAndNotInIt() {
        SignedIn another = person(Role.APPLICANT);
        ObjectNode answers = answers(another);
        answers.putObject("contact")
                .put("street", "Rope Walk")
                .put("houseNumber", "7")
                .put("postCode", "3211")
                .put("personNumber", "1234 567 8903")
                .put("phone", "+999 12345678")
                .put("mayCall", false)
                .put("safeName", "Ana");
        ClaimView made = handIn(another, answers);
        assertThat(claims.newestEdition(made)).doesNotContain("Rope Walk").doesNotContain("contact");
        Contact contact = contacts.of(made.id(), "m1");
        assertThat(contact.personNumber()).isEqualTo("12345678903");
        assertThat(contact.mayCall()).isFalse();
        assertThat(contact.mayBeReached())
                .as("what was not said is not allowed")
                .isFalse();
        assertThat(contact.isMarked()).isTrue();
    }

    @DataProvider
    Object[][] impossible() {
        return new Object[][] {
            {"email", "nobody"}, {"phone", "12345"}, {"postCode", "9999"}, {"personNumber", "12345678900"}
        };
    }

    @Test(dataProvider = "impossible")
    public void aContactThatCannotBeIsRefusedAtItsField(String field, String value) {
        SignedIn another = person(Role.APPLICANT);
        ObjectNode answers = answers(another);
        answers.putObject("contact")
                .put("street", "Skerry Lane")
                .put("postCode", "2110")
                .put(field, value);
        assertThatThrownBy(() -> handInNow(another, answers))
                .isInstanceOf(Problem.class)
                .satisfies(problem -> assertThat(problem.getMessage()).isNotBlank());
    }

    @Test
    public void wordGoesOutByTheFirstWayThatIsAllowedAndNeverSaysWhatTheNewsIs() {
        messages.write(claim, "Please send the lease of Ivo's new home.", caseworker);
        await("it was carried", () -> carried().size() == 1);
        Carrier.Sent word = carried().getFirst();
        assertThat(word.channel()).isEqualTo("EMAIL");
        assertThat(word.recipient()).isEqualTo(applicant.email());
        assertThat(word.body()).contains(claim.number()).doesNotContain("lease").doesNotContain("Ivo");
        allow(false, true, "+99912345678", "Ana");
        messages.write(claim, "Thank you.", caseworker);
        await("it was carried as a text message", () -> carried().size() == 2);
        assertThat(notices.of(claim.id()).getFirst().channel()).isEqualTo(Notices.Channel.TEXT);
        assertThat(notices.of(claim.id()).getFirst().body()).startsWith("Dear Ana");
    }

    @Test
    public void whereNoWayIsAllowedNothingGoesAndTheHistorySaysSo() {
        allow(false, false, "+99912345678", "");
        messages.write(claim, "Are you safe?", caseworker);
        assertThat(notices.of(claim.id())).extracting(Notices.Notice::state).containsExactly("HELD");
        assertThat(history.of(claim.id())).extracting(History.Line::kind).contains("not-notified");
        assertThat(carried()).isEmpty();
    }

    @Test
    public void aCarrierThatIsDownCarriesLaterAndOnce() {
        moods.set(Service.CARRIER, Mood.DOWN);
        messages.write(claim, "One.", caseworker);
        await("it was tried", () -> !notices.of(claim.id()).isEmpty());
        moods.set(Service.CARRIER, Mood.ANSWERS);
        await("it was carried", () -> notices.of(claim.id()).getFirst().state().equals("SENT"));
        Notices.Notice notice = notices.of(claim.id()).getFirst();
        carrier.carry(new Carrier.Sending(notice.id(), "EMAIL", notice.recipient(), "", ""));
        assertThat(carried()).hasSize(1);
    }

    @Test
    public void whatIsUnreadIsCountedOnBothSidesAndComesBackToTheCaseworker() {
        messages.write(claim, "Which papers?", applicant);
        assertThat(messages.unread(claim.id(), true)).isEqualTo(1);
        assertThat(messages.unread(claim.id(), false)).isZero();
        assertThat(sheet.page(
                                DaySheet.Pile.CAME_BACK,
                                DaySheet.Wanted.of(caseworker.account()),
                                java.util.Optional.empty())
                        .rows())
                .extracting(DaySheet.Row::nextStep)
                .anyMatch(step -> inWords(step).contains("wrote to you"));
        messages.read(claim.id(), true);
        messages.write(claim, "The lease.", caseworker);
        assertThat(messages.unread(claim.id(), true)).isZero();
        assertThat(messages.unread(claim.id(), false)).isEqualTo(1);
        assertThatThrownBy(() -> messages.write(claim, "  ", caseworker)).isInstanceOf(Problem.class);
    }

    @Test
    public void whoSpeaksAnotherLanguageIsMarkedAndOnlyLanguagesAreTaken() {
        contacts.change(claim, "m1", speaking("pt"), caseworker);
        assertThat(contacts.of(claim.id(), "m1"))
                .matches(Contact::speaksAnother)
                .matches(Contact::isMarked);
        contacts.change(claim, "m1", speaking("en"), caseworker);
        assertThat(contacts.of(claim.id(), "m1").isMarked()).isFalse();
        assertThatThrownBy(() -> contacts.change(claim, "m1", speaking("xx"), caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("Choose one of the languages");
    }

    private static Contact speaking(String language) {
        return new Contact("", "", "", "", "", "", "", true, true, true, true, "", "", language);
    }

    private void allow(boolean email, boolean text, String phone, String safeName) {
        contacts.change(
                claim,
                "m1",
                new Contact("", "", "", "", "", "", phone, true, email, text, false, safeName, "", ""),
                caseworker);
    }

    private List<Carrier.Sent> carried() {
        return carrier.carried().stream()
                .filter(sent -> sent.body().contains(claim.number()))
                .toList();
    }
}
