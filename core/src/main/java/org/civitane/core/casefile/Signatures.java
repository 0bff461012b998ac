package org.civitane.core.casefile;

import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.person.Names;

/** Who signed, and whether the typed names match (rulebook 0.6 and 0.7). */
public final class Signatures {
    private Signatures() {}

    /** Whether a member has at least one signature whose typed name matches theirs. */
    public static boolean isSignedBy(CaseFile file, Member member) {
        List<Signature> signatures = file.signatures();
        for (int i = 0; i < signatures.size(); i++) {
            Signature signature = signatures.get(i);
            if (signature.member().equals(member.id()) && matches(signature, member)) {
                return true;
            }
        }
        return false;
    }

    /**
     * What is missing where one member must sign: nothing, {@code signature:<id>}, or {@code signature-name:<id>} when
     * they signed under another name only.
     */
    public static Optional<String> missingOf(CaseFile file, Member member) {
        if (isSignedBy(file, member)) {
            return Optional.empty();
        }
        return Optional.of((hasSigned(file, member) ? "signature-name:" : "signature:") + member.id());
    }

    /**
     * What is missing where any one adult member may sign: nothing, {@code signature} when no adult signed, or
     * {@code signature-name:<id>} for each adult who signed under another name.
     */
    public static Set<String> missingOfAnyAdult(CaseFile file, LocalDate receivedOn) {
        List<? extends Member> signed = file.members().stream()
                .filter(member -> member.isAdultOn(receivedOn) && hasSigned(file, member))
                .toList();
        Set<String> missing = new LinkedHashSet<>();
        if (signed.isEmpty()) {
            missing.add("signature");
        } else if (signed.stream().noneMatch(member -> isSignedBy(file, member))) {
            signed.forEach(member -> missing.add("signature-name:" + member.id()));
        }
        return missing;
    }

    private static boolean hasSigned(CaseFile file, Member member) {
        return file.signatures().stream()
                .anyMatch(signature -> signature.member().equals(member.id()));
    }

    private static boolean matches(Signature signature, Member member) {
        return Names.compare(signature.name(), member.name().full()) == Names.Verdict.MATCH;
    }
}
