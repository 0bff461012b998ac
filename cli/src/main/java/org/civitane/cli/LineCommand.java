package org.civitane.cli;

import java.io.FileDescriptor;
import java.io.FileInputStream;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** A command that answers every document it is given, one a line, in their order and in constant memory. */
abstract class LineCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "One document or JSON Lines; none or - reads standard input.")
    private List<String> files = List.of();

    @Option(names = "--no-reasons", description = "Leave the working out.")
    private boolean noReasons;

    @Spec
    private CommandSpec spec;

    /** What answers a document. */
    abstract Pipeline.Service service();

    boolean withReasons() {
        return !noReasons;
    }

    @Override
    public final Integer call() throws IOException {
        List<String> named = files.isEmpty() ? List.of("-") : files;
        for (String name : named) {
            if (!name.equals("-") && !Files.isReadable(Path.of(name)) || Files.isDirectory(Path.of(name))) {
                throw new ParameterException(spec.commandLine(), "There is no file \"" + name + "\".");
            }
        }
        boolean allGood = true;
        try (OutputStream out = new FileOutputStream(FileDescriptor.out)) {
            for (String name : named) {
                try (InputStream in = open(name);
                        Pipeline pipeline = new Pipeline(
                                service(), out, Runtime.getRuntime().availableProcessors())) {
                    pipeline.run(in);
                    allGood &= pipeline.finish();
                }
            }
        }
        return allGood ? 0 : 1;
    }

    private static InputStream open(String name) throws IOException {
        return name.equals("-") ? new FileInputStream(FileDescriptor.in) : Files.newInputStream(Path.of(name));
    }
}
