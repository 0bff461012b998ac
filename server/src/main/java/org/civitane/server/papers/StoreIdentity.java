package org.civitane.server.papers;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The store of papers belongs to one database, and every server on that database has to see it. A server whose folder is
 * another one does not start: it would take papers that the others cannot show.
 */
@Component
class StoreIdentity {
    private static final String MARK = "belongs-to";
    private static final long LOCK = 8_420_001;

    private final JdbcClient database;
    private final Path folder;

    StoreIdentity(JdbcClient database, TransactionTemplate transaction, @Value("${civitane.store}") Path folder) {
        this.database = database;
        this.folder = folder;
        transaction.executeWithoutResult(status -> check());
    }

    /** One server after the other, since the first one on a new database is the one that says which store it is. */
    private void check() {
        database.sql("select pg_advisory_xact_lock(?)::text")
                .param(LOCK)
                .query(String.class)
                .single();
        Optional<UUID> known =
                database.sql("select id from paper_store").query(UUID.class).optional();
        Optional<UUID> here = mark();
        if (known.isPresent()) {
            if (!known.equals(here)) {
                throw new NotShared(folder);
            }
            return;
        }
        UUID id = here.orElseGet(UUID::randomUUID);
        if (here.isEmpty()) {
            write(id);
        }
        database.sql("insert into paper_store (id) values (?)").param(id).update();
    }

    private Optional<UUID> mark() {
        Path file = folder.resolve(MARK);
        try {
            return Files.exists(file)
                    ? Optional.of(UUID.fromString(Files.readString(file).strip()))
                    : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(UUID id) {
        try {
            Files.createDirectories(folder);
            Files.writeString(folder.resolve(MARK), id + "\n");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The folder of papers is not the one that belongs to the database. */
    static final class NotShared extends RuntimeException {
        NotShared(Path folder) {
            super(
                    "The folder for papers, " + folder.toAbsolutePath()
                            + ", is not the one that belongs to this database, so papers would be taken that other servers cannot show.");
        }
    }

    /** Says it in a sentence, where the server would else end with a page of names. */
    static final class Told extends AbstractFailureAnalyzer<NotShared> {
        @Override
        protected FailureAnalysis analyze(Throwable root, NotShared cause) {
            return new FailureAnalysis(
                    cause.getMessage(),
                    "Give every server on this database the same folder as CIVITANE_STORE, on storage that all of them see; after a move, with all its files.",
                    cause);
        }
    }
}
