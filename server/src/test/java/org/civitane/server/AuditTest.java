package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.Role;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.History;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What is done out of the ordinary stands in lists of its own, for those who check how claims are worked. */
public class AuditTest extends HandedIn {
    @Autowired
    private Decisions decisions;

    @Autowired
    private Settlements settlements;

    @Autowired
    private History history;

    @BeforeMethod
    void take() {
        claim = taken(caseworker, claim);
    }

    @Test
    public void whatWasDecidedDespiteSomethingIsListedOfWhoeverDidIt() {
        decisions.decide(claim, "", "Nothing more will come.", caseworker);
        assertThat(lines("DESPITE", caseworker.displayName()))
                .singleElement()
                .satisfies(line -> assertThat(line.path("sentence").asString()).contains("Nothing more will come."));
        assertThat(lines("DESPITE", person(Role.CASEWORKER).displayName())).isEmpty();
    }

    @Test
    public void whatRestsOnAWordIsListedAndWhatPapersShowIsNot() {
        settlements.settle(
                claim,
                new FactPath("homeless"),
                View.SHOWN,
                JsonColumn.read("false"),
                "As the lease has it.",
                Actor.of(caseworker));
        assertThat(lines("OVERRIDDEN", caseworker.displayName())).isEmpty();
        settlements.settle(
                claims.claim(claim.id()),
                new FactPath("homeless"),
                View.TYPED,
                JsonColumn.read("true"),
                "They lost the flat yesterday.",
                Actor.of(caseworker));
        assertThat(lines("OVERRIDDEN", caseworker.displayName()))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.path("sentence").asString()).contains("They lost the flat yesterday.");
                    assertThat(line.path("claim").path("number").asString()).isEqualTo(claim.number());
                });
    }

    @Test
    public void aPageGoesOnWhereTheOneBeforeEnded() {
        for (String value : List.of("true", "false")) {
            settlements.settle(
                    claims.claim(claim.id()),
                    new FactPath("homeless"),
                    View.SAID,
                    JsonColumn.read(value),
                    "Said " + value,
                    Actor.of(caseworker));
        }
        List<History.LineOf> first = page(0);
        List<History.LineOf> second = page(first.getFirst().line().id());
        assertThat(inWords(first.getFirst().line().sentence())).contains("Said false");
        assertThat(inWords(second.getFirst().line().sentence())).contains("Said true");
        assertThat(page(second.getFirst().line().id())).isEmpty();
    }

    private List<History.LineOf> page(long before) {
        return history.ofKinds(List.of("overridden"), caseworker.displayName(), before, 1);
    }

    @Test
    public void theListsAreForAuditorsAndSupervisors() {
        String lists = "/api/audit?kind=WAIVED";
        assertThat(new Visitor(PORT, person(Role.AUDITOR).email()).get(lists).status())
                .isEqualTo(200);
        assertThat(new Visitor(PORT, person(Role.SUPERVISOR).email()).get(lists).status())
                .isEqualTo(200);
        assertThat(new Visitor(PORT, caseworker.email()).get(lists).status()).isEqualTo(403);
    }

    private List<JsonNode> lines(String kind, String by) {
        String address = "/api/audit?kind=" + kind + "&by=" + URLEncoder.encode(by, StandardCharsets.UTF_8);
        Visitor.Answer answer = new Visitor(PORT, person(Role.SUPERVISOR).email()).get(address);
        assertThat(answer.status()).isEqualTo(200);
        return JsonColumn.readObject(answer.body()).path("lines").valueStream().toList();
    }
}
