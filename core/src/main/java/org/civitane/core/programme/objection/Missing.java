package org.civitane.core.programme.objection;

import java.util.List;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.objection.ObjectionCase.Contested;
import org.civitane.core.programme.objection.ObjectionCase.Filer;
import org.civitane.core.programme.objection.ObjectionCase.Ground;
import org.civitane.core.programme.objection.ObjectionCase.Line;

/** What an objection still needs (chapter, Incomplete). */
final class Missing {
    private Missing() {}

    static MissingCodes of(ObjectionCase file) {
        MissingCodes codes = new MissingCodes();
        codes.requireGiven("decision", file.decision());
        codes.requireGiven("filed-by", file.filedBy());
        boolean represented =
                file.filedBy().filter(filer -> filer == Filer.REPRESENTATIVE).isPresent();
        codes.require("authority", !represented || file.authority());
        codes.require("contested", !file.contested().isEmpty());
        requireSubjects(file, codes);
        codes.require("grounds", !file.grounds().isEmpty());
        boolean namesFact =
                file.contested().stream().anyMatch(each -> each.fact().isPresent());
        codes.require("contested-fact", namesFact || !file.grounds().contains(Ground.FACT_WRONG));
        codes.require(
                "new-evidence", file.papers().orElse(0) > 0 || !file.grounds().contains(Ground.NEW_EVIDENCE));
        codes.requireGiven("explanation", file.explanation());
        codes.add(Signatures.missingOf(file, file.filer()));
        return codes;
    }

    /** Each subject that is contested is one of the decision's, where that is known. */
    private static void requireSubjects(ObjectionCase file, MissingCodes codes) {
        List<String> subjects = file.before().stream().map(Line::subject).toList();
        for (int i = 0; i < file.contested().size() && !subjects.isEmpty(); i++) {
            Contested contested = file.contested().get(i);
            codes.require(
                    "contested-subject:" + (i + 1),
                    contested.subject().map(subjects::contains).orElse(true));
        }
    }
}
