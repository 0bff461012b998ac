package org.civitane.exchange.casefile;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.Json;
import tools.jackson.databind.json.JsonMapper;

/**
 * Determinations as they are kept: with the kind of each value, which the open form ({@link Determinations}) leaves to
 * the reader, so that what is read is equal to what was written and reads the same in words.
 */
public final class KeptDeterminations {
    private static final JsonMapper MAPPER = Json.mapper()
            .rebuild()
            .addMixIn(Value.class, OfKinds.class)
            .addMixIn(Money.class, AsText.class)
            .addMixIn(FactPath.class, AsPath.class)
            .addMixIn(PolicyVersion.class, AsVersion.class)
            .build();

    private KeptDeterminations() {}

    public static String write(Determination determination) {
        return MAPPER.writeValueAsString(determination);
    }

    /** @param kept as {@link #write} wrote it */
    public static Determination read(String kept) {
        return MAPPER.readValue(kept, Determination.class);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Value.Amount.class, name = "amount"),
        @JsonSubTypes.Type(value = Value.Count.class, name = "count"),
        @JsonSubTypes.Type(value = Value.Word.class, name = "word"),
        @JsonSubTypes.Type(value = Value.Day.class, name = "day"),
        @JsonSubTypes.Type(value = Value.Month.class, name = "month"),
        @JsonSubTypes.Type(value = Value.QuarterYear.class, name = "quarter"),
        @JsonSubTypes.Type(value = Value.Flag.class, name = "flag"),
        @JsonSubTypes.Type(value = Value.Decimal.class, name = "decimal"),
        @JsonSubTypes.Type(value = Value.Row.class, name = "row"),
        @JsonSubTypes.Type(value = Value.Fields.class, name = "fields"),
        @JsonSubTypes.Type(value = Value.Nothing.class, name = "nothing")
    })
    private interface OfKinds {}

    private abstract static class AsText {
        @JsonCreator
        static Money parse(String text) {
            return Money.parse(text);
        }

        @Override
        @JsonValue
        public abstract String toString();
    }

    private abstract static class AsPath {
        @JsonCreator
        AsPath(String path) {}

        @JsonValue
        abstract String path();
    }

    private abstract static class AsVersion {
        @JsonCreator
        AsVersion(
                @JsonProperty("table") String table,
                @JsonProperty("effective") LocalDate effective,
                @JsonProperty("figures") Map<String, List<String>> figures) {}

        @JsonProperty
        abstract String table();

        @JsonProperty
        abstract LocalDate effective();

        @JsonProperty
        abstract Map<String, List<String>> figures();
    }
}
