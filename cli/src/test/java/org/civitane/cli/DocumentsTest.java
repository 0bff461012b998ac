package org.civitane.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

public class DocumentsTest {
    @Test
    public void takesLinesOneByOneAndPassesOverBlankOnes() throws IOException {
        assertThat(read("{\"a\":1}\r\n\n  \n{\"b\":\"}\"}")).containsExactly("1 {\"a\":1}", "4 {\"b\":\"}\"}");
    }

    @Test
    public void takesOneDocumentLaidOutOverLines() throws IOException {
        assertThat(read("\n{\n \"a\": [1,\n 2]\n}\n")).containsExactly("2 { \"a\": [1, 2]}");
    }

    @Test
    public void aBrokenFirstLineDoesNotSwallowTheRest() throws IOException {
        assertThat(read("{\"a\": \n{\"b\":1}\n{\"c\":1}")).containsExactly("1 {\"a\":", "2 {\"b\":1}", "3 {\"c\":1}");
    }

    @Test
    public void passesOverALineThatIsTooLong() throws IOException {
        String endless = "{\"a\":\"" + "x".repeat(Documents.LONGEST) + "\"}";
        assertThat(read(endless + "\n{\"b\":1}")).containsExactly("1 too long", "2 {\"b\":1}");
    }

    private static List<String> read(String input) throws IOException {
        List<String> taken = new ArrayList<>();
        Documents.read(
                new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)),
                (line, json, length) -> taken.add(line + " "
                        + (length < 0
                                ? "too long"
                                : new String(json, 0, length, StandardCharsets.UTF_8)
                                        .strip()
                                        .replace("\n", ""))));
        return taken;
    }
}
