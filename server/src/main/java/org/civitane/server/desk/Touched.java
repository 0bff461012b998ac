package org.civitane.server.desk;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The claims that something happened to in a transaction; what is to be done about each is done before it commits. */
final class Touched implements TransactionSynchronization {
    private final Set<UUID> claims = new LinkedHashSet<>();
    private final Consumer<UUID> todo;

    private Touched(Consumer<UUID> todo) {
        this.todo = todo;
    }

    /** @throws IllegalStateException outside of a transaction */
    static Touched inThisTransaction(Consumer<UUID> todo) {
        for (TransactionSynchronization each : TransactionSynchronizationManager.getSynchronizations()) {
            if (each instanceof Touched touched) {
                return touched;
            }
        }
        Touched touched = new Touched(todo);
        TransactionSynchronizationManager.registerSynchronization(touched);
        return touched;
    }

    void add(UUID claim) {
        claims.add(claim);
    }

    /** Whether something happened to it; whoever takes it does what is to be done. */
    boolean take(UUID claim) {
        return claims.remove(claim);
    }

    @Override
    public void beforeCommit(boolean readOnly) {
        while (!claims.isEmpty()) {
            for (UUID claim : List.copyOf(claims)) {
                claims.remove(claim);
                todo.accept(claim);
            }
        }
    }
}
