package org.civitane.server.misuse;

import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.server.platform.Digest;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What a claim shares with others: who applies, their account, device, address, telephone, bank account, documents. */
@Component
class Shared {
    /** Of one thing as many are looked at; a hostel's address has more, and says no more. */
    private static final int MOST = 50;

    private static final Map<Kind, String> QUERIES = queries();

    private final JdbcClient database;
    private final SamePerson people;

    Shared(JdbcClient database, SamePerson people) {
        this.database = database;
        this.people = people;
    }

    /** What can be shared. */
    enum Kind {
        IDENTITY,
        ACCOUNT,
        DEVICE,
        ADDRESS,
        PHONE,
        BANK,
        /** The zone of a document that was sent under another name as well. */
        ZONE
    }

    /**
     * A thing that claims share.
     *
     * @param id the same for the same thing, and tells nothing of it
     * @param claims the others
     */
    record Thing(Kind kind, String id, List<UUID> claims) {
        Thing {
            claims = List.copyOf(claims);
        }
    }

    /** Other claims for which the same person applies. */
    List<SamePerson.Same> sameApplicant(UUID claim) {
        return people.sameApplicant(claim);
    }

    List<Thing> of(UUID claim) {
        List<Thing> things = new ArrayList<>();
        people.named(claim)
                .map(who -> new Thing(Kind.IDENTITY, Digest.of(Kind.IDENTITY + " " + who.key()), who.claims()))
                .ifPresent(things::add);
        QUERIES.forEach((kind, query) -> {
            Map<String, List<UUID>> byValue = new LinkedHashMap<>();
            database.sql(query + " limit " + MOST).param("claim", claim).query((ResultSet row) -> {
                byValue.computeIfAbsent(row.getString(2), unseen -> new ArrayList<>())
                        .add(row.getObject(1, UUID.class));
            });
            byValue.forEach((value, claims) -> things.add(new Thing(kind, Digest.of(kind + " " + value), claims)));
        });
        return things;
    }

    /** Each gives the claims that share something of a kind with one, and what that is. */
    private static Map<Kind, String> queries() {
        Map<Kind, String> queries = new LinkedHashMap<>();
        queries.put(Kind.ACCOUNT, """
                select other.id, mine.applicant_id::text from claim mine
                join claim other on other.applicant_id = mine.applicant_id and other.id <> mine.id
                where mine.id = :claim""");
        queries.put(Kind.DEVICE, """
                select other.claim_id, mine.device from claim_origin mine
                join claim_origin other on other.device = mine.device and other.claim_id <> mine.claim_id
                where mine.claim_id = :claim""");
        queries.put(Kind.ADDRESS, """
                select distinct other.claim_id, mine.post_code || ' ' || mine.street || ' ' || mine.house_number from contact mine
                join contact other on other.post_code = mine.post_code and other.street = mine.street
                  and other.house_number = mine.house_number and other.claim_id <> mine.claim_id and other.street <> ''
                where mine.claim_id = :claim and mine.street <> ''""");
        queries.put(Kind.PHONE, """
                select distinct other.claim_id, mine.phone from contact mine
                join contact other on other.phone = mine.phone and other.claim_id <> mine.claim_id and other.phone <> ''
                where mine.claim_id = :claim and mine.phone <> ''""");
        queries.put(Kind.BANK, """
                select other.claim_id, mine.iban from payee mine
                join payee other on other.iban = mine.iban and other.claim_id <> mine.claim_id
                where mine.claim_id = :claim""");
        queries.put(Kind.ZONE, """
                select other.claim_id, mine.digest from zone_seen mine
                join zone_seen other on other.digest = mine.digest and other.claim_id <> mine.claim_id and other.name <> mine.name
                where mine.claim_id = :claim""");
        return queries;
    }
}
