package org.civitane.cli;

import java.io.BufferedOutputStream;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.Determinations;
import org.civitane.exchange.policy.ShippedPolicy;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Determines every case file it is given, in their order, in constant memory. */
@Command(
        name = "determine",
        mixinStandardHelpOptions = true,
        description = "Reads case files and writes one determination a line.")
final class DetermineCommand implements Callable<Integer> {
    private static final int BUFFER = 1 << 16;

    @Parameters(paramLabel = "FILE", description = "A case file or JSON Lines; none or - reads standard input.")
    private List<String> files = List.of();

    @Option(names = "--no-reasons", description = "Leave the working out.")
    private boolean noReasons;

    @Option(names = "--explain", description = "Write the working as indented sentences in place of JSON.")
    private boolean explain;

    @Spec
    private CommandSpec spec;

    private final PolicyBook book = ShippedPolicy.book();
    private boolean anyBad;

    @Override
    public Integer call() throws IOException {
        List<String> named = files.isEmpty() ? List.of("-") : files;
        for (String name : named) {
            if (!name.equals("-") && !Files.isRegularFile(Path.of(name))) {
                throw new ParameterException(spec.commandLine(), "There is no file \"" + name + "\".");
            }
        }
        try (OutputStream out = new BufferedOutputStream(new FileOutputStream(FileDescriptor.out), BUFFER)) {
            for (String name : named) {
                try (InputStream in = name.equals("-") ? System.in : Files.newInputStream(Path.of(name))) {
                    Documents.read(in, (line, json, length) -> determine(out, line, json, length));
                }
            }
        }
        return anyBad ? 1 : 0;
    }

    private void determine(OutputStream out, long line, byte[] json, int length) throws IOException {
        try {
            if (length < 0) {
                throw new BadInput("", "This line is longer than " + Documents.LONGEST / 1024 / 1024 + " MB.");
            }
            CaseFiles.Read<?> read = CaseFiles.read(json, 0, length);
            Determination determination =
                    read.determine(book, noReasons && !explain ? Reasoning.silent() : Reasoning.recording());
            if (explain) {
                out.write(Explanation.of(determination, read, Locale.ENGLISH).getBytes(StandardCharsets.UTF_8));
            } else {
                Determinations.write(out, determination, !noReasons);
            }
        } catch (BadInput e) {
            anyBad = true;
            out.write(ErrorLine.of(line, e).getBytes(StandardCharsets.UTF_8));
        }
        out.write('\n');
    }
}
