package org.civitane.cli;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.Determinations;
import org.civitane.exchange.policy.ShippedPolicy;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Determines every case file it is given. */
@Command(
        name = "determine",
        mixinStandardHelpOptions = true,
        description = "Reads case files and writes one determination a line.")
final class DetermineCommand extends LineCommand {
    @Option(names = "--explain", description = "Write the working as indented sentences in place of JSON.")
    private boolean explain;

    @Override
    Pipeline.Service service() {
        PolicyBook book = ShippedPolicy.book();
        if (explain) {
            return (document, out) -> {
                CaseFiles.Read<?> read = CaseFiles.read(document);
                Determination determination = read.determine(book, Reasoning.recording());
                out.writeBytes(
                        Explanation.of(determination, read, Locale.ENGLISH).getBytes(StandardCharsets.UTF_8));
            };
        }
        boolean withReasons = withReasons();
        return (document, out) -> {
            Reasoning why = withReasons ? Reasoning.recording() : Reasoning.silent();
            Determinations.write(out, CaseFiles.read(document).determine(book, why), withReasons);
        };
    }
}
