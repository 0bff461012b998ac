package org.civitane.cli;

import org.civitane.exchange.binding.Values;
import org.civitane.exchange.verification.Reconciliations;
import picocli.CommandLine.Command;

/** Reconciles the wages of every household it is given. */
@Command(
        name = "reconcile",
        mixinStandardHelpOptions = true,
        description = "Reads stated wages, pay slips and the wage register, and writes what they say together.")
final class ReconcileCommand extends LineCommand {
    @Override
    Pipeline.Service service() {
        return (document, out) -> Values.write(out, Reconciliations.toValue(Reconciliations.read(document)));
    }
}
