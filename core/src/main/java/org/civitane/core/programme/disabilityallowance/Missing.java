package org.civitane.core.programme.disabilityallowance;

import java.util.Optional;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.person.Names;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Guardian;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Kind;

/** What an application still needs, and who signs it (chapter, Guardian and Incomplete). */
final class Missing {
    private static final String JPEG = "JPEG";
    private static final String PNG = "PNG";
    private static final String GUARDIAN = "guardian";

    private final DisabilityAllowanceCase file;
    private final DisabilityAllowancePolicy policy;
    private final MissingCodes codes = new MissingCodes();

    private Missing(DisabilityAllowanceCase file, DisabilityAllowancePolicy policy) {
        this.file = file;
        this.policy = policy;
    }

    static MissingCodes of(DisabilityAllowanceCase file, DisabilityAllowancePolicy policy) {
        Missing missing = new Missing(file, policy);
        missing.look();
        missing.lookAtImages();
        missing.lookAtSignature();
        return missing.codes;
    }

    private void look() {
        codes.require("kinds", !file.kinds().isEmpty());
        codes.require("consent", file.consent());
        codes.requireGiven("working", file.working());
        codes.requireGiven("resident-since", file.residentSince());
        for (Person member : file.members()) {
            if (member.isAdultOn(file.receivedOn())) {
                codes.require("income", member.id(), file.statesIncomeOf(member.id()));
            }
        }
    }

    private void lookAtImages() {
        codes.requireGiven("photo", file.photo());
        file.photo().ifPresent(photo -> {
            codes.require("photo-format", isPicture(photo.format()));
            codes.require("photo-size", policy.photo.holds(photo.widthPx(), photo.heightPx(), photo.bytes()));
        });
        codes.requireGiven("mark", file.mark());
        file.mark().ifPresent(mark -> {
            codes.require("mark-format", isPicture(mark.format()));
            codes.require("mark-size", policy.mark.holds(mark.widthPx(), mark.heightPx(), mark.bytes()));
        });
    }

    private static boolean isPicture(String format) {
        return format.equals(JPEG) || format.equals(PNG);
    }

    /** A needed guardian signs; else the applicant, or a guardian who is given signs for them. */
    private void lookAtSignature() {
        boolean needed =
                !file.applicant().isAdultOn(file.receivedOn()) || file.kinds().contains(Kind.INTELLECTUAL);
        if (needed) {
            codes.requireGiven(GUARDIAN, file.guardian());
            codes.add(file.guardian().flatMap(Missing::guardiansSignature));
        } else {
            boolean signedFor = file.guardian()
                    .filter(guardian -> guardiansSignature(guardian).isEmpty())
                    .isPresent();
            codes.add(signedFor ? Optional.empty() : Signatures.missingOf(file, file.applicant()));
        }
    }

    private static Optional<String> guardiansSignature(Guardian guardian) {
        if (guardian.signature().isEmpty()) {
            return Optional.of("signature:" + GUARDIAN);
        }
        String name = guardian.signature().get().name();
        return Names.compare(name, guardian.name()) == Names.Verdict.MATCH
                ? Optional.empty()
                : Optional.of("signature-name:" + GUARDIAN);
    }
}
