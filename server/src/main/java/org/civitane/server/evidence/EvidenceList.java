package org.civitane.server.evidence;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.evidence.EvidenceItem.State;
import org.civitane.server.papers.Paper;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.policies.PolicyStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a claim has to show, worked out from its settled facts. */
@Service
public class EvidenceList {
    static final Phrase BY_REGISTER = Phrase.of("evidence.by-register");

    private final Claims claims;
    private final HoldingPapers holding;
    private final PolicyStore policies;
    private final EvidenceStore store;
    private final AgencyClock clock;
    private final Texts texts;

    EvidenceList(
            Claims claims,
            HoldingPapers holding,
            PolicyStore policies,
            EvidenceStore store,
            AgencyClock clock,
            Texts texts) {
        this.claims = claims;
        this.holding = holding;
        this.policies = policies;
        this.store = store;
        this.clock = clock;
        this.texts = texts;
    }

    /** Every need with the papers that answer it, what is no longer needed, then the papers that answer none. */
    @Transactional(readOnly = true)
    public List<EvidenceItem> of(Dossier dossier) {
        return of(dossier, holding.of(dossier.claim().id(), dossier.applicant().id(), clock.today()));
    }

    private List<EvidenceItem> of(Dossier dossier, List<HoldingPapers.Held> held) {
        ClaimView claim = dossier.claim();
        List<Paper> all = dossier.papers();
        Map<String, Phrase> waived = store.waivers(claim.id());
        List<EvidenceItem> items = new ArrayList<>();
        for (EvidenceItem need : wanted(dossier)) {
            List<Paper> mine = answering(need, all);
            Optional<Phrase> waiver = Optional.ofNullable(waived.get(key(need)));
            Optional<String> server = held.stream()
                    .filter(each ->
                            each.kind().equals(need.kind()) && each.member().equals(need.subject()))
                    .map(HoldingPapers.Held::number)
                    .findFirst();
            State own = state(mine);
            boolean serves = server.isPresent() && own != State.ACCEPTED;
            State there = waiver.isPresent() ? State.WAIVED : serves ? State.ACCEPTED : own;
            State now = there == State.ASKED_FOR && isOver(dossier) ? State.NO_LONGER_NEEDED : there;
            items.add(with(need, now, waiver.orElseGet(() -> reason(mine)), serves ? server : Optional.empty(), mine));
        }
        store.asked(claim.id()).stream()
                .filter(before -> items.stream().noneMatch(item -> key(item).equals(key(before))))
                .forEach(before -> items.add(with(
                        before, State.NO_LONGER_NEEDED, Phrase.NOTHING, Optional.empty(), answering(before, all))));
        List<Paper> others = all.stream()
                .filter(paper -> items.stream().noneMatch(item -> item.papers().contains(paper)))
                .toList();
        if (!others.isEmpty()) {
            items.add(new EvidenceItem(
                    "OTHER",
                    "",
                    Phrase.of("paper.others"),
                    "",
                    Optional.empty(),
                    state(others),
                    reason(others),
                    Optional.empty(),
                    others));
        }
        return List.copyOf(items);
    }

    /** Once it is decided nothing more is asked for, but what was put off until later. */
    private static boolean isOver(Dossier dossier) {
        return !dossier.claim().state().isOpen()
                && dossier.asks().stream()
                        .noneMatch(ask -> ask.kind() == Ask.Kind.LATER_PAPERS
                                && ask.state().isOpen());
    }

    /** The same, as the applicant whose claim it is may see it: as if what others handed in were not there. */
    @Transactional(readOnly = true)
    public List<MyEvidenceItem> ofApplicant(Dossier dossier) {
        return asTheySeeIt(dossier).stream().map(this::mine).toList();
    }

    /** How many papers are still wanted, as the applicant sees it. */
    @Transactional(readOnly = true)
    public int wantedOfApplicant(Dossier dossier) {
        return (int)
                asTheySeeIt(dossier).stream().filter(EvidenceItem::isWanted).count();
    }

    private List<EvidenceItem> asTheySeeIt(Dossier dossier) {
        return of(
                dossier, holding.ownOf(dossier.claim().id(), dossier.applicant().id(), clock.today()));
    }

    private MyEvidenceItem mine(EvidenceItem item) {
        boolean told = item.state() == State.SENT_BACK || item.reason().equals(BY_REGISTER);
        return new MyEvidenceItem(
                item.kind(),
                item.subject(),
                item.title(),
                item.why(),
                item.until(),
                item.state(),
                told ? item.reason() : Phrase.NOTHING,
                item.servedBy().isPresent(),
                item.kind().equals(PaperKind.IDENTITY.code()) && item.state() != State.NO_LONGER_NEEDED,
                item.papers());
    }

    /** What an application would have to show if it were handed in as it is; nothing of it is there yet. */
    @Transactional(readOnly = true)
    public List<EvidenceItem> ofApplication(CaseFiles.Read<?> read) {
        Determination determination = read.determine(policies.book(), Reasoning.silent());
        return wanted(
                read,
                determination,
                read.programme().papersWantedBy(determination.receivedOn(), determination.dueBy()));
    }

    /** A caseworker does without something, and says why. */
    @Transactional
    public void waive(Dossier dossier, String kind, String subject, String reason, SignedIn who) {
        ClaimView claim = dossier.claim();
        if (reason.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        EvidenceItem wanted = of(dossier).stream()
                .filter(item -> item.kind().equals(kind) && item.subject().equals(subject))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("paper.no-need")));
        if (wanted.state() == State.WAIVED && wanted.reason().equals(Phrase.text(reason))) {
            return;
        }
        store.waive(claim.id(), kind, subject, reason, who.displayName());
        claims.note(claim.id(), Actor.of(who), "evidence-waived", Phrase.of("history.waived", wanted.title(), reason));
        claims.touch(claim.id());
    }

    /** A register shows what a paper would have shown, or does so no longer; a caseworker's own word stands either way. */
    @Transactional
    public void shownByRegister(ClaimView claim, String kind, String subject, boolean shown) {
        store.shownByRegister(claim.id(), kind, subject, shown);
    }

    /** What the facts ask for now is taken down, so that it can be told when they no longer do. */
    @Transactional
    public void takeDown(Dossier dossier) {
        store.takeDown(dossier.claim().id(), wanted(dossier));
    }

    /** What the facts ask for as they are settled. */
    public List<EvidenceNeed> needs(Dossier dossier) {
        return needs(dossier.settled().read(), dossier.run().determination());
    }

    private static <C extends CaseFile> List<EvidenceNeed> needs(CaseFiles.Read<C> read, Determination determination) {
        return read.programme().evidenceNeeds(read.file(), determination);
    }

    private static List<EvidenceItem> wanted(Dossier dossier) {
        ClaimView claim = dossier.claim();
        return wanted(
                dossier.settled().read(),
                dossier.run().determination(),
                Claims.programmeOf(claim).papersWantedBy(claim.receivedOn(), claim.decideBy()));
    }

    private static <C extends CaseFile> List<EvidenceItem> wanted(
            CaseFiles.Read<C> read, Determination determination, LocalDate until) {
        return needs(read, determination).stream()
                .map(need -> item(need, read, until))
                .toList();
    }

    private static EvidenceItem item(EvidenceNeed need, CaseFiles.Read<?> read, LocalDate until) {
        Programme<?> programme = read.programme();
        String subject = need.subject().orElse("");
        Phrase title = new Phrase.Word(
                programme.id(),
                "evidence." + need.kind() + ".title",
                Map.of("name", Phrase.text(nameOf(read.file(), subject))));
        return new EvidenceItem(
                need.kind(),
                subject,
                title,
                programme.wording(Locale.ENGLISH).text("evidence." + need.kind() + ".why"),
                Optional.of(until),
                State.ASKED_FOR,
                Phrase.NOTHING,
                Optional.empty(),
                List.of());
    }

    private static EvidenceItem with(
            EvidenceItem item, State state, Phrase reason, Optional<String> servedBy, List<Paper> papers) {
        return new EvidenceItem(
                item.kind(), item.subject(), item.title(), item.why(), item.until(), state, reason, servedBy, papers);
    }

    private static String key(EvidenceItem item) {
        return item.kind() + "/" + item.subject();
    }

    private static List<Paper> answering(EvidenceItem need, List<Paper> papers) {
        return papers.stream()
                .filter(paper ->
                        paper.kind().equals(need.kind()) && paper.subject().equals(need.subject()))
                .toList();
    }

    private static String nameOf(CaseFile file, String id) {
        return file.members().stream()
                .filter(member -> member.id().equals(id))
                .map(Member::name)
                .map(name -> name.full())
                .findFirst()
                .orElse("");
    }

    private static State state(List<Paper> papers) {
        if (papers.stream().anyMatch(paper -> paper.state() == Paper.State.ACCEPTED)) {
            return State.ACCEPTED;
        }
        if (papers.stream().anyMatch(paper -> paper.state() == Paper.State.RECEIVED)) {
            return State.RECEIVED;
        }
        return papers.isEmpty() ? State.ASKED_FOR : State.SENT_BACK;
    }

    private static Phrase reason(List<Paper> papers) {
        return state(papers) == State.SENT_BACK ? Phrase.text(papers.getLast().reason()) : Phrase.NOTHING;
    }
}
