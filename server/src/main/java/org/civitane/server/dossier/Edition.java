package org.civitane.server.dossier;

import java.nio.charset.StandardCharsets;
import org.civitane.core.casefile.CaseFile;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One edition of an application, as it is kept and as the rules read it.
 *
 * @param json read only; {@link #copy()} may be changed
 */
public record Edition(JsonNode json, CaseFiles.Read<?> read) {
    static Edition of(String kept) {
        return new Edition(JsonColumn.read(kept), CaseFiles.read(kept.getBytes(StandardCharsets.UTF_8)));
    }

    static Edition of(ObjectNode json) {
        return new Edition(json, CaseFiles.read(JsonColumn.bytes(json)));
    }

    public CaseFile file() {
        return read.file();
    }

    /** The same to try other values on. */
    public ObjectNode copy() {
        return (ObjectNode) json.deepCopy();
    }
}
