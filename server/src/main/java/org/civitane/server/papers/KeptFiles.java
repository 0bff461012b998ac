package org.civitane.server.papers;

import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which files of the store the database knows. A file is in the store before the row that names it is sure; one whose
 * row never came, because the work was refused or the process killed, is swept away.
 */
@Component
public class KeptFiles {
    /** Everything that names a file of the store. */
    private static final String NAMED = """
            select exists (select from paper where digest = :digest and state <> 'TAKEN_BACK')
              or exists (select from decision where letter = :digest)
              or exists (select from letter_to_other where letter = :digest)
              or exists (select from photo where digest = :digest)
              or exists (select from document where digest = :digest)
              or exists (select from charge where receipt = :digest)
              or exists (select from overpayment where letter = :digest)
              or exists (select from urgent_award where letter = :digest)""";

    private final JdbcClient database;
    private final PaperStore store;

    KeptFiles(JdbcClient database, PaperStore store) {
        this.database = database;
        this.store = store;
    }

    /**
     * Part of the transaction that writes down a file's digest: until it ends, the file is not swept.
     *
     * @throws org.civitane.server.platform.Problem when it was swept a moment ago
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(String digest) {
        lock(digest);
        store.file(digest);
    }

    /** Sweeps those of these files that nothing names, and tells how many. */
    @Transactional
    public int sweep(List<String> digests) {
        int swept = 0;
        for (String digest : digests) {
            lock(digest);
            boolean named = database.sql(NAMED)
                    .param("digest", digest)
                    .query(Boolean.class)
                    .single();
            if (!named) {
                store.remove(digest);
                swept++;
            }
        }
        return swept;
    }

    private void lock(String digest) {
        database.sql("select pg_advisory_xact_lock(hashtextextended(?, 0))::text")
                .param(digest)
                .query(String.class)
                .single();
    }
}
