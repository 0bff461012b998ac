package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.income.ReconciledSource;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.determinations.Impact;
import org.civitane.server.determinations.Impacts;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.civitane.server.standins.WageRegister;
import org.civitane.server.verification.Fact;
import org.civitane.server.verification.FactSheet;
import org.civitane.server.verification.Verification;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Wages by source: employers that nobody stated, employers stated in several lines, what each of them hangs on. */
public class WagesTest extends ServerTest {
    private static final Actor SOMEONE = Actor.called("Test");

    @Autowired
    private Verification verification;

    @Autowired
    private FactSheet facts;

    @Autowired
    private Settlements settlements;

    @Autowired
    private Impacts impacts;

    @Autowired
    private WageRegister wages;

    @Test
    public void anEmployerThatNobodyStatedIsTold() {
        ClaimView claim = withUndisclosed("Ferry Stairs Kiosk");
        assertThat(verification.of(dossier(claim)).income().sources())
                .extracting(source -> source.employer() + " " + source.verdict())
                .containsExactly(
                        "Ferry Stairs Kiosk " + ReconciledSource.Verdict.UNDISCLOSED,
                        "Tarn Quay Bakery " + ReconciledSource.Verdict.AGREED);
    }

    @Test
    public void eachEmployerThatNobodyStatedIsSettledByItself() {
        ClaimView claim = withUndisclosed("Ferry Stairs Kiosk", "Tern & Sons");
        Fact kiosk = fact(claim, "Wages, Ferry Stairs Kiosk");
        Fact sons = fact(claim, "Wages, Tern & Sons");
        assertThat(kiosk.path()).isNotEqualTo(sons.path());
        settle(claim, kiosk, View.ON_RECORD, onRecord(kiosk));
        assertThat(fact(claim, inWords(sons.label())).state()).isEqualTo(Fact.State.DIFFERS);
        settle(claim, sons, View.SAID, sons.said().orElseThrow().value().orElseThrow());
        assertThat(lines(claim)).containsExactly("Tarn Quay Bakery 412.00", "Ferry Stairs Kiosk 420.00");
        assertThat(fact(claim, inWords(kiosk.label())).settled().orElseThrow().text())
                .isEqualTo("counted with €420.00 a month");
        assertThat(fact(claim, inWords(sons.label())).settled().orElseThrow().text())
                .isEqualTo("left out");
        settlements.undo(claim, new FactPath(kiosk.path()), SOMEONE);
        assertThat(lines(claim)).containsExactly("Tarn Quay Bakery 412.00");
    }

    @Test
    public void aTypedFigureStandsForAWholeSource() {
        ClaimView claim = withUndisclosed("Ferry Stairs Kiosk");
        Fact kiosk = fact(claim, "Wages, Ferry Stairs Kiosk");
        FactPath path = new FactPath(kiosk.path());
        settle(claim, kiosk, View.TYPED, facts.asTyped(dossier(claim), path, text("300.00")));
        assertThat(lines(claim)).containsExactly("Tarn Quay Bakery 412.00", "Ferry Stairs Kiosk 300.00");
        assertThatThrownBy(() -> settle(claim, kiosk, View.TYPED, facts.asTyped(dossier(claim), path, text("much"))))
                .isInstanceOf(Problem.class);
        assertThat(lines(claim)).containsExactly("Tarn Quay Bakery 412.00", "Ferry Stairs Kiosk 300.00");
    }

    @Test
    public void severalLinesOfOneEmployerAreOneFigure() {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        ArrayNode lines = (ArrayNode) answers.path("incomes");
        ((ObjectNode) lines.get(0)).put("employer", "Tarn Quay Bakery").put("frequency", "MONTHLY");
        lines.add(((ObjectNode) lines.get(0))
                .deepCopy()
                .put("id", "i2")
                .put("amount", "250.00")
                .put("employer", "Tarn Quay Bakery Ltd"));
        report(applicant, "Tarn Quay Bakery", "900.00");
        ClaimView claim = handInForFood(applicant, answers);
        Fact wage = fact(claim, "Wages, Tarn Quay Bakery");
        assertThat(wage.said().orElseThrow().text()).isEqualTo("€662.00 a month in 2 lines");
        assertThat(wage.state()).isEqualTo(Fact.State.DIFFERS);
        settle(claim, wage, View.ON_RECORD, onRecord(wage));
        assertThat(lines(claim)).containsExactly("Tarn Quay Bakery 900.00");
        settlements.lapse(claim.id(), List.of(FactPath.of("incomes", "i2", "amount")));
        assertThat(lines(claim)).containsExactly("Tarn Quay Bakery 412.00", "Tarn Quay Bakery Ltd 250.00");
    }

    @Test
    public void twoEmployersThatNobodyStatedMayMatterOnlyTogether() {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        ((ObjectNode) answers.path("incomes").get(0)).put("employer", "Tarn Quay Bakery");
        report(applicant, "Tarn Quay Bakery", "1785.33");
        report(applicant, "Ferry Stairs Kiosk", "160.00");
        report(applicant, "Tern & Sons", "160.00");
        ClaimView claim = handIn(applicant, answers);
        Map<FactPath, List<JsonNode>> open = new LinkedHashMap<>();
        for (String label : List.of("Wages, Ferry Stairs Kiosk", "Wages, Tern & Sons")) {
            Fact fact = fact(claim, label);
            open.put(
                    new FactPath(fact.path()),
                    List.of(fact.said().orElseThrow().value().orElseThrow(), onRecord(fact)));
        }
        assertThat(inWords(dossier(claim).run().headline())).isEqualTo("Free meals");
        assertThat(impacts.of(dossier(claim).settled().json(), open).values())
                .allSatisfy(impact -> {
                    assertThat(impact.together()).isTrue();
                    assertThat(impact.kind()).isEqualTo(Impact.Kind.ANSWER);
                })
                .hasSize(2);
        open.forEach((path, values) -> {
            assertThat(impacts.of(dossier(claim).settled().json(), Map.of(path, values))
                            .get(path)
                            .kind())
                    .isEqualTo(Impact.Kind.NOTHING);
        });
    }

    @Test
    public void manyOpenFactsAreTakenToMatterTogetherRatherThanKeepAnyoneWaiting() {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        ClaimView claim = handIn(applicant, answers);
        FactPath amount = FactPath.of("incomes", "i1", "amount");
        List<JsonNode> nearby = Stream.iterate(0, i -> i + 1)
                .limit(1_200)
                .<JsonNode>map(i -> text("%d.%02d".formatted(400 + i / 100, i % 100)))
                .toList();
        Impact impact = impacts.of(dossier(claim).settled().json(), Map.of(amount, nearby))
                .get(amount);
        assertThat(impact.together()).isTrue();
        assertThat(impact.kind()).isNotEqualTo(Impact.Kind.NOTHING);
    }

    private ClaimView withUndisclosed(String... employers) {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        ((ObjectNode) answers.path("incomes").get(0)).put("employer", "Tarn Quay Bakery");
        report(applicant, "Tarn Quay Bakery Lda", "1785.33");
        for (String employer : employers) {
            report(applicant, employer, "420.00");
        }
        return handInForFood(applicant, answers);
    }

    private Fact fact(ClaimView claim, String label) {
        return facts.of(dossier(claim), verification.of(dossier(claim))).stream()
                .flatMap(group -> group.facts().stream())
                .filter(fact -> inWords(fact.label()).equals(label))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode onRecord(Fact fact) {
        return fact.onRecord().orElseThrow().value().orElseThrow();
    }

    private void settle(ClaimView claim, Fact fact, View view, JsonNode value) {
        settlements.settle(claim, new FactPath(fact.path()), view, value, "It is so.", SOMEONE);
    }

    private List<String> lines(ClaimView claim) {
        return settlements
                .settledCase(claim)
                .path("incomes")
                .valueStream()
                .map(line -> line.path("employer").asString() + " "
                        + line.path("amount").asString())
                .toList();
    }

    private void report(SignedIn applicant, String employer, String gross) {
        YearMonth received = YearMonth.from(BusinessCalendar.received(clock.localNow()));
        for (int back = 1; back <= 3; back++) {
            wages.put(new WageRegister.Entry(
                    applicant.displayName(), LocalDate.of(1988, 3, 2), employer, received.minusMonths(back), gross));
        }
    }
}
