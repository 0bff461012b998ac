package org.civitane.server.misuse;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.person.Names;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Which claims name the same person as one: born on the same day, and of a name that the check of documents would take
 * for the same, so that a middle name more or a letter less hides nobody.
 */
@Component
class SamePerson {
    /** Born on one day are fewer than this; whoever has the very name comes first all the same. */
    private static final int MOST = 5_000;

    private static final String APPLICANT = """
            select distinct other.claim_id, mine.name, other.name, mine.born, other.name = mine.name as very from claim_person mine
            join contact own on own.claim_id = mine.claim_id and own.member = mine.member
            join claim_person other on other.born = mine.born and other.claim_id <> mine.claim_id
            """;
    private static final String APPLIES_TOO =
            " join contact theirs on theirs.claim_id = other.claim_id and theirs.member = other.member";

    private final JdbcClient database;

    SamePerson(JdbcClient database) {
        this.database = database;
    }

    /**
     * Another claim for which the same person applies.
     *
     * @param sure whether all words of one name stand in the other, rather than the names being merely alike
     */
    record Same(UUID claim, boolean sure) {}

    /** Other claims for which the same person applies. */
    List<Same> sameApplicant(UUID claim) {
        return found(APPLICANT + APPLIES_TOO, claim).stream()
                .map(each -> new Same(each.claim(), each.isSure()))
                .distinct()
                .toList();
    }

    /**
     * Somebody who is named in several claims.
     *
     * @param key the same for the same name and birth
     */
    record Named(String key, List<UUID> claims) {}

    /** Other claims in which this one's applicant is named, whoever applies; empty where there is none. */
    Optional<Named> named(UUID claim) {
        List<Candidate> found = found(APPLICANT, claim);
        return found.stream().findFirst().map(first -> new Named(first.name() + first.born(), claims(found)));
    }

    private static List<UUID> claims(List<Candidate> found) {
        return found.stream().map(Candidate::claim).distinct().toList();
    }

    private List<Candidate> found(String query, UUID claim) {
        return database
                .sql(query + " where mine.claim_id = ? order by very desc limit " + MOST)
                .param(claim)
                .query((row, number) -> new Candidate(
                        row.getObject(1, UUID.class), row.getString(2), row.getString(3), row.getString(4)))
                .list()
                .stream()
                .filter(Candidate::isSame)
                .toList();
    }

    private record Candidate(UUID claim, String name, String other, String born) {
        boolean isSure() {
            List<String> one = Names.tokens(name);
            List<String> two = Names.tokens(other);
            return name.equals(other)
                    || Math.min(one.size(), two.size()) > 1 && (one.containsAll(two) || two.containsAll(one));
        }

        boolean isSame() {
            return switch (Names.compare(name, other)) {
                case MATCH, NEAR -> true;
                case CONFLICT -> false;
                case ABSENT -> name.equals(other);
            };
        }
    }
}
