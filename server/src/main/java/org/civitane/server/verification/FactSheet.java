package org.civitane.server.verification;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Texts;
import org.civitane.server.settlements.Settlement;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** The facts of a claim, grouped by person, each in its views. */
@Service
public class FactSheet {
    private final Claims claims;
    private final Settlements settlements;
    private final BenefitRecord benefits;
    private final Texts texts;

    FactSheet(Claims claims, Settlements settlements, BenefitRecord benefits, Texts texts) {
        this.claims = claims;
        this.settlements = settlements;
        this.benefits = benefits;
        this.texts = texts;
    }

    /** All facts of the newest edition. */
    @Transactional(readOnly = true)
    public List<FactGroup> of(ClaimView claim, Verification.Review review) {
        JsonNode file = JsonColumn.read(claims.newestEdition(claim));
        Map<FactPath, Settlement> settled = settlements.standing(claim.id()).stream()
                .collect(Collectors.toMap(Settlement::path, Function.identity()));
        return new FactRows(claim, file, settled, benefits, review, texts).groups();
    }

    /** A value of the case file in words, as it is shown everywhere; lists and lines by their parts. */
    public static String words(JsonNode value, Wording wording) {
        if (value.has("amount") && value.has("frequency") && value.size() == 2) {
            return words(value.path("amount"), wording) + " " + words(value.path("frequency"), wording);
        }
        if (value.isContainer()) {
            return value.isEmpty()
                    ? wording.textOr("word.empty", "")
                    : value.valueStream().map(part -> words(part, wording)).collect(Collectors.joining(", "));
        }
        if (value.isBoolean()) {
            return wording.shown(String.valueOf(value.asBoolean()));
        }
        String text = value.asString("");
        if (text.matches("[0-9]{4}-[0-9]{2}-[0-9]{2}")) {
            return wording.shown(LocalDate.parse(text));
        }
        return text.matches("-?[0-9]{1,12}\\.[0-9]{2}") ? wording.shown(Money.parse(text)) : wording.shown(text);
    }
}
