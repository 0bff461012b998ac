package org.civitane.server.my;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.claim.Act;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.links.Ways;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.stereotype.Component;

/** Finds what is wanted of applicants on a claim of theirs, and says it as a request. */
@Component
class Wants {
    private static final String ACCOUNT = "account";

    private final EvidenceList evidence;
    private final AgencyClock clock;

    Wants(EvidenceList evidence, AgencyClock clock) {
        this.evidence = evidence;
        this.clock = clock;
    }

    /** What they owe that is due first. */
    static Optional<Ask> owed(Dossier dossier) {
        return isOwedTo(dossier.claim()) ? dossier.firstAsk() : Optional.empty();
    }

    /**
     * Others can only answer once they can be reached, so that comes first; then what is owed by a day, then papers.
     */
    List<WantedNow> of(Dossier dossier) {
        ClaimView claim = dossier.claim();
        if (!isOwedTo(claim)) {
            return List.of();
        }
        Optional<Ask> owed = owed(dossier);
        int papers = claim.state().isOpen() ? evidence.wantedOfApplicant(dossier) : 0;
        List<WantedNow> all = new ArrayList<>();
        Ways.unreached(dossier).stream()
                .map(ask -> new WantedNow(
                        Phrase.of("my.wanted.reach", ask.what(), Phrase.full(ask.dueOn())), ask.dueOn(), "others"))
                .forEach(all::add);
        owed.map(ask -> new WantedNow(please(ask), ask.dueOn(), wantedAt(ask))).ifPresent(all::add);
        if (papers > 0
                && owed.filter(ask -> ask.kind() == Ask.Kind.LATER_PAPERS).isEmpty()) {
            all.add(papers(claim, papers));
        }
        return all;
    }

    /** Without it nothing can be paid, and no day ends that. */
    WantedNow account() {
        return new WantedNow(Phrase.of("my.wanted.account"), clock.today(), ACCOUNT);
    }

    private WantedNow papers(ClaimView claim, int papers) {
        LocalDate by = Claims.programmeOf(claim).papersWantedBy(claim.receivedOn(), claim.decideBy());
        Phrase sentence = isLate(claim)
                ? Phrase.of("my.wanted.papers.overdue", papers)
                : by.isBefore(clock.today())
                        ? Phrase.of("my.wanted.papers.late", papers, Phrase.full(claim.decideBy()))
                        : Phrase.of("my.wanted.papers", papers, Phrase.full(by), Phrase.full(claim.decideBy()));
        return new WantedNow(sentence, by, WantedNow.PAPERS);
    }

    /** Whether it should have been decided before today. */
    boolean isLate(ClaimView claim) {
        return claim.decideBy().isBefore(clock.today());
    }

    /** What is owed, as it is asked of them. */
    private static Phrase please(Ask ask) {
        return switch (ask.what()) {
            case Phrase.Sentence what ->
                new Phrase.Sentence(
                        "please." + what.code(),
                        Stream.concat(what.values().stream(), Stream.of(Phrase.full(ask.dueOn())))
                                .toList());
            case Phrase what -> what;
        };
    }

    /** Where what is due first is answered. */
    private static String wantedAt(Ask ask) {
        return switch (ask.kind()) {
            case FIX_LIST -> "fix-list";
            case DOUBT -> "identity";
            case LATER_PAPERS -> WantedNow.PAPERS;
            case SIGNATURE, WORD, REGISTER -> "";
            case ACCOUNT -> ACCOUNT;
            case FEE -> "fee";
            case HOURS -> "hours";
        };
    }

    /** While a claim is held nothing is wanted, and once all is done nothing more. */
    private static boolean isOwedTo(ClaimView claim) {
        return claim.state().allows(Act.CORRESPOND) && !claim.held();
    }
}
