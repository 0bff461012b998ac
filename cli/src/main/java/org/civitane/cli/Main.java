package org.civitane.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** {@code civitane determine …} and its sisters: exit status 0 when all was determined, 1 when a line was bad input, 2 for wrong usage. */
@Command(
        name = "civitane",
        mixinStandardHelpOptions = true,
        description = "Determines what households are entitled to, from case files.",
        subcommands = {DetermineCommand.class, IdentifyCommand.class, ReconcileCommand.class, MaterialityCommand.class})
public final class Main {
    private Main() {}

    public static void main(String[] arguments) {
        System.exit(commandLine().execute(arguments));
    }

    static CommandLine commandLine() {
        return new CommandLine(new Main());
    }
}
