package org.civitane.server.evidence;

import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Catalogue;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Accepted papers of other claims of the same people that still show what they showed. */
@Component
public class HoldingPapers {
    private final JdbcClient database;

    HoldingPapers(JdbcClient database) {
        this.database = database;
    }

    /**
     * One such paper.
     *
     * @param member whom it is about, as this claim calls them; empty for the household
     * @param until the last day on which it holds
     */
    public record Held(
            UUID paper, UUID claim, String number, String kind, String member, String name, LocalDate until) {}

    /**
     * Papers accepted on other claims of the people of this one, about the same person or, for the household, of the
     * same applicant; only those that hold on that day.
     */
    public List<Held> of(UUID claim, String applicantMember, LocalDate on) {
        return found("", claim, applicantMember, on);
    }

    /** Those of them that the applicant handed in themself: of the others they may not even know that they are here. */
    List<Held> ownOf(UUID claim, String applicantMember, LocalDate on) {
        return found(
                " and c.applicant_id = (select own.applicant_id from claim own where own.id = mine.claim_id)",
                claim,
                applicantMember,
                on);
    }

    private List<Held> found(String which, UUID claim, String applicantMember, LocalDate on) {
        return database
                .sql("""
                        select p.id, p.claim_id, c.number, p.kind, p.name, p.given_at,
                          case when p.subject = '' then '' else mine.member end as member
                        from claim_person mine
                        join claim_person other on other.person_id = mine.person_id and other.claim_id <> mine.claim_id
                        join paper p on p.claim_id = other.claim_id and p.state = 'ACCEPTED'
                          and (p.subject = other.member or p.subject = '' and mine.member = ?)
                        join claim c on c.id = p.claim_id
                        where mine.claim_id = ? and p.kind <> 'OTHER'""" + which + " order by p.given_at desc, p.id")
                .params(applicantMember, claim)
                .query((row, number) -> held(row.getTimestamp("given_at"), row))
                .list()
                .stream()
                .filter(held -> !held.until().isBefore(on))
                .toList();
    }

    private static Held held(Timestamp given, java.sql.ResultSet row) throws java.sql.SQLException {
        LocalDate came = LocalDate.ofInstant(given.toInstant(), BusinessCalendar.AGENCY_ZONE);
        String kind = row.getString("kind");
        return new Held(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                row.getString("number"),
                kind,
                row.getString("member"),
                row.getString("name"),
                Catalogue.paper(kind).lastDay(came));
    }
}
