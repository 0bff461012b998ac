package org.civitane.cli;

import org.civitane.exchange.binding.Values;
import org.civitane.exchange.verification.IdentityChecks;
import picocli.CommandLine.Command;

/** Checks every identity it is given. */
@Command(
        name = "identify",
        mixinStandardHelpOptions = true,
        description = "Reads who people claim to be, with register and documents, and writes how sure that is.")
final class IdentifyCommand extends LineCommand {
    @Override
    Pipeline.Service service() {
        return (document, out) -> Values.write(
                out, IdentityChecks.toValue(IdentityChecks.read(document).outcome()));
    }
}
