package org.civitane.core.fact;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.civitane.core.reasoning.FactPath;

/**
 * What a code of {@code missing} means: the fact that would fill it, and who owes that. A code may name a subject behind a
 * colon, such as {@code income:m2}.
 *
 * @param code without its subject
 * @param fact the path of the fact, in which {@code {}} stands for the subject
 * @param from who has to say it
 * @param beforehand whether an application without it is not taken at all, since there would be nothing to decide
 */
public record Lack(String code, String fact, SaidBy from, boolean beforehand) {
    /** Income of an adult (rulebook 0.2). */
    public static final Lack INCOME = of("income", "members/{}/incomes");

    public static final Lack RESOURCES = of("resources", "resources");
    public static final Lack EXPENSES = of("expenses", "expenses");

    /** Signatures (rulebook 0.6). */
    public static final Lack SIGNATURE = of("signature", "signatures");

    public static final Lack SIGNATURE_NAME = of("signature-name", "signatures");
    public static final Lack SIGNER_NUMBER = of("signer-number", "signerNumber");

    /** What the applicant is to say and can say later. */
    public static Lack of(String code, String fact) {
        return new Lack(code, fact, SaidBy.APPLICANT, false);
    }

    /** This, owed by someone else. */
    public Lack from(SaidBy other) {
        return new Lack(code, fact, other, beforehand);
    }

    /** This, without which no application is taken. */
    public Lack first() {
        return new Lack(code, fact, from, true);
    }

    /** Whether a code of {@code missing} is this one, with or without a subject. */
    public boolean isMeantBy(String missing) {
        return codeOf(missing).equals(code);
    }

    /** The fact that a code of {@code missing} asks for. */
    public FactPath factOf(String missing) {
        return new FactPath(fact.replace("{}", subjectOf(missing)));
    }

    /** A code without its subject. */
    public static String codeOf(String missing) {
        int colon = missing.indexOf(':');
        return colon < 0 ? missing : missing.substring(0, colon);
    }

    /** Whom or what a code names; empty when it names nothing. */
    public static String subjectOf(String missing) {
        int colon = missing.indexOf(':');
        return colon < 0 ? "" : missing.substring(colon + 1);
    }

    /** Facts of which each is missing under its own name, owed by the applicant, and others. */
    public static List<Lack> named(List<String> facts, Lack... others) {
        return Stream.concat(facts.stream().map(fact -> of(fact, fact)), Arrays.stream(others))
                .toList();
    }
}
