package org.civitane.core.programme.payerregistration;

import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.PostCodes;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Address;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Employer;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Known;
import org.civitane.core.programme.payerregistration.PayerRegistrationCase.Reason;

/** What an application still needs (chapter, Incomplete). */
final class Missing {
    private final PayerRegistrationCase file;
    private final PayerRegistrationPolicy policy;
    private final MissingCodes codes = new MissingCodes();

    private Missing(PayerRegistrationCase file, PayerRegistrationPolicy policy) {
        this.file = file;
        this.policy = policy;
    }

    static MissingCodes of(PayerRegistrationCase file, PayerRegistrationPolicy policy) {
        Missing missing = new Missing(file, policy);
        missing.look();
        missing.lookAtAddresses();
        missing.lookAtNumbers();
        missing.lookAtSigner();
        return missing.codes;
    }

    private void look() {
        codes.requireGiven("birth-place", file.birthPlace());
        codes.require("reasons", !file.reasons().isEmpty());
        codes.require(
                "explanation",
                !file.reasons().contains(Reason.OTHER) || file.explanation().isPresent());
        codes.require(
                "employer",
                !file.reasons().contains(Reason.EMPLOYMENT) || file.employer().isPresent());
        boolean hasBusiness =
                file.reasons().contains(Reason.BUSINESS) || file.reasons().contains(Reason.TRADE);
        codes.require("businesses", !hasBusiness || !file.businesses().isEmpty());
    }

    private void lookAtAddresses() {
        List<Address> addresses = file.addresses();
        codes.require("address", addresses.stream().anyMatch(each -> each.kind() == Address.Kind.HOME));
        for (int i = 0; i < addresses.size(); i++) {
            codes.require("address-unknown:" + (i + 1), addresses.get(i).known());
            codes.require(
                    "post-code:" + (i + 1),
                    PostCodes.isWithin(addresses.get(i).postCode(), policy.firstPostCode, policy.lastPostCode));
        }
    }

    private void lookAtNumbers() {
        codes.require("identity-numbers", file.identityNumbers().size() >= policy.fewestNumbers);
        IdentityNumbers numbers = new IdentityNumbers(file.applicant(), file.receivedOn(), policy, codes);
        file.identityNumbers().forEach(numbers::look);
        boolean wrong = file.employer()
                .flatMap(Employer::payerNumber)
                .filter(number -> !PayerNumber.isRight(PayerNumber.read(number)))
                .isPresent();
        codes.require("employer-number", !wrong);
        codes.require(
                "former-number",
                file.formerNumber().filter(each -> !isKnown(each)).isEmpty());
        codes.requireGiven("referee", file.referee());
        file.referee().ifPresent(referee -> new RefereeFaults(file, policy, codes).look(referee));
    }

    /** Whether a former number is one, and the register has it where it has answered. */
    private boolean isKnown(String former) {
        String read = PayerNumber.read(former);
        return PayerNumber.isRight(read)
                && file.known()
                        .map(known -> known.stream().map(Known::read).anyMatch(read::equals))
                        .orElse(true);
    }

    private void lookAtSigner() {
        if (!file.isMinor()) {
            codes.add(Signatures.missingOf(file, file.applicant()));
            return;
        }
        Optional<Person> guardian = file.guardian().flatMap(this::guardian);
        codes.requireGiven("guardian", guardian);
        codes.add(guardian.flatMap(each -> Signatures.missingOf(file, each)));
    }

    /** The guardian named, where that can be one: another member who is of age. */
    private Optional<Person> guardian(String id) {
        return file.members().stream()
                .filter(member -> member.id().equals(id))
                .filter(member -> !member.equals(file.applicant()) && member.isAdultOn(file.receivedOn()))
                .findFirst();
    }
}
