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
    private final Consumer<UUID> each;

    private Touched(Consumer<UUID> each) {
        this.each = each;
    }

    /** @throws IllegalStateException outside of a transaction */
    static Touched inThisTransaction(Consumer<UUID> each) {
        for (TransactionSynchronization other : TransactionSynchronizationManager.getSynchronizations()) {
            if (other instanceof Touched touched) {
                return touched;
            }
        }
        Touched touched = new Touched(each);
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
                each.accept(claim);
            }
        }
    }
}
