package org.civitane.server.links;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.civitane.core.casefile.Member;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** What links lead to: the page, saying who one is, leaving and coming back, and handing in, once. */
@Service
@Transactional
class LinkPages {
    private static final Said NOTHING = new Said("", Map.of(), Map.of());

    private final Links links;
    private final LinkStore store;
    private final CoSigners signers;
    private final Outsiders outsiders;
    private final Claims claims;
    private final Dossiers dossiers;
    private final Texts texts;

    LinkPages(
            Links links,
            LinkStore store,
            CoSigners signers,
            Outsiders outsiders,
            Claims claims,
            Dossiers dossiers,
            Texts texts) {
        this.links = links;
        this.store = store;
        this.signers = signers;
        this.outsiders = outsiders;
        this.claims = claims;
        this.dossiers = dossiers;
        this.texts = texts;
    }

    /** Who someone says they are. @param proof the last four digits of their person number, or the code they were sent */
    record Who(java.time.LocalDate born, String proof) {}

    /** @param known whether they have said before, on this device, who they are */
    LinkPage page(String token, boolean known) {
        Link.Opened opened = links.open(token);
        store.opened(opened.link().id());
        return page(opened, known);
    }

    /** The page as it would be to whom it is for, for a form on paper. */
    @Transactional(readOnly = true)
    LinkPage onPaper(Ask ask) {
        return page(ask, LinkPage.State.OPEN, Link.MOST_TRIES);
    }

    /** Says who one is. @return whether it was right */
    boolean confirm(String token, Who who) {
        Link.Opened opened = links.open(token);
        Dossier dossier = dossiers.of(opened.ask().claim());
        Member member = signers.member(dossier, opened.ask().whom());
        String digits = links.numberOf(opened.ask());
        boolean proven =
                digits.isEmpty() ? links.isCode(opened, who.proof()) : digits.endsWith(fourDigits(who.proof()));
        boolean right = proven && member.dateOfBirth().equals(who.born());
        return links.tried(opened, right) > 0 && right;
    }

    void sendCode(String token) {
        links.sendCode(links.open(token));
    }

    /** Keeps what was begun. */
    void keep(String token, Said said, boolean known) {
        Link.Opened opened = links.open(token);
        check(opened, known);
        store.keep(opened.ask().id(), JsonColumn.read(JsonColumn.write(said)), false);
    }

    /**
     * Hands in what was asked for. Of two who do so at once, or of an answer and the end of its day, one comes first and
     * the other is told.
     */
    LinkPage answer(String token, Said said, boolean known) {
        claims.hold(links.open(token).ask().claim());
        Link.Opened opened = links.open(token);
        check(opened, known);
        handIn(opened.ask(), said);
        return page(links.again(opened), known);
    }

    /** Takes down what someone said, however it came. */
    void handIn(Ask ask, Said said) {
        if (ask.kind() == Ask.Kind.SIGNATURE) {
            signers.sign(ask, said, labels(ask));
        } else {
            outsiders.answer(ask, said);
        }
        store.keep(ask.id(), JsonColumn.object(), true);
    }

    /** What the facts are called that whoever signs sees, by path. */
    private Map<String, String> labels(Ask ask) {
        return shown(ask).stream()
                .flatMap(group -> group.rows().stream())
                .collect(Collectors.toMap(
                        ShownToSigner.SaidRow::path, ShownToSigner.SaidRow::label, (one, other) -> one));
    }

    private void check(Link.Opened opened, boolean known) {
        switch (state(opened, known)) {
            case OPEN -> {}
            case CONFIRM -> throw Problem.forbidden("confirm", Phrase.of("link.confirm"));
            case ANSWERED -> throw Problem.conflict("answered", Phrase.of("link.answered"));
            case CLOSED -> throw Problem.forbidden("closed", Phrase.of("link.closed"));
            case OVER -> throw Problem.conflict("state", Phrase.of("link.too-late"));
        }
    }

    private LinkPage.State state(Link.Opened opened, boolean known) {
        Ask ask = opened.ask();
        if (ask.state() == Ask.State.ANSWERED) {
            return LinkPage.State.ANSWERED;
        }
        if (store.isClosed(ask)) {
            return LinkPage.State.CLOSED;
        }
        ClaimView claim = claims.claim(ask.claim());
        boolean noted = ask.kind() == Ask.Kind.WORD && claim.decidedAt().isPresent();
        if (!claim.state().isOpen() && !noted) {
            return LinkPage.State.OVER;
        }
        return ask.kind() == Ask.Kind.SIGNATURE && !known ? LinkPage.State.CONFIRM : LinkPage.State.OPEN;
    }

    private LinkPage page(Link.Opened opened, boolean known) {
        return page(opened.ask(), state(opened, known), Math.max(0, Link.MOST_TRIES - store.tries(opened.ask())));
    }

    private LinkPage page(Ask ask, LinkPage.State state, int triesLeft) {
        boolean told = state == LinkPage.State.OPEN;
        ClaimView claim = claims.claim(ask.claim());
        Wording wording = Claims.programmeOf(claim).wording(Locale.ENGLISH);
        Dossier dossier = dossiers.of(claim);
        boolean signs = ask.kind() == Ask.Kind.SIGNATURE;
        String applicant = dossier.applicant().name().full();
        return new LinkPage(
                state,
                ask.kind(),
                told ? wording.text("name") : "",
                told ? you(dossier, ask) : "",
                signs ? texts.say("link.sign.title") : told ? wording.text(key(ask, "title")) : "",
                !told
                        ? ""
                        : signs
                                ? texts.say("link.sign.about", applicant, wording.text("name"))
                                : outsiders.about(ask, dossier),
                ask.dueOn(),
                signs ? texts.say("link.sign.then") : told ? wording.text(key(ask, "silence")) : "",
                signs && links.numberOf(ask).isEmpty(),
                triesLeft,
                told && signs ? shown(ask) : List.of(),
                told && !signs ? outsiders.asked(ask, claim) : List.of(),
                told ? begun(ask) : NOTHING,
                state == LinkPage.State.ANSWERED ? receipt(ask, claim) : "");
    }

    private static String key(Ask ask, String word) {
        return "outsider." + ask.whom() + "." + word;
    }

    private String you(Dossier dossier, Ask ask) {
        return ask.kind() == Ask.Kind.SIGNATURE
                ? signers.member(dossier, ask.whom()).name().full()
                : Outsiders.nameOf(dossier.said().json(), outsiders.of(ask, dossier.claim()));
    }

    private List<ShownToSigner.SaidGroup> shown(Ask ask) {
        Dossier dossier = dossiers.of(ask.claim());
        return new ShownToSigner(dossier, signers.member(dossier, ask.whom()), texts).groups();
    }

    private Said begun(Ask ask) {
        return store.kept(ask.id())
                .filter(kept -> !kept.done())
                .map(LinkStore.Kept::answers)
                .map(LinkPages::said)
                .orElse(NOTHING);
    }

    private static Said said(JsonNode kept) {
        return JsonColumn.read(JsonColumn.write(kept), Said.class);
    }

    private String receipt(Ask ask, ClaimView claim) {
        return store.kept(ask.id())
                .map(kept -> texts.say(
                        isAfter(kept, claim) ? "link.receipt.after" : "link.receipt." + ask.kind(),
                        DayText.moment(kept.at())))
                .orElse("");
    }

    private static boolean isAfter(LinkStore.Kept kept, ClaimView claim) {
        return claim.decidedAt().filter(decided -> !kept.at().isBefore(decided)).isPresent();
    }

    /** What cannot be the end of any number where it is not four digits. */
    private static String fourDigits(String typed) {
        return typed.strip().matches("[0-9]{4}") ? typed.strip() : "-";
    }
}
