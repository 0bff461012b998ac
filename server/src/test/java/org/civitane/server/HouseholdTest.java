package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.evidence.MyEvidenceItem;
import org.civitane.server.household.Match;
import org.civitane.server.household.Persons;
import org.civitane.server.intake.Drafts;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** People across claims: proposed, confirmed or refused, never merged by themselves. */
public class HouseholdTest extends ServerTest {
    @Autowired
    private Persons persons;

    @Autowired
    private JdbcClient database;

    @Autowired
    private MockMvc http;

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    @Autowired
    private Papers papers;

    @Autowired
    private EvidenceList evidence;

    @Test
    public void theSameNameAndBirthIsProposedAndMergesOnlyWhenConfirmed() {
        SignedIn applicant = person(Role.APPLICANT);
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView meals = handIn(applicant, answers(applicant));
        ClaimView food = handInForFood(applicant, answers(applicant));
        List<Match> proposed = persons.matches(food.id());
        assertThat(proposed).extracting(Match::member).containsExactly("m1", "m2");
        assertThat(proposed)
                .allMatch(match -> match.state() == Match.State.PROPOSED)
                .allMatch(match -> match.claims().equals(List.of(meals.number())));
        assertThat(claimsOfHousehold(food)).containsExactly(food.number());
        persons.settle(food, "m1", proposed.getFirst().known(), true, caseworker);
        assertThat(claimsOfHousehold(food)).containsExactlyInAnyOrder(food.number(), meals.number());
        persons.settle(food, "m1", proposed.getFirst().known(), false, caseworker);
        assertThat(claimsOfHousehold(food)).containsExactly(food.number());
    }

    @Test
    public void whoHasTheSameNameIsFoundAmongAThousandBornOnTheSameDay() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView meals = handIn(applicant, answers(applicant));
        SignedIn another = person(Role.APPLICANT);
        UUID filler = handIn(another, answers(another)).id();
        database.sql("""
                        with many as (insert into person (id, name, shown, born, number)
                          select gen_random_uuid(), 'OTHER ' || i, 'Other ' || i, date '1988-03-02', '' from generate_series(1, 1000) i
                          returning id)
                        insert into claim_person (claim_id, member, name, born, person_id)
                        select ?, 'x' || row_number() over (), 'OTHER', date '1988-03-02', id from many""").param(filler).update();
        ClaimView food = handInForFood(applicant, answers(applicant));
        assertThat(persons.matches(food.id()))
                .filteredOn(match -> match.member().equals("m1"))
                .extracting(Match::claims)
                .contains(List.of(meals.number()));
    }

    @Test
    public void tolerancesFindWhoIsNearAndNobodyElse() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView first = handIn(applicant, answers(applicant));
        ObjectNode swapped = answers(applicant);
        ((ObjectNode) swapped.path("members").get(0)).put("dateOfBirth", "1988-02-03");
        ((ObjectNode) swapped.path("members").get(1))
                .put("givenName", "Somebody")
                .put("dateOfBirth", "2011-01-01");
        ClaimView near = handInForFood(applicant, swapped);
        assertThat(persons.matches(near.id()))
                .extracting(Match::member, match -> match.claims().getFirst())
                .containsExactly(org.assertj.core.groups.Tuple.tuple("m1", first.number()));
        assertThat(persons.matches(near.id()).getFirst().why()).contains("nearly the same date");
    }

    @Test
    public void peopleWithDifferentNumbersAreNotProposed() {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode one = answers(applicant);
        one.putObject("contact").put("personNumber", "12345678903");
        handIn(applicant, one);
        ObjectNode other = answers(applicant);
        other.putObject("contact").put("personNumber", "98765432106");
        ClaimView second = handInForFood(applicant, other);
        assertThat(persons.matches(second.id())).extracting(Match::member).doesNotContain("m1");
    }

    @Test
    public void anAcceptedPaperServesAnotherClaimOfTheSamePersonWhileItHolds() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView meals = handIn(applicant, answers(applicant));
        Paper card = papers.take(meals, png(), "IDENTITY", "m1", "card.png", applicant);
        read(meals);
        papers.judge(meals, card.id(), Optional.empty(), caseworker);
        ClaimView food = handInForFood(applicant, answers(applicant));
        assertThat(identity(food).state())
                .as("nobody said that they are the same")
                .isEqualTo(EvidenceItem.State.ASKED_FOR);
        persons.settle(food, "m1", persons.matches(food.id()).getFirst().known(), true, caseworker);
        assertThat(identity(food).state()).isEqualTo(EvidenceItem.State.ACCEPTED);
        assertThat(identity(food).servedBy()).contains(meals.number());
        assertThat(evidence.ofApplicant(dossier(food)))
                .as("they handed it in themself")
                .anyMatch(MyEvidenceItem::alreadyHere);
        EvidenceItem later = clock.at(clock.localNow().plusYears(3), () -> identity(food));
        assertThat(later.state()).as("it no longer holds").isEqualTo(EvidenceItem.State.ASKED_FOR);
    }

    @Test
    public void aPersonLearnsNothingOfAnothersSeparateClaim() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        SignedIn hidden = person(Role.APPLICANT);
        ClaimView secret = handIn(hidden, answers(hidden));
        Paper slip = papers.take(secret, png(), "PAY_SLIPS", "m1", "her-own-slip.png", hidden);
        read(secret);
        papers.judge(secret, slip.id(), Optional.empty(), caseworker);
        SignedIn partner = person(Role.APPLICANT);
        ClaimView theirs = answered(drafts.handInAnswers(
                partner,
                "food-assistance",
                withPartner(answers(hidden), partner),
                new Drafts.Signing(partner.displayName(), Optional.empty())));
        persons.matches(theirs.id())
                .forEach(match -> persons.settle(theirs, match.member(), match.known(), true, caseworker));
        assertThat(evidence.of(dossier(theirs)))
                .as("staff see it")
                .anyMatch(item -> item.servedBy().isPresent());
        assertThat(evidence.ofApplicant(dossier(theirs)))
                .as("to them it is as if nobody had shown anything")
                .noneMatch(item -> item.alreadyHere() || item.state() == EvidenceItem.State.ACCEPTED);
        assertThat(evidence.wantedOfApplicant(dossier(theirs)))
                .isEqualTo((int) evidence.ofApplicant(dossier(theirs)).stream()
                        .filter(item -> item.state() == EvidenceItem.State.ASKED_FOR)
                        .count());
        for (Endpoints.Call call : Endpoints.of(mappings)) {
            if (!call.changes() && call.path().startsWith("/api/my/")) {
                String told = http.perform(get(call.path()
                                        .replaceAll("\\{\\w+}", theirs.id().toString()))
                                .with(as(partner)))
                        .andReturn()
                        .getResponse()
                        .getContentAsString();
                assertThat(told)
                        .as(call.toString())
                        .doesNotContain(secret.number())
                        .doesNotContain(secret.id().toString())
                        .doesNotContain(slip.id().toString())
                        .doesNotContain("her-own-slip")
                        .doesNotContain(hidden.email());
            }
        }
    }

    /** The partner applies, with the other and the child in the household. */
    private static ObjectNode withPartner(ObjectNode answers, SignedIn partner) {
        ObjectNode other = (ObjectNode) answers.path("members").get(0);
        other.put("id", "m3").put("relationship", "PARTNER");
        ((ObjectNode) answers.path("members").get(1)).remove("pupil");
        answers.withArray("members")
                .addObject()
                .put("id", "m1")
                .put("givenName", "Runa")
                .put("familyName", partner.displayName().substring(5))
                .put("dateOfBirth", "1987-01-02")
                .put("relationship", "SELF");
        ((ObjectNode) answers.path("incomes").get(0)).put("member", "m3");
        answers.putArray("noIncomeDeclared").add("m1");
        answers.putArray("resources");
        answers.putArray("expenses");
        return answers;
    }

    private EvidenceItem identity(ClaimView claim) {
        return evidence.of(dossier(claim)).stream()
                .filter(item -> item.kind().equals("IDENTITY"))
                .findFirst()
                .orElseThrow();
    }

    private List<String> claimsOfHousehold(ClaimView claim) {
        return persons.claimsOfHousehold(claim.id()).stream()
                .map(Persons.ClaimOfPerson::number)
                .distinct()
                .toList();
    }

    private static ByteArrayInputStream png() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(25, 31, BufferedImage.TYPE_INT_RGB), "png", out);
        return new ByteArrayInputStream(out.toByteArray());
    }
}
