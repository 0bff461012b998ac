package org.civitane.server.policies;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.policy.ShippedPolicy;
import org.civitane.server.platform.JsonColumn;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/**
 * The versions of the policy tables: what ships is put into the database once, and read from there. Versions are only
 * ever added, so their number says whether what was read before is still all there is.
 */
@Service
public class PolicyStore {
    private static final TypeReference<Map<String, List<String>>> FIGURES = new TypeReference<>() {};

    private final JdbcClient database;
    private volatile Known known = new Known(0, PolicyBook.of(List.of()));

    PolicyStore(JdbcClient database) {
        this.database = database;
        load();
    }

    private record Known(int versions, PolicyBook book) {}

    /** All tables as the database has them now, whichever server put them there. */
    public PolicyBook book() {
        int versions = database.sql("select count(*) from policy_version")
                .query(Integer.class)
                .single();
        Known before = known;
        return versions == before.versions() ? before.book() : read();
    }

    /** Puts shipped versions that are not there yet into the database; one that is there is never changed. */
    @Transactional
    void load() {
        for (PolicyVersion version : ShippedPolicy.versions()) {
            database.sql(
                            "insert into policy_version (policy_table, effective, figures) values (?, ?, ?::jsonb) on conflict do nothing")
                    .params(version.table(), version.effective(), JsonColumn.write(version.figures()))
                    .update();
        }
        read();
    }

    private PolicyBook read() {
        List<PolicyVersion> versions = database.sql("select policy_table, effective, figures::text from policy_version")
                .query((row, i) -> new PolicyVersion(
                        row.getString(1),
                        row.getObject(2, LocalDate.class),
                        Json.mapper().readValue(row.getString(3), FIGURES)))
                .list();
        PolicyBook book = PolicyBook.of(versions);
        known = new Known(versions.size(), book);
        return book;
    }
}
