package org.civitane.server.identity;

import java.sql.Timestamp;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Letters to the address that the civil register has, with a code: so that someone in whose name
 * another applied hears of it, and can say so without an account.
 */
@Service
@Transactional(noRollbackFor = IdentityLetters.WrongCode.class)
class IdentityLetters {
    private static final int MOST_TRIES = 3;

    private final JdbcClient database;
    private final Claims claims;
    private final ClaimActs acts;
    private final Doubts doubts;
    private final Papers papers;
    private final LetterPages pages;
    private final AgencyClock clock;

    IdentityLetters(
            JdbcClient database,
            Claims claims,
            ClaimActs acts,
            Doubts doubts,
            Papers papers,
            LetterPages pages,
            AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.acts = acts;
        this.doubts = doubts;
        this.papers = papers;
        this.pages = pages;
        this.clock = clock;
    }

    /**
     * The letter as PDF. Whoever is asked whether they filed the claim gets a new code, and the one before is good no
     * more; once something was sent back, the letter says what and why.
     *
     * @throws Problem when nobody is asked who they are, or the register has no address
     */
    byte[] print(UUID id, SignedIn caseworker) {
        return acts.byStaff(id, caseworker, Act.ESTABLISH, claim -> {
            Doubt doubt = doubts.of(id)
                    .filter(each -> each.state() == Doubt.State.ASKED)
                    .orElseThrow(() -> Problem.conflict("answered", Phrase.of("problem.answered")));
            List<Paper> sentBack = papers.of(id).stream()
                    .filter(paper -> paper.state() == Paper.State.SENT_BACK && showsWhoSomeoneIs(paper))
                    .toList();
            boolean byCode = doubt.occasion() == Doubt.Occasion.DOUBTED && sentBack.isEmpty();
            byte[] letter = byCode
                    ? pages.letter(claim, doubt, codeFor(id))
                    : pages.letterOfWhatIsWanted(claim, doubt, sentBack);
            claims.note(id, Actor.of(caseworker), "identity-letter", Phrase.of("history.identity-letter"));
            claims.touch(id);
            return letter;
        });
    }

    private static boolean showsWhoSomeoneIs(Paper paper) {
        return !paper.documentType().isEmpty() || Catalogue.paper(paper.kind()).reading() == PaperKind.Reading.DOCUMENT;
    }

    private String codeFor(UUID id) {
        String code = Digest.newCode();
        database.sql("""
                        insert into identity_letter (claim_id, digest, tries, made_at) values (?, ?, 0, ?)
                        on conflict (claim_id) do update set digest = excluded.digest, tries = 0, made_at = excluded.made_at""")
                .params(id, Digest.of(id + code), Timestamp.from(clock.instant()))
                .update();
        return code;
    }

    /** What the letter leads to. @throws Problem {@code code} when the code is wrong, or was tried too often */
    LetterPage open(String number, String code) {
        ClaimView claim = claimOf(number, code);
        return pages.page(claim, doubts.of(claim.id()).orElseThrow());
    }

    /** "This was not me", or "I am not sure", from someone without an account. @throws Problem as {@link #open} */
    LetterPage answer(String number, String code, boolean notMe) {
        ClaimView claim = claimOf(number, code);
        claims.hold(claim.id());
        asked(claims.claim(claim.id()));
        if (notMe) {
            doubts.disownByLetter(claim.id(), Actor.part("identity.by-letter"));
        } else {
            claims.note(claim.id(), Actor.part("identity.by-letter"), "doubt-unsure", Phrase.of("history.not-sure"));
            claims.touch(claim.id());
        }
        return pages.page(claims.claim(claim.id()), doubts.of(claim.id()).orElseThrow());
    }

    private Doubt asked(ClaimView claim) {
        return doubts.of(claim.id())
                .filter(doubt -> doubt.occasion() == Doubt.Occasion.DOUBTED && doubt.state() == Doubt.State.ASKED)
                .orElseThrow(() -> Problem.conflict("answered", Phrase.of("problem.answered")));
    }

    /** Each wrong code counts, whoever tries it. */
    private ClaimView claimOf(String number, String code) {
        Optional<UUID> claim = database.sql("""
                        update identity_letter l set tries = case when l.digest = encode(sha256((l.claim_id::text || ?)::bytea), 'hex')
                            then l.tries else l.tries + 1 end
                        from claim c where c.id = l.claim_id and c.number = ? and l.tries < ?
                        returning case when l.digest = encode(sha256((l.claim_id::text || ?)::bytea), 'hex') then l.claim_id end""")
                .params(code.strip(), number.strip().toUpperCase(Locale.ROOT), MOST_TRIES, code.strip())
                .query((row, at) -> Optional.ofNullable(row.getObject(1, UUID.class)))
                .optional()
                .flatMap(found -> found);
        return claim.map(claims::claim).orElseThrow(WrongCode::new);
    }

    /** Told after the try was counted. */
    static final class WrongCode extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
