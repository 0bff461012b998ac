package org.civitane.server.papers;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.civitane.core.claim.Act;
import org.civitane.core.evidence.PaperKind;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** Takes files in: each is looked at and on the disk before its claim knows of it. */
@Component
class PaperTaking {
    private static final int LONGEST_NAME = 120;

    private final PaperStore store;
    private final Looking looking;
    private final ClaimActs acts;
    private final PaperRoom room;
    private final PaperArrivals arrivals;
    private final AgencyClock clock;
    /** What is kept free for letters, which must not fail for others' papers. */
    private final DataSize reserve;

    PaperTaking(
            PaperStore store,
            Looking looking,
            ClaimActs acts,
            PaperRoom room,
            PaperArrivals arrivals,
            AgencyClock clock,
            @Value("${civitane.store-reserve}") DataSize reserve) {
        this.store = store;
        this.looking = looking;
        this.acts = acts;
        this.room = room;
        this.arrivals = arrivals;
        this.clock = clock;
        this.reserve = reserve;
    }

    /** As {@link Papers#take} and {@link Papers#begin}. */
    Paper take(ClaimView claim, InputStream contents, As as, SignedIn who) {
        acts.check(claim, Act.ANSWER);
        room.check(claim.id(), 0);
        try (PaperStore.Arrival arrival = store.receive(contents, PaperFile.LARGEST, reserve.toBytes())) {
            PaperFile file = new PaperFile(arrival.file(), who.account().toString(), looking);
            return take(claim, arrival, file, as, who);
        }
    }

    /** As {@link Papers#takeByCode}. */
    Paper takeByCode(InputStream contents, String name, SignedIn who, Function<String, Optional<ClaimView>> claimOf) {
        try (PaperStore.Arrival arrival = store.receive(contents, PaperFile.LARGEST, reserve.toBytes())) {
            PaperFile file = new PaperFile(arrival.file(), who.account().toString(), looking);
            ClaimView claim = file.code()
                    .flatMap(claimOf)
                    .orElseThrow(() -> Problem.conflict("no-code", Phrase.of("paper.no-code")));
            acts.check(claim, Act.ANSWER);
            return take(claim, arrival, file, new As(PaperKind.OTHER.code(), "", name), who);
        }
    }

    /** As what a paper is taken. */
    record As(String kind, String subject, String name, boolean begun, String documentType, Optional<UUID> backOf) {
        As(String kind, String subject, String name) {
            this(kind, subject, name, false, "", Optional.empty());
        }
    }

    private Paper take(ClaimView claim, PaperStore.Arrival arrival, PaperFile file, As as, SignedIn who) {
        room.check(claim.id(), arrival.bytes());
        int pages = file.pages();
        String digest = file.bare().map(store::put).orElseGet(arrival::keep);
        Paper paper = new Paper(
                UUID.randomUUID(),
                claim.id(),
                digest,
                as.kind(),
                as.subject(),
                shortened(as.name()),
                file.mediaType(),
                pages,
                as.begun() ? Paper.State.BEGUN : Paper.State.RECEIVED,
                "",
                who.displayName(),
                clock.instant(),
                as.documentType(),
                as.backOf(),
                "",
                Optional.empty());
        return arrivals.keep(paper, arrival, who);
    }

    /** A name without anything that is no letter, digit or plain sign, and no longer than one line. */
    private static String shortened(String name) {
        String plain = new String(name.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8)
                .replaceAll("[\\p{Cntrl}\\p{Cs}\\p{Cf}\\p{Cn}/\\\\]", " ")
                .strip();
        String shown = plain.isEmpty() ? "-" : plain;
        return shown.length() <= LONGEST_NAME ? shown : shown.substring(0, LONGEST_NAME);
    }
}
