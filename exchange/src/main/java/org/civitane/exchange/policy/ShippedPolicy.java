package org.civitane.exchange.policy;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.dataformat.yaml.YAMLFactory;

/** The policy tables that ship with Civitane, from {@code policy/tables.yaml}. */
public final class ShippedPolicy {
    private ShippedPolicy() {}

    /** Reads all versions of all tables. */
    public static PolicyBook book() {
        return PolicyBook.of(versions());
    }

    /** Every version that ships. */
    public static List<PolicyVersion> versions() {
        try (InputStream in = ShippedPolicy.class.getResourceAsStream("/policy/tables.yaml")) {
            return read(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads {@code table: {effective: {figure: value or [values]}}}. */
    static List<PolicyVersion> read(byte[] yaml) {
        List<PolicyVersion> versions = new ArrayList<>();
        try (JsonParser parser = new YAMLFactory().createParser(ObjectReadContext.empty(), yaml)) {
            parser.nextToken();
            for (String table = parser.nextName(); table != null; table = parser.nextName()) {
                parser.nextToken();
                for (String effective = parser.nextName(); effective != null; effective = parser.nextName()) {
                    parser.nextToken();
                    versions.add(new PolicyVersion(table, LocalDate.parse(effective), figures(parser)));
                }
            }
        }
        return versions;
    }

    private static Map<String, List<String>> figures(JsonParser parser) {
        Map<String, List<String>> figures = new HashMap<>();
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            List<String> values = new ArrayList<>();
            if (parser.nextToken() == JsonToken.START_ARRAY) {
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    values.add(parser.getString());
                }
            } else {
                values.add(parser.getString());
            }
            figures.put(name, List.copyOf(values));
        }
        return figures;
    }
}
