package org.civitane.server.documents;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Consequence;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contact;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the office has to send and keeps for people to fetch, and the list of a day's post. */
@Service
@Transactional
class PostRoom {
    /** Shown and sent at once; the rest follows when these have gone. */
    static final int MOST = 100;

    private static final String FORMULA = "=+-@\t\r";

    private final HandoverStore store;
    private final Handovers handovers;
    private final Documents documents;
    private final Dossiers dossiers;
    private final Texts texts;
    private final AgencyClock clock;

    PostRoom(HandoverStore store, Handovers handovers, Documents documents, Dossiers dossiers, Texts texts) {
        this.store = store;
        this.handovers = handovers;
        this.documents = documents;
        this.dossiers = dossiers;
        this.texts = texts;
        this.clock = store.clock();
    }

    /**
     * One document on a list.
     *
     * @param way in words
     * @param address on one line; empty where none is known, or no letters may go there
     */
    record Piece(
            UUID document,
            UUID claim,
            String claimNumber,
            String number,
            String title,
            String name,
            String address,
            Phrase way,
            LocalDate on,
            LocalDate destroyOn) {}

    /** @param post what is to go by post today @param waiting what can be fetched @param returned what came back */
    record Work(LocalDate today, List<Piece> post, List<Piece> waiting, List<Piece> returned) {}

    @Transactional(readOnly = true)
    Work work() {
        LocalDate today = clock.today();
        return new Work(
                today,
                pieces(store.dueByPost(today, MOST)),
                pieces(store.waiting(today, MOST)),
                pieces(store.returned(today, MOST)));
    }

    void sent(List<UUID> ids, SignedIn caseworker) {
        handovers.sent(ids.stream().sorted().map(documents::byId).toList(), caseworker);
    }

    /** A day's post as CSV (RFC 4180) with a line of names: what went, and where the day is today, what is to go. */
    @Transactional(readOnly = true)
    String list(LocalDate on) {
        List<Handover> due = on.equals(clock.today()) ? store.dueByPost(on, MOST) : List.of();
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            out.printRecord("number", "document", "claim", "name", "address", "way");
            for (Piece piece : pieces(
                    Stream.concat(store.sentOn(on, MOST).stream(), due.stream()).toList())) {
                out.printRecord(
                        piece.number(),
                        plain(piece.title()),
                        piece.claimNumber(),
                        plain(piece.name()),
                        plain(piece.address()),
                        texts.say(piece.way()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    /** A text that no program for tables takes for a formula. */
    private static String plain(String text) {
        return !text.isEmpty() && FORMULA.indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    private List<Piece> pieces(List<Handover> all) {
        return all.stream().map(this::piece).toList();
    }

    private Piece piece(Handover handover) {
        Issued document = documents.byId(handover.document());
        Dossier dossier = dossiers.of(handover.claim());
        Contact contact = dossier.contact();
        return new Piece(
                document.id(),
                document.claim(),
                dossier.claim().number(),
                document.number(),
                documents.titleOf(document),
                dossier.applicant().name().full(),
                address(contact, isAbroad(dossier, handover)),
                Phrase.word(Claims.programmeOf(dossier.claim()).id(), "word." + handover.way()),
                handover.on(),
                handover.destroyOn());
    }

    private static boolean isAbroad(Dossier dossier, Handover handover) {
        return goes(dossier.settled().read(), handover.on())
                .filter(Consequence.HandOver::abroad)
                .isPresent();
    }

    private static <C extends CaseFile> Optional<Consequence.HandOver> goes(CaseFiles.Read<C> read, LocalDate on) {
        return read.programme().handOver(read.file(), on);
    }

    private static String address(Contact contact, boolean abroad) {
        if (abroad) {
            return contact.mayLetter() ? contact.abroad().strip().replaceAll("\\s*\\R\\s*", ", ") : "";
        }
        return contact.hasAddress() && contact.mayLetter()
                ? (contact.street() + " " + contact.houseNumber()).strip() + ", " + contact.postCode() + " Halvern"
                : "";
    }
}
