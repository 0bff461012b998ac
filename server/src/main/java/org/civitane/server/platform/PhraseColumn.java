package org.civitane.server.platform;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.server.platform.Phrase.Amount;
import org.civitane.server.platform.Phrase.Capital;
import org.civitane.server.platform.Phrase.Count;
import org.civitane.server.platform.Phrase.Day;
import org.civitane.server.platform.Phrase.Sentence;
import org.civitane.server.platform.Phrase.Several;
import org.civitane.server.platform.Phrase.Text;
import org.civitane.server.platform.Phrase.Word;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.LongNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Phrases as the database keeps them: a text as a JSON text, a number as a number, everything else as an object that is
 * told by its first field.
 */
public final class PhraseColumn {
    private PhraseColumn() {}

    public static String write(Phrase phrase) {
        return JsonColumn.write(json(phrase));
    }

    public static Phrase read(String json) {
        return phrase(JsonColumn.read(json));
    }

    /** The same as part of another document. */
    static JsonNode json(Phrase phrase) {
        ObjectNode json = JsonColumn.object();
        switch (phrase) {
            case Text text -> {
                return StringNode.valueOf(text.text());
            }
            case Count count -> {
                return LongNode.valueOf(count.number());
            }
            case Amount amount -> json.put("amount", amount.money().toString());
            case Sentence sentence -> {
                json.put("say", sentence.code());
                if (!sentence.values().isEmpty()) {
                    sentence.values().forEach(value -> json.withArray("with").add(json(value)));
                }
            }
            case Word word -> {
                json.put("word", word.key()).put("of", word.programme());
                word.places().forEach((name, value) -> json.withObject("with").set(name, json(value)));
            }
            case Day day ->
                json.put("day", day.day().toString()).put("style", day.style().name());
            case Several several -> {
                json.putArray("several")
                        .addAll(several.parts().stream().map(PhraseColumn::json).toList());
                json.set("between", json(several.between()));
            }
            case Capital capital -> json.set("capital", json(capital.of()));
        }
        return json;
    }

    private static Phrase phrase(JsonNode json) {
        if (json.isString()) {
            return new Text(json.asString());
        } else if (json.isNumber()) {
            return new Count(json.asLong());
        } else if (json.has("say")) {
            return new Sentence(
                    json.path("say").asString(),
                    json.path("with").valueStream().map(PhraseColumn::phrase).toList());
        } else if (json.has("word")) {
            Map<String, Phrase> places = new LinkedHashMap<>();
            json.path("with").properties().forEach(place -> places.put(place.getKey(), phrase(place.getValue())));
            return new Word(json.path("of").asString(), json.path("word").asString(), places);
        } else if (json.has("amount")) {
            return new Amount(Money.parse(json.path("amount").asString()));
        } else if (json.has("day")) {
            return new Day(
                    LocalDate.parse(json.path("day").asString()),
                    Day.Style.valueOf(json.path("style").asString(Day.Style.FULL.name())));
        } else if (json.has("several")) {
            return new Several(
                    json.path("several").valueStream().map(PhraseColumn::phrase).toList(),
                    phrase(json.path("between")));
        } else if (json.has("capital")) {
            return new Capital(phrase(json.path("capital")));
        }
        throw new IllegalArgumentException("This is no phrase.");
    }
}
