package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Carrier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Those who have no account and answer by a link: a claim that asks two of them, and what they do with their pages. */
abstract class LinkTest extends ServerTest {
    protected static final String BORN = "1990-05-30";
    private static final String NUMBER = "30059000142";

    @Autowired
    protected Carrier carrier;

    @Autowired
    protected JdbcClient database;

    @Autowired
    protected Scheduler jobs;

    protected SignedIn applicant;
    protected SignedIn caseworker;
    protected ClaimView claim;
    protected String signer;
    protected String landlord;

    @BeforeMethod
    void apply() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        signer = "signer." + applicant.email();
        landlord = "landlord." + applicant.email();
        ObjectNode reach = JsonColumn.object();
        reach.putObject("m2").put("email", signer).put("personNumber", number());
        reach.putObject("landlord").put("email", landlord);
        claim = handInForRent(applicant, reach);
    }

    protected void signed() {
        Page page = new Page(linkTo(signer));
        page.confirm(BORN, last4());
        page.answer(signersName(), "");
    }

    protected String signersName() {
        return dossier(claim).said().file().members().get(1).name().full();
    }

    protected static String number() {
        int digit = org.civitane.core.person.PersonNumber.checkDigit(NUMBER.substring(0, NUMBER.length() - 1));
        return NUMBER.substring(0, NUMBER.length() - 1) + digit;
    }

    protected static String last4() {
        return number().substring(number().length() - 4);
    }

    protected String linkTo(String recipient) {
        return found(recipient, Pattern.compile("/answer#([A-Za-z0-9_-]{43})"));
    }

    protected String found(String recipient, Pattern pattern) {
        await(
                "word reached " + recipient,
                () -> carried(recipient).stream()
                        .anyMatch(body -> pattern.matcher(body).find()));
        Matcher matcher = carried(recipient).stream()
                .map(pattern::matcher)
                .filter(Matcher::find)
                .findFirst()
                .orElseThrow();
        return matcher.group(1);
    }

    protected List<String> carried(String recipient) {
        return carrier.carried().stream()
                .filter(sent -> sent.recipient().equals(recipient))
                .map(Carrier.Sent::body)
                .toList();
    }

    /** A form, as PDF. */
    protected static byte[] pdf(Visitor visitor, String path) {
        Visitor.Answer answer =
                visitor.send(path, request -> request.POST(java.net.http.HttpRequest.BodyPublishers.noBody()));
        assertThat(answer.status()).isEqualTo(200);
        return (byte[]) answer.response().body();
    }

    protected static JsonNode json(Visitor.Answer answer) {
        return JsonColumn.read(answer.body());
    }

    /** A browser of its own, at the page that a link leads to. */
    protected final class Page {
        private final Visitor visitor = new Visitor(PORT);
        private final String token;

        Page(String token) {
            this.token = token;
        }

        JsonNode open() {
            return json(visitor.post("/api/link", "{\"token\":\"" + token + "\"}"));
        }

        void code() {
            visitor.post("/api/link/code", "{\"token\":\"" + token + "\"}");
        }

        /** The page as it is then; the problem where there is one. */
        JsonNode confirm(String born, String proof) {
            JsonNode answer = json(visitor.post(
                    "/api/link/confirm",
                    "{\"token\":\"%s\",\"born\":\"%s\",\"proof\":\"%s\"}".formatted(token, born, proof)));
            return answer.has("page") ? answer.path("page") : answer;
        }

        JsonNode keep(String name, String remark) {
            return say("/api/link/begun", name, JsonColumn.object(), remark);
        }

        JsonNode answer(String name, String remark) {
            return say("/api/link/answer", name, JsonColumn.object(), remark);
        }

        JsonNode say(String... answers) {
            ObjectNode given = JsonColumn.object();
            for (int i = 0; i < answers.length; i += 2) {
                given.put(answers[i], answers[i + 1]);
            }
            return say("/api/link/answer", "", given, "");
        }

        private JsonNode say(String path, String name, ObjectNode answers, String remark) {
            ObjectNode said = JsonColumn.object().put("name", name);
            said.set("answers", answers);
            ObjectNode remarks = said.putObject("remarks");
            if (!remark.isEmpty()) {
                remarks.put("members/m2/incomes", remark);
            }
            ObjectNode body = JsonColumn.object().put("token", token);
            body.set("said", said);
            return json(visitor.post(path, body.toString()));
        }
    }
}
