package org.civitane.server.papers.looking;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/**
 * Whose turn it is: so many at once, and of those who wait one of each in turn, however many any of them brought. So
 * nobody waits for more than one turn of anybody else.
 */
final class Turns {
    private final int atOnce;
    private final int mostWaiting;
    private int taken;
    private final Map<String, Deque<CompletableFuture<Void>>> waiting = new LinkedHashMap<>();

    /** @param mostWaiting how many one may have waiting */
    Turns(int atOnce, int mostWaiting) {
        this.atOnce = atOnce;
        this.mostWaiting = mostWaiting;
    }

    /** A turn, once it comes; nothing when whoever it is for has too many waiting already. */
    synchronized Optional<CompletableFuture<Void>> take(String whose) {
        CompletableFuture<Void> turn = new CompletableFuture<>();
        if (taken < atOnce) {
            taken++;
            turn.complete(null);
            return Optional.of(turn);
        }
        Deque<CompletableFuture<Void>> own = waiting.computeIfAbsent(whose, key -> new ArrayDeque<>());
        if (own.size() >= mostWaiting) {
            return Optional.empty();
        }
        own.add(turn);
        return Optional.of(turn);
    }

    /** A turn is over: the next of whoever has waited longest since they had one. */
    synchronized void done() {
        Optional<String> next = waiting.keySet().stream().findFirst();
        if (next.isEmpty()) {
            taken--;
            return;
        }
        Deque<CompletableFuture<Void>> own = waiting.remove(next.get());
        CompletableFuture<Void> turn = own.poll();
        if (!own.isEmpty()) {
            waiting.put(next.get(), own);
        }
        if (turn == null || !turn.complete(null)) {
            done();
        }
    }
}
