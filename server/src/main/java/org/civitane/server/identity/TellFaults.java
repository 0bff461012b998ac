package org.civitane.server.identity;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.Claimed;
import org.civitane.core.identity.DocumentFault;
import org.civitane.core.identity.DocumentType;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;

/** Says to whoever sent a document what is wrong with it and what would help. It knows only what they said and sent. */
final class TellFaults {
    private static final int TD3_LINES = 2;

    private final Claimed claimed;
    private final LocalDate on;
    private final Texts texts;

    TellFaults(Claimed claimed, LocalDate on, Texts texts) {
        this.claimed = claimed;
        this.on = on;
        this.texts = texts;
    }

    List<MyIdentity.TellFault> of(IdentityDocument document, CheckedDocument checked) {
        boolean unreadable = checked.faults().contains(DocumentFault.UNREADABLE);
        return checked.faults().stream()
                .filter(fault -> !unreadable || isToldOfUnreadable(fault))
                .map(fault -> new MyIdentity.TellFault(fault, words(fault, document)))
                .toList();
    }

    /** Whether nothing is wrong with it but that it could not be read to the end, which says nothing against it. */
    static boolean isUnsure(IdentityDocument document, CheckedDocument checked) {
        return !checked.faults().isEmpty()
                && checked.faults().stream().allMatch(fault -> switch (fault) {
                    case UNREADABLE, NO_EXPIRY -> true;
                    case TOO_OLD -> document.issuedOn().isEmpty();
                    case NAME -> document.name().isEmpty();
                    case EXPIRED, MRZ_CHECK, MRZ_DIFFERS, BIRTH_DATE, NOT_ACCEPTED -> false;
                });
    }

    /** Of what cannot be read nothing else can be said but that it is of no use whatever it says. */
    private static boolean isToldOfUnreadable(DocumentFault fault) {
        return fault == DocumentFault.UNREADABLE || fault == DocumentFault.NOT_ACCEPTED;
    }

    private String words(DocumentFault fault, IdentityDocument document) {
        return switch (fault) {
            case EXPIRED -> say(fault, day(document.expiresOn()));
            case TOO_OLD -> tooOld(document);
            case MRZ_CHECK -> texts.say(isCut(document) ? "identity.tell.MRZ_CHECK.cut" : "identity.tell.MRZ_CHECK");
            case NAME ->
                document.name().isEmpty()
                        ? texts.say("identity.tell.NAME.none")
                        : say(fault, document.name(), claimed.givenName() + " " + claimed.familyName());
            case BIRTH_DATE -> say(fault, day(document.dateOfBirth()), DayText.date(claimed.dateOfBirth()));
            case UNREADABLE, NOT_ACCEPTED, NO_EXPIRY, MRZ_DIFFERS -> say(fault);
        };
    }

    private String tooOld(IdentityDocument document) {
        if (document.issuedOn().isEmpty()) {
            return texts.say("identity.tell.TOO_OLD.none");
        }
        LocalDate issued = document.issuedOn().get();
        int months = DocumentType.named(document.type()).months().orElse(0);
        return issued.isAfter(on)
                ? texts.say("identity.tell.TOO_OLD.later", DayText.date(issued))
                : say(DocumentFault.TOO_OLD, DayText.date(issued), DayText.date(on.minusMonths(months)));
    }

    /** Whether fewer lines were seen than such a zone has. */
    private static boolean isCut(IdentityDocument document) {
        int lines = document.mrz().map(List::size).orElse(0);
        return document.type().equals("PASSPORT") ? lines < TD3_LINES : lines <= TD3_LINES;
    }

    private String say(DocumentFault fault, Object... places) {
        return texts.say("identity.tell." + fault, places);
    }

    private static String day(Optional<LocalDate> day) {
        return day.map(DayText::date).orElse("");
    }
}
