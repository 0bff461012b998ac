package org.civitane.core.programme.namechange;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.namechange.NameChangeCase.Deed;
import org.civitane.core.programme.namechange.NameChangeCase.FullName;
import org.civitane.core.programme.namechange.NameChangeCase.Ground;

/** What an application still needs (chapter, Incomplete). */
final class Missing {
    private static final Set<String> SHOW_ADDRESS = Set.of("UTILITY_BILL", "BANK_STATEMENT", "LEASE", "TAX_NOTICE");

    private final NameChangeCase file;
    private final MissingCodes codes = new MissingCodes();

    private Missing(NameChangeCase file) {
        this.file = file;
    }

    static MissingCodes of(NameChangeCase file, List<CheckedDocument> documents, NameChangePolicy policy) {
        Missing missing = new Missing(file);
        missing.lookAtName();
        missing.lookAtDeed();
        missing.lookAtDocuments(documents);
        missing.codes.require("phone", file.phoneConfirmed());
        boolean holds = file.forChild()
                .map(each -> each.holders().contains(file.applicant().id()))
                .orElse(true);
        missing.codes.require("holder", holds);
        signers(file, policy).stream()
                .filter(signer -> !file.refused().contains(signer.id()))
                .forEach(signer -> missing.codes.add(Signatures.missingOf(file, signer)));
        return missing.codes;
    }

    private void lookAtName() {
        codes.requireGiven("new-name", file.newName());
        codes.requireGiven("ground", file.ground());
        file.newName().ifPresent(name -> {
            faults("given-name:", name.givenName());
            faults("family-name:", name.familyName());
        });
    }

    private void faults(String code, String part) {
        Tidied.of(part).faults().forEach(fault -> codes.require(code + fault, false));
    }

    private void lookAtDeed() {
        Optional<Deed.Kind> needed = file.ground().flatMap(DeedCheck::needed);
        if (needed.isEmpty()) {
            return;
        }
        Optional<Deed> deed = file.deed().filter(each -> each.kind() == needed.get());
        codes.requireGiven("deed", deed);
        if (deed.isPresent() && file.newName().isPresent()) {
            Ground ground = file.ground().orElseThrow();
            FullName newName = file.newName().get();
            codes.require("deed-name", DeedCheck.bearsOut(ground, deed.get(), newName, file.bearer()));
        }
    }

    private void lookAtDocuments(List<CheckedDocument> documents) {
        boolean identity =
                documents.stream().anyMatch(each -> each.category() == DocumentCategory.PHOTO && each.isUsable());
        codes.require("proof-identity", identity);
        boolean address = false;
        for (int i = 0; i < documents.size(); i++) {
            IdentityDocument document = file.documents().get(i);
            address |= documents.get(i).isUsable() && SHOW_ADDRESS.contains(document.type());
        }
        codes.require("proof-address", address);
    }

    /** Who has to agree, each once: the applicant, those who hold care unless a court spoke for them, an older child. */
    static Set<Person> signers(NameChangeCase file, NameChangePolicy policy) {
        Set<Person> signers = new LinkedHashSet<>();
        signers.add(file.applicant());
        file.forChild().ifPresent(forChild -> {
            if (!forChild.courtOrder()) {
                forChild.holders().forEach(holder -> signers.add(file.member(holder)));
            }
            if (file.bearer().ageOn(file.receivedOn()) >= policy.childSignsFrom) {
                signers.add(file.bearer());
            }
        });
        return signers;
    }
}
