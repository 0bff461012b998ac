package org.civitane.cli;

import org.civitane.core.policy.PolicyBook;
import org.civitane.exchange.binding.Values;
import org.civitane.exchange.policy.ShippedPolicy;
import org.civitane.exchange.verification.Materialities;
import picocli.CommandLine.Command;

/** Says whether open values matter, for every case file it is given. */
@Command(
        name = "materiality",
        mixinStandardHelpOptions = true,
        description = "Reads case files with the values their income lines could have, and writes what that changes.")
final class MaterialityCommand extends LineCommand {
    @Override
    Pipeline.Service service() {
        PolicyBook book = ShippedPolicy.book();
        return (document, out) -> Values.write(out, Materialities.toValue(Materialities.answer(document, book)));
    }
}
