package org.civitane.server.household;

import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.person.Names;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReceived;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contact;
import org.civitane.server.contact.Contacts;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes down who the people of a claim are, and proposes whom they may be among those known already: by person number,
 * else by name and date of birth with tolerance for either.
 */
@Service
@Transactional
public class Persons {
    private final JdbcClient database;
    private final Claims claims;
    private final Contacts contacts;
    private final Likeness likeness;
    private final Texts texts;
    private final AgencyClock clock;

    Persons(JdbcClient database, Claims claims, Contacts contacts, Likeness likeness, Texts texts, AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.contacts = contacts;
        this.likeness = likeness;
        this.texts = texts;
        this.clock = clock;
    }

    /** One claim in which people of a household stand. */
    public record ClaimOfPerson(UUID claim, String number, String member, UUID person) {}

    /** All proposals for a claim, settled ones too, in the order of its people. */
    @Transactional(readOnly = true)
    public List<Match> matches(UUID claim) {
        return database.sql("""
                        select m.member, mine.person_name, mine.born, m.known, k.shown, k.born as known_born, m.why, m.state,
                          coalesce((select array_agg(distinct c.number order by c.number) from claim_person p join claim c on c.id = p.claim_id
                            where p.person_id = m.known and p.claim_id <> m.claim_id), '{}') as numbers
                        from person_match m
                        join (select cp.claim_id, cp.member, cp.born, coalesce(pe.shown, cp.name) as person_name
                              from claim_person cp left join person pe on pe.id = cp.own_person_id) mine
                          on mine.claim_id = m.claim_id and mine.member = m.member
                        join person k on k.id = m.known
                        where m.claim_id = ? order by m.member, k.shown, m.known""")
                .param(claim)
                .query((row, number) -> new Match(
                        row.getString("member"),
                        row.getString("person_name"),
                        row.getObject("born", LocalDate.class),
                        row.getObject("known", UUID.class),
                        row.getString("shown"),
                        row.getObject("known_born", LocalDate.class),
                        row.getString("why"),
                        Match.State.valueOf(row.getString("state")),
                        List.of((String[]) row.getArray("numbers").getArray())))
                .list();
    }

    /** How many proposals nobody has looked at. */
    @Transactional(readOnly = true)
    public int open(UUID claim) {
        return database.sql("select count(*) from person_match where claim_id = ? and state = 'PROPOSED'")
                .param(claim)
                .query(Integer.class)
                .single();
    }

    /** Every claim in which one of the people of this claim stands, as far as that was confirmed; this one included. */
    @Transactional(readOnly = true)
    public List<ClaimOfPerson> claimsOfHousehold(UUID claim) {
        return database.sql("""
                        select c.id, c.number, other.member, other.person_id from claim_person mine
                        join claim_person other on other.person_id = mine.person_id
                        join claim c on c.id = other.claim_id
                        where mine.claim_id = ? order by c.received_at desc, c.number, other.member""")
                .param(claim)
                .query((row, number) -> new ClaimOfPerson(
                        row.getObject(1, UUID.class), row.getString(2), row.getString(3), row.getObject(4, UUID.class)))
                .list();
    }

    /** Other open or decided claims of the same season that name one of the same people. */
    public List<String> numbersOfOthersNaming(UUID claim) {
        return claims.numbersOfOthersNaming(claim);
    }

    /** A caseworker says that someone is, or is not, a person known already. Either can be taken back. */
    public void settle(ClaimView claim, String member, UUID known, boolean same, SignedIn who) {
        Match.State wanted = same ? Match.State.CONFIRMED : Match.State.REFUSED;
        Match match = matches(claim.id()).stream()
                .filter(each -> each.member().equals(member) && each.known().equals(known))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("household.no-match")));
        if (match.state() == wanted) {
            return;
        }
        database.sql("""
                        update person_match set state = ?, settled_by = ?, settled_at = ?
                        where claim_id = ? and member = ? and known = ?""")
                .params(wanted.name(), who.displayName(), Timestamp.from(clock.instant()), claim.id(), member, known)
                .update();
        database.sql("""
                        update claim_person set person_id = coalesce(
                          (select known from person_match where claim_id = ? and member = ? and state = 'CONFIRMED' order by known limit 1),
                          own_person_id)
                        where claim_id = ? and member = ?""").params(claim.id(), member, claim.id(), member).update();
        claims.note(
                claim.id(),
                Actor.of(who),
                "person-matched",
                Phrase.of(same ? "history.matched" : "history.not-matched"));
        claims.touch(claim.id());
    }

    /** A new edition: everyone in it is taken down, and whoever is like someone known is proposed. */
    @EventListener
    void received(ClaimReceived event) {
        ClaimView claim = claims.claim(event.claim());
        CaseFile file = CaseFiles.read(claims.newestEdition(claim).getBytes(StandardCharsets.UTF_8))
                .file();
        Map<String, Contact> byMember = contacts.ofClaim(claim.id());
        for (Member member : file.members()) {
            String number = byMember.getOrDefault(member.id(), Contact.UNKNOWN).personNumber();
            takeDown(claim.id(), member, number);
        }
    }

    private void takeDown(UUID claim, Member member, String number) {
        String name = Names.normalise(member.name().full());
        List<UUID> own = database.sql(
                        "select own_person_id from claim_person where claim_id = ? and member = ? and own_person_id is not null")
                .params(claim, member.id())
                .query(UUID.class)
                .list();
        UUID person = own.isEmpty() ? UUID.randomUUID() : own.getFirst();
        database.sql("""
                        insert into person (id, name, shown, born, number) values (?, ?, ?, ?, ?)
                        on conflict (id) do update set name = excluded.name, shown = excluded.shown, born = excluded.born, number = excluded.number""")
                .params(person, name, member.name().full(), member.dateOfBirth(), number)
                .update();
        database.sql("""
                        update claim_person set own_person_id = ?, person_id = coalesce(person_id, ?)
                        where claim_id = ? and member = ?""").params(person, person, claim, member.id()).update();
        for (Likeness.Known known : likeness.of(person, name, member.dateOfBirth(), number)) {
            database.sql("""
                            insert into person_match (claim_id, member, known, why, state) values (?, ?, ?, ?, 'PROPOSED')
                            on conflict (claim_id, member, known) do nothing""")
                    .params(claim, member.id(), known.id(), texts.say("household.why." + known.by()))
                    .update();
        }
    }
}
