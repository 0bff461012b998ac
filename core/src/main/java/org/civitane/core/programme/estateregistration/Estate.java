package org.civitane.core.programme.estateregistration;

import java.math.BigInteger;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Asset;
import org.civitane.core.programme.estateregistration.EstateRegistrationCase.Debt;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * What there is, and who inherits it where there is no will (chapter, Computed).
 *
 * @param net may be below 0
 * @param heirs nobody with a will
 */
record Estate(Money gross, Money debts, Money net, Money distributable, List<Heir> heirs) {
    private static final Rule COMPUTED = new Rule(EstateRegistration.ID, "Computed");
    private static final Rule SHARES = new Rule(EstateRegistration.ID, "Shares");

    static Estate of(EstateRegistrationCase file, PolicyVersion version, Reasoning why) {
        EstateRegistrationPolicy policy = EstateRegistrationPolicy.of(version);
        Money gross = why.money(
                "gross",
                file.assets().orElseThrow().stream().map(Asset::counted).reduce(Money.ZERO, Money::plus),
                COMPUTED,
                s -> s.fact("assets"));
        Money debts = why.money(
                "debts",
                file.debts().orElseThrow().stream().map(Debt::counted).reduce(Money.ZERO, Money::plus),
                COMPUTED,
                s -> s.fact("debts"));
        Money net = why.money(
                "net",
                gross.minus(debts),
                COMPUTED,
                s -> s.input("gross", gross).input("debts", debts));
        Money distributable = why.money("distributable", net.atLeast(Money.ZERO), COMPUTED, s -> s.input("net", net));
        List<Heir> heirs = file.withoutWill()
                ? Shares.of(
                        file.family().orElseThrow(),
                        distributable,
                        file.deceased().orElseThrow(),
                        policy)
                : List.of();
        heirs.forEach(heir -> why.money(
                "share." + kindOf(heir),
                heir.amount(),
                SHARES,
                s -> s.input("heir", heir.person().map(Relative::name).orElse(""))
                        .input("part", part(heir))
                        .input("distributable", distributable)
                        .input("first", policy.spouseFirst)
                        .fact("family")
                        .table(version)));
        return new Estate(gross, debts, net, distributable, heirs);
    }

    private static String kindOf(Heir heir) {
        int hyphen = heir.heir().indexOf('-');
        return hyphen < 0 ? heir.heir() : heir.heir().substring(0, hyphen);
    }

    /** The exact part in cents, as a fraction. */
    private static String part(Heir heir) {
        return heir.part().denominator().equals(BigInteger.ONE)
                ? heir.part().numerator().toString()
                : heir.part().numerator() + "/" + heir.part().denominator();
    }

    boolean isOverIndebted() {
        return net.isNegative();
    }

    Figures after(Figures before) {
        return before.with("gross", Value.of(gross))
                .with("debts", Value.of(debts))
                .with("net", Value.of(net))
                .with("distributable", Value.of(distributable))
                .with("overIndebted", Value.of(isOverIndebted()));
    }
}
