package org.civitane.exchange.programme;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.Shape;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Outsider;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.exchange.casefile.Determinations;
import org.civitane.exchange.casefile.Examples;
import org.civitane.exchange.casefile.FactText;
import org.civitane.exchange.casefile.KeptDeterminations;
import org.civitane.exchange.casefile.WhoseWord;
import org.civitane.exchange.policy.ShippedPolicy;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What every programme of the catalogue tells, so that none can be half there. What a programme cannot have yet stands
 * in {@link #NOT_YET}, which only shrinks: a line in it that is no longer needed is a failure as well.
 */
public class ContractTest {
    /** {@code programme what}, as the checks below call it. */
    private static final Set<String> NOT_YET = Set.of(
            "valuation-review form",
            "mortgage-arrears form",
            "repayment-plan form",
            "support-intake form",
            "dental-support form",
            "disability-allowance form",
            "payer-registration form",
            "objection form",
            "name-change form",
            "legal-help form",
            "housing-list form",
            "estate-registration form");

    /** Their chapters say so. */
    private static final Set<String> DENIES_NOBODY = Set.of("support-intake", "estate-registration");

    private static final PolicyBook BOOK = ShippedPolicy.book();

    @DataProvider
    Object[][] programmes() {
        return Examples.programmes();
    }

    @Test(dataProvider = "programmes")
    public void hasAFormUnlessItIsToCome(String id, Programme<?> programme) {
        assertYet(id + " form", programme.form().isPresent());
    }

    @Test(dataProvider = "programmes")
    public void theEmptiestApplicationCanBeDeterminedAndEverythingItLacksIsKnown(String id, Programme<?> programme) {
        Determination determination =
                determine(Emptiest.of(programme).toString().getBytes(StandardCharsets.UTF_8));
        assertThat(determination.missing()).as(id).isNotEmpty();
        determination.missing().forEach(code -> assertLackIsTold(programme, code));
    }

    @Test(dataProvider = "programmes")
    public void everyCodeAndResultOfItsExamplesIsTold(String id, Programme<?> programme) throws Exception {
        Wording wording = programme.wording(Locale.ENGLISH);
        for (byte[] example : Examples.contents(id)) {
            Determination determination = determine(example);
            determination.missing().forEach(code -> assertLackIsTold(programme, code));
            for (Outcome outcome : determination.outcomes()) {
                assertThat(programme.findingOf(outcome)).isNotNull();
                assertThat(wording.has("outcome." + outcome.result()))
                        .as(id + " outcome." + outcome.result())
                        .isTrue();
                assertThat(wording.has("basis." + outcome.basis()) || wording.has("word." + outcome.basis()))
                        .as(id + " basis." + outcome.basis())
                        .isTrue();
            }
        }
    }

    @Test(dataProvider = "programmes")
    public void everyResultHasALetterAndOneThatRefusesAsksForAReason(String id, Programme<?> programme) {
        Wording wording = programme.wording(Locale.ENGLISH);
        boolean all = programme.findings().keySet().stream().allMatch(result -> wording.has("letter." + result));
        assertYet(id + " letters", all);
        assertThat(programme.findings().values()).contains(Finding.GRANTED, Finding.OPEN);
        assertThat(programme.findings().values().contains(Finding.REFUSED))
                .as(id)
                .isNotEqualTo(DENIES_NOBODY.contains(id));
    }

    @Test(dataProvider = "programmes")
    public void everyLackLeadsToAFactThereIs(String id, Programme<?> programme) {
        Set<String> facts = new HashSet<>();
        programme.facts().forEach(fact -> facts.add(fact.name()));
        for (Lack lack : programme.lacks()) {
            String head = new FactPath(lack.fact()).path().split("/")[0];
            assertThat(facts).as(id + " lacks " + lack.code()).contains(head);
        }
        assertThat(programme.lacks().stream().map(Lack::code)).doesNotHaveDuplicates();
    }

    @Test(dataProvider = "programmes")
    public void applicantsCanWriteNoFactThatIsNotTheirs(String id, Programme<?> programme) {
        List<String> others = new ArrayList<>();
        othersWord(programme.facts(), "", Optional.empty(), (path, file) -> {
            others.add(path);
            assertThat(WhoseWord.notTheApplicants(file, Json.mapper().createObjectNode(), programme.facts()))
                    .as(id + " " + path)
                    .contains(path);
        });
        assertThat(others).as(id).contains("receivedAt", "signatures");
    }

    @Test(dataProvider = "programmes")
    public void everyFactOfItsExamplesReadsBackInWordsOfItsShape(String id, Programme<?> programme) throws Exception {
        Wording wording = programme.wording(Locale.ENGLISH);
        for (byte[] example : Examples.contents(id)) {
            JsonNode file = Json.mapper().readTree(example);
            for (FactSpec fact : programme.facts()) {
                JsonNode value = file.path(fact.name());
                boolean given = !value.isMissingNode()
                        && !(value.isString() && value.asString().isBlank());
                if (given && !(fact.shape() instanceof Shape.Unread)) {
                    assertThat(FactText.words(fact.shape(), value, wording))
                            .as(id + " " + fact.name() + " " + value)
                            .isNotBlank()
                            .doesNotContain("{", "[", "\"")
                            .doesNotContainPattern("[0-9]{4}-[0-9]{2}-[0-9]{2}");
                }
            }
        }
    }

    @Test(dataProvider = "programmes")
    public void everyPartOfARecordHasALabelAtTheDesk(String id, Programme<?> programme) {
        Wording wording = programme.wording(Locale.ENGLISH);
        programme.form().stream()
                .flatMap(form -> form.chapters().stream())
                .flatMap(chapter -> chapter.questions().stream())
                .filter(question -> question.widget() == Question.Widget.RECORD)
                .flatMap(record -> record.parts().stream())
                .forEach(part -> assertThat(wording.has("fact." + part.path() + ".label")
                                || wording.has("question." + part.path() + ".label"))
                        .as(id + " " + part.path())
                        .isTrue());
    }

    @Test(dataProvider = "programmes")
    public void everyPaperItWantsIsAKindItTellsOfInWords(String id, Programme<?> programme) throws Exception {
        Wording wording = programme.wording(Locale.ENGLISH);
        Set<String> told = new HashSet<>();
        programme.papers().stream().map(PaperKind::code).forEach(told::add);
        told.forEach(kind -> {
            assertThat(wording.has("evidence." + kind + ".title"))
                    .as(id + " " + kind)
                    .isTrue();
            assertThat(wording.has("evidence." + kind + ".why"))
                    .as(id + " " + kind)
                    .isTrue();
        });
        for (byte[] example : Examples.contents(id)) {
            assertThat(needs(CaseFiles.read(example))).as(id).isSubsetOf(told);
        }
    }

    @Test(dataProvider = "programmes")
    public void whomItAsksOutsideIsAskedInWordsForWhatIsTheirsToSay(String id, Programme<?> programme) {
        Wording wording = programme.wording(Locale.ENGLISH);
        for (Outsider outsider : programme.outsiders()) {
            String key = "outsider." + outsider.code() + ".";
            for (String words : List.of("who", "what", "title", "about", "silence")) {
                assertThat(wording.has(key + words)).as(id + " " + key + words).isTrue();
            }
            outsider.told().forEach((place, path) -> {
                assertThat(wording.text(key + "about")).contains("{" + place + "}");
                assertThat(FactSpecs.shapeAt(programme.facts(), new FactPath(path)))
                        .as(id + " " + path)
                        .isPresent();
            });
            for (Question question : outsider.asked()) {
                assertThat(wording.has(key + question.path() + ".label"))
                        .as(id + " " + key + question.path())
                        .isTrue();
                assertThat(part(programme, outsider, question.path()).saidBy())
                        .as(id + " " + question.path())
                        .isEqualTo(SaidBy.THIRD_PARTY);
            }
            assertThat(part(programme, outsider, outsider.name()).saidBy()).isEqualTo(SaidBy.APPLICANT);
            assertThat(part(programme, outsider, outsider.askedOn()).saidBy()).isEqualTo(SaidBy.AGENCY);
            outsider.unanswered()
                    .keySet()
                    .forEach(part -> assertThat(part(programme, outsider, part)).isNotNull());
            assertThat(programme.facts().stream().map(FactSpec::name))
                    .containsAll(outsider.silentOn().stream().toList());
        }
    }

    @Test(dataProvider = "programmes")
    public void whatSignersShareAreFactsWithLabels(String id, Programme<?> programme) {
        Wording wording = programme.wording(Locale.ENGLISH);
        programme.facts().stream()
                .filter(fact -> programme.shared().contains(fact.name()))
                .forEach(fact -> assertThat(wording.has("fact." + fact.name() + ".label"))
                        .as(id + " " + fact.name())
                        .isTrue());
        assertThat(programme.facts().stream().map(FactSpec::name)).containsAll(programme.shared());
    }

    private static FactSpec part(Programme<?> programme, Outsider outsider, String name) {
        return programme.facts().stream()
                .filter(fact -> fact.name().equals(outsider.fact()))
                .flatMap(fact -> ((Shape.Group) fact.shape()).parts().stream())
                .filter(part -> part.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test(dataProvider = "programmes")
    public void whatWasDeterminedIsKeptWordForWord(String id, Programme<?> programme) throws Exception {
        Wording wording = programme.wording(Locale.ENGLISH);
        for (byte[] example : Examples.contents(id)) {
            Determination determined = CaseFiles.read(example).determine(BOOK, Reasoning.recording());
            Determination told = KeptDeterminations.read(KeptDeterminations.write(determined));
            assertThat(told.outcomes()).as(id).isEqualTo(determined.outcomes());
            assertThat(told.figures()).as(id).isEqualTo(determined.figures());
            assertThat(sentences(told, wording)).as(id).isEqualTo(sentences(determined, wording));
            assertThat(Determinations.toJson(told, true)).as(id).isEqualTo(Determinations.toJson(determined, true));
        }
    }

    private static List<String> sentences(Determination determination, Wording wording) {
        return determination.reasons().stream().map(wording::sentence).toList();
    }

    /** Calls back with every path to a fact of others, and an application that says it and nothing else. */
    private static void othersWord(
            List<FactSpec> facts, String within, Optional<ObjectNode> around, BiConsumer<String, ObjectNode> use) {
        for (FactSpec fact : facts) {
            String path = within + fact.name();
            if (fact.saidBy() != SaidBy.APPLICANT) {
                ObjectNode file = around.map(ObjectNode::deepCopy)
                        .orElseGet(() -> Json.mapper().createObjectNode());
                CasePaths.set(file, new FactPath(path), Emptiest.any(fact.shape()));
                use.accept(path, file);
            } else if (fact.shape() instanceof Shape.Group group) {
                ObjectNode holder = around.map(ObjectNode::deepCopy)
                        .orElseGet(() -> Json.mapper().createObjectNode());
                CasePaths.set(holder, new FactPath(path), Json.mapper().createObjectNode());
                othersWord(group.parts(), path + "/", Optional.of(holder), use);
            }
        }
    }

    private static void assertLackIsTold(Programme<?> programme, String missing) {
        Lack lack = programme.lackOf(missing);
        Wording wording = programme.wording(Locale.ENGLISH);
        assertThat(wording.has("word." + lack.code()) || wording.has("missing." + lack.code()))
                .as(programme.id() + " has words for " + lack.code())
                .isTrue();
        assertThat(wording.has("missing.from." + lack.from())).isTrue();
        if (lack.beforehand()) {
            assertThat(wording.has("missing." + lack.code() + ".beforehand")).isTrue();
        }
    }

    private static <C extends org.civitane.core.casefile.CaseFile> List<String> needs(CaseFiles.Read<C> read) {
        Determination determination = read.determine(BOOK, Reasoning.silent());
        return read.programme().evidenceNeeds(read.file(), determination).stream()
                .map(EvidenceNeed::kind)
                .toList();
    }

    private static Determination determine(byte[] file) {
        return CaseFiles.read(file).determine(BOOK, Reasoning.silent());
    }

    private static void assertYet(String what, boolean there) {
        assertThat(there)
                .as(NOT_YET.contains(what) ? what + " is there: take it off the list" : what)
                .isEqualTo(!NOT_YET.contains(what));
    }
}
