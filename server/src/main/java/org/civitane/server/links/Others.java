package org.civitane.server.links;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.casefile.Member;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.forms.Asked;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who else is asked on a claim: how far each is, and sending them their link. How they are reached is not told. */
@Service
@Transactional
class Others {
    /** Which an applicant may print of one ask; a caseworker may always print another. */
    private static final int MOST_FORMS = 5;

    private final CoSigners signers;
    private final Outsiders outsiders;
    private final AnswerForms forms;
    private final Links links;
    private final LinkStore store;
    private final ClaimActs acts;
    private final Dossiers dossiers;

    Others(
            CoSigners signers,
            Outsiders outsiders,
            AnswerForms forms,
            Links links,
            LinkStore store,
            ClaimActs acts,
            Dossiers dossiers) {
        this.signers = signers;
        this.outsiders = outsiders;
        this.forms = forms;
        this.links = links;
        this.store = store;
        this.acts = acts;
        this.dossiers = dossiers;
    }

    /**
     * Someone else who is asked.
     *
     * @param whom names them to the server
     * @param what what they owe
     * @param sent when their last link was made; empty before the first
     * @param opened when they first opened the page; empty before
     * @param lacks what is lacking so that they could answer by link
     * @param closed whether they could not say who they are, so that a caseworker has to send another link
     * @param forms the papers on which their answer came back, the newest first; a caseworker takes down what they say
     * @param asked what they are asked, where that is not a signature
     */
    record Other(
            String whom,
            Ask.Kind kind,
            Phrase what,
            java.time.LocalDate dueOn,
            Ask.State state,
            Optional<String> sent,
            Optional<String> opened,
            Ways.Lack lacks,
            boolean closed,
            List<UUID> forms,
            List<Asked> asked) {}

    /** A way to someone. @param personNumber by whose last digits they say who they are; empty where it is not known */
    record Reach(String email, String phone, String personNumber) {}

    /** The newest ask to each, in the order in which they were asked first. */
    @Transactional(readOnly = true)
    List<Other> of(Dossier dossier) {
        return dossier.asks().stream()
                .filter(ask -> ask.kind().isByLink())
                .map(Ask::whom)
                .distinct()
                .map(whom -> other(newest(dossier, whom).orElseThrow(), dossier))
                .toList();
    }

    /**
     * The applicant says how someone is reached, and their link goes out; without another way it reminds them, once a
     * day. A person number that is known stands, since
     * by it they say who they are.
     *
     * @throws Problem at what cannot stand, and after too many links
     */
    List<Other> reach(SignedIn applicant, UUID claim, String whom, Reach reach) {
        return acts.byApplicant(claim, applicant, Act.ANSWER, held -> {
            Ask ask = open(dossiers.of(held), whom);
            refuseIfClosed(ask);
            if (links.wasSentOften(ask)) {
                throw Problem.tooMany(Phrase.of("link.often"));
            }
            boolean isReminder = reach.email().isBlank() && reach.phone().isBlank();
            if (isReminder && links.wentOutToday(ask)) {
                throw Problem.tooMany(Phrase.of("link.today"));
            }
            boolean isKnown = !links.numberOf(ask).isEmpty();
            return sent(ask, isKnown ? new Reach(reach.email(), reach.phone(), "") : reach);
        });
    }

    /** A caseworker does so; a signature whose day has passed is asked for anew. */
    List<Other> reach(ClaimView claim, String whom, Reach reach, SignedIn caseworker) {
        Dossier dossier = dossiers.of(claim);
        Ask ask = newest(dossier, whom)
                .filter(each -> each.state().isOpen())
                .orElseGet(() -> signers.ask(claim, lacking(dossier, whom), caseworker.displayName()));
        return sent(ask, reach);
    }

    /**
     * The form on paper that an applicant may print, as PDF. Its code is a link as well only where whoever opens it has to
     * say who they are.
     */
    byte[] formForApplicant(ClaimView claim, String whom) {
        Ask ask = open(dossiers.of(claim), whom);
        refuseIfClosed(ask);
        if (store.forms(ask) >= MOST_FORMS) {
            throw Problem.tooMany(Phrase.of("link.forms"));
        }
        return forms.of(ask, ask.kind() == Ask.Kind.SIGNATURE ? Link.Way.PAPER : Link.Way.SCAN);
    }

    /** The form on paper for someone who still owes something, as PDF. */
    byte[] form(ClaimView claim, String whom) {
        return forms.of(open(dossiers.of(claim), whom), Link.Way.PAPER);
    }

    private void refuseIfClosed(Ask ask) {
        if (store.isClosed(ask)) {
            throw Problem.forbidden("closed", Phrase.of("link.closed.applicant"));
        }
    }

    private List<Other> sent(Ask ask, Reach reach) {
        links.reach(ask, reach);
        Dossier dossier = dossiers.of(ask.claim());
        switch (Ways.lackOf(ask, dossier)) {
            case WAY -> throw Problem.invalid("contact/email", Phrase.of("link.no-way"));
            case PROOF -> throw Problem.invalid("contact/phone", Phrase.of("link.no-proof"));
            case NOTHING -> links.send(ask);
        }
        return of(dossier);
    }

    private Member lacking(Dossier dossier, String whom) {
        return signers.wanted(dossier).stream()
                .filter(member -> member.id().equals(whom))
                .findFirst()
                .map(Member.class::cast)
                .orElseThrow(() -> Problem.notFound(Phrase.of("link.nobody")));
    }

    private Ask open(Dossier dossier, String whom) {
        return newest(dossier, whom)
                .filter(ask -> ask.state().isOpen())
                .orElseThrow(() -> Problem.notFound(Phrase.of("link.nobody")));
    }

    private static Optional<Ask> newest(Dossier dossier, String whom) {
        return dossier.asks().stream().filter(ask -> ask.whom().equals(whom)).reduce((one, later) -> later);
    }

    private Other other(Ask ask, Dossier dossier) {
        return new Other(
                ask.whom(),
                ask.kind(),
                ask.what(),
                ask.dueOn(),
                ask.state(),
                store.lastMade(ask.id()).map(DayText::moment),
                store.firstOpened(ask.id()).map(DayText::moment),
                Ways.lackOf(ask, dossier),
                ask.state().isOpen() && store.isClosed(ask),
                store.papers(ask.id()),
                ask.kind() == Ask.Kind.WORD ? outsiders.asked(ask, dossier.claim()) : List.of());
    }
}
