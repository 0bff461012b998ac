package org.civitane.server.intake;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.OnlineForm;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes a case file of a draft's answers. */
final class Application {
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss");
    /** Not the applicant's to say, or said by handing in. */
    private static final List<String> NOT_ASKED = List.of("programme", "receivedAt", "signatures", "signerNumber");

    private Application() {}

    /** The answers without what an applicant may not say. */
    static ObjectNode cleaned(JsonNode answers) {
        ObjectNode clean = answers.isObject() ? (ObjectNode) answers.deepCopy() : JsonColumn.object();
        clean.remove(NOT_ASKED);
        if (clean.get("linkedBenefit") instanceof ObjectNode benefit) {
            benefit.remove("confirmed");
        }
        return clean;
    }

    /** A signed application. @param last4 empty when the signer has no person number */
    static ObjectNode signed(
            ObjectNode answers, String programme, LocalDateTime at, String name, Optional<String> last4) {
        ObjectNode file = answers.deepCopy();
        file.remove("contact");
        file.put("programme", programme).put("receivedAt", MOMENT.format(at));
        file.putArray("signatures")
                .addObject()
                .put("member", applicant(answers).path("id").asString(""))
                .put("name", name)
                .put("signedAt", MOMENT.format(at));
        if (asksSignerNumber(programme)) {
            ObjectNode number = file.putObject("signerNumber");
            last4.ifPresentOrElse(digits -> number.put("last4", digits), () -> number.put("none", true));
        }
        return file;
    }

    private static boolean asksSignerNumber(String programme) {
        return Catalogue.named(programme)
                .form()
                .filter(OnlineForm::asksSignerNumber)
                .isPresent();
    }

    /** The application as it would be if it were signed now and every statement in it confirmed; for the estimate. */
    static Optional<CaseFiles.Read<?>> imagined(ObjectNode answers, String programme, LocalDateTime at) {
        ObjectNode confirmed = answers.deepCopy();
        if (confirmed.get("linkedBenefit") instanceof ObjectNode benefit) {
            benefit.put("confirmed", true);
        }
        JsonNode self = applicant(answers);
        String name = self.path("givenName").asString("") + " "
                + self.path("familyName").asString("");
        try {
            return Optional.of(read(signed(confirmed, programme, at, name, Optional.empty())));
        } catch (BadInput e) {
            return Optional.empty();
        }
    }

    /** @throws BadInput at the first fault */
    static CaseFiles.Read<?> read(ObjectNode file) {
        return CaseFiles.read(JsonColumn.bytes(file));
    }

    static JsonNode applicant(ObjectNode answers) {
        return answers.path("members")
                .valueStream()
                .filter(member -> member.path("relationship").asString("").equals("SELF"))
                .findFirst()
                .orElse(JsonColumn.object());
    }
}
