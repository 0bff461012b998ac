package org.civitane.server.claims;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.person.Names;
import org.civitane.server.platform.JsonColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Whom claims name: what a household is called, what search looks through, and who stands in several claims. */
@Component
class ClaimPeople {
    private final JdbcClient database;

    ClaimPeople(JdbcClient database) {
        this.database = database;
    }

    /** Takes down the people of a claim's newest edition. */
    void record(UUID claim, CaseFile file) {
        database.sql("delete from claim_person where claim_id = ? and not member = any (?)")
                .params(claim, file.members().stream().map(Member::id).toArray(String[]::new))
                .update();
        for (Member member : file.members()) {
            database.sql("""
                            insert into claim_person (claim_id, member, name, born) values (?, ?, ?, ?)
                            on conflict (claim_id, member) do update set name = excluded.name, born = excluded.born""")
                    .params(claim, member.id(), Names.normalise(member.name().full()), member.dateOfBirth())
                    .update();
        }
    }

    /** Numbers of other claims, to the same programme in the same season, that name a child of this one. */
    List<String> numbersOfOthersNaming(UUID claim) {
        return database.sql("""
                        select distinct other.number from claim mine
                          join claim_person p on p.claim_id = mine.id
                          join claim_person q on q.born = p.born and q.name = p.name and q.claim_id <> p.claim_id
                          join claim other on other.id = q.claim_id
                        where mine.id = ? and other.programme = mine.programme and other.season = mine.season
                          and other.state <> 'WITHDRAWN' and not other.closed
                          and p.born > mine.received_on - interval '18 years'
                        order by other.number limit 5""").param(claim).query(String.class).list();
    }

    /** The id of the applicant in a case file. */
    String applicantMember(String caseFile) {
        return JsonColumn.read(caseFile)
                .path("members")
                .valueStream()
                .filter(member -> member.path("relationship").asString("").equals(Relationship.SELF.name()))
                .map(member -> member.path("id").asString(""))
                .findFirst()
                .orElseThrow();
    }

    /** The family name of the applicant. */
    static String householdName(CaseFile file) {
        return file.members().stream()
                .filter(member -> member.relationship() == Relationship.SELF)
                .map(Member::familyName)
                .findFirst()
                .orElseThrow();
    }

    /** The names of everyone, as written and normalised, in lower case. */
    static String searchText(CaseFile file) {
        Set<String> words = new LinkedHashSet<>();
        for (Member member : file.members()) {
            for (String token : Names.tokens(member.name().full())) {
                words.add(token.toLowerCase(Locale.ROOT));
            }
        }
        return String.join(" ", words);
    }
}
