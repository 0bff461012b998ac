package org.civitane.server.links;

import java.util.List;
import org.civitane.server.asks.Ask;
import org.civitane.server.contact.Contact;
import org.civitane.server.contact.Notices;
import org.civitane.server.dossier.Dossier;

/** Whether those who are asked by link can be reached, and can show who they are once they are. */
public final class Ways {
    private Ways() {}

    /** What is lacking so that someone could answer by link. */
    public enum Lack {
        NOTHING,
        /** No way is known by which a link could reach them. */
        WAY,
        /** They have to sign, and neither their person number nor a second way to send a code is known. */
        PROOF
    }

    /** What is lacking for an ask, with what is known of whom it is asked. */
    static Lack lackOf(Ask ask, Contact contact) {
        int ways = Notices.waysTo(contact).size();
        if (ways == 0) {
            return Lack.WAY;
        }
        boolean shows = ask.kind() != Ask.Kind.SIGNATURE
                || ways > 1
                || !contact.personNumber().isEmpty();
        return shows ? Lack.NOTHING : Lack.PROOF;
    }

    /** What is lacking for an ask of a claim. */
    static Lack lackOf(Ask ask, Dossier dossier) {
        return lackOf(ask, dossier.contacts().getOrDefault(ask.whom(), Contact.UNKNOWN));
    }

    /** The open asks of a claim that nobody can answer by link as things stand. */
    public static List<Ask> unreached(Dossier dossier) {
        return dossier.asks().stream()
                .filter(ask -> ask.kind().isByLink() && ask.state().isOpen())
                .filter(ask -> lackOf(ask, dossier) != Lack.NOTHING)
                .toList();
    }
}
