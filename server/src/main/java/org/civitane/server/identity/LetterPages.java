package org.civitane.server.identity;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.misuse.MisuseCase;
import org.civitane.server.papers.Paper;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Office;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.Registers;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Words the letter to the address on record, and the page that its code leads to. */
@Component
class LetterPages {
    private final Registers registers;
    private final Filings filings;
    private final Office office;
    private final Pdf pdf;
    private final Texts texts;
    private final String address;

    LetterPages(
            Registers registers,
            Filings filings,
            Office office,
            Pdf pdf,
            Texts texts,
            @Value("${civitane.address}") String address) {
        this.registers = registers;
        this.filings = filings;
        this.office = office;
        this.pdf = pdf;
        this.texts = texts;
        this.address = address;
    }

    /** To whoever is named in a claim that is doubted: what was filed, and a code to answer with. */
    byte[] letter(ClaimView claim, Doubt doubt, String code) {
        Filings.Filing filing = filings.of(claim);
        return letter(
                claim,
                Map.of(
                        "title", say("identity.letter.title"),
                        "filed", say("identity.letter.filed", filing.programme(), claim.number(), filing.at()),
                        "points", List.of(doubt.why()),
                        "due", say("identity.letter.due", DayText.date(doubt.dueOn())),
                        "how", say("identity.letter.page", address + "/letter"),
                        "code", code,
                        "safe", say("identity.letter.safe")));
    }

    /** What is still wanted to know who someone is: what was sent back and why, else what they were asked. */
    byte[] letterOfWhatIsWanted(ClaimView claim, Doubt doubt, List<Paper> sentBack) {
        String which = sentBack.isEmpty() ? "first" : "again";
        List<String> points = sentBack.isEmpty()
                ? List.of(doubt.why())
                : sentBack.stream()
                        .map(paper -> say("identity.letter.point", nameOf(paper), paper.reason()))
                        .toList();
        return letter(
                claim,
                Map.of(
                        "title", say("identity.letter.title." + which),
                        "filed",
                                say(
                                        "identity.letter.filed." + which,
                                        filings.of(claim).programme(),
                                        claim.number()),
                        "points", points,
                        "due", say("identity.letter.due.shown", DayText.date(doubt.dueOn())),
                        "how", say("identity.letter.how", address + "/my"),
                        "code", "",
                        "safe", say("identity.letter.no-password")));
    }

    private String nameOf(Paper paper) {
        return paper.documentType().isEmpty() ? paper.name() : say("identity.type." + paper.documentType());
    }

    private byte[] letter(ClaimView claim, Map<String, Object> words) {
        JsonNode entry = registers.newestOf(claim.id()).stream()
                .filter(request -> request.register() == Register.CIVIL)
                .flatMap(request -> request.answer().stream())
                .filter(answer -> answer.path("address").isObject())
                .findFirst()
                .orElseThrow(() -> Problem.conflict("no-address", Phrase.of("identity.no-address")));
        JsonNode home = entry.path("address");
        Map<String, Object> values = new HashMap<>(words);
        values.put("name", together(entry, "givenName", "familyName"));
        values.put("street", together(home, "street", "houseNumber"));
        values.put("place", home.path("postCode").asString(""));
        values.put("number", claim.number());
        values.put("call", say("identity.letter.call", office.telephone(), office.hours()));
        return pdf.of("identity-letter", values);
    }

    private static String together(JsonNode of, String first, String second) {
        return of.path(first).asString("") + " " + of.path(second).asString("");
    }

    LetterPage page(ClaimView claim, Doubt doubt) {
        return new LetterPage(
                claim.number(),
                doubt.state(),
                doubt.why(),
                doubt.dueOn(),
                filings.of(claim),
                office,
                doubt.state() == Doubt.State.NOT_ME
                        ? Optional.of(MisuseCase.referenceOf(claim.number()))
                        : Optional.empty());
    }

    private String say(String key, Object... places) {
        return texts.say(key, places);
    }
}
