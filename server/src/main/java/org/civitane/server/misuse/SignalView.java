package org.civitane.server.misuse;

import java.util.List;
import java.util.UUID;

/**
 * Why a claim may be doubted: what speaks against it, each with its facts, and what it shares with others.
 *
 * @param claims this claim first, then those it shares something with
 */
record SignalView(UUID claim, String number, List<Signal> signals, List<NetClaim> claims, List<NetLink> links) {
    /**
     * Something that may speak against a claim.
     *
     * @param id of the thing that is shared; the same for the next claim that shares it
     * @param facts what was found, in words
     * @param weight how much it says by itself, in words
     * @param record how often someone was asked because of it, and how often it was wrong, in words
     * @param dismissed why it speaks against nobody, by whom; empty while it does
     */
    record Signal(
            SignalKind kind, String id, String label, String facts, String weight, String record, String dismissed) {}

    /** What can speak against a claim. */
    enum SignalKind {
        IDENTITY,
        ACCOUNT,
        DEVICE,
        ADDRESS,
        PHONE,
        BANK,
        ZONE,
        /** Many claims within an hour from one device. */
        HOUR,
        /** The civil register says that the person has died. */
        DECEASED;

        static SignalKind of(Shared.Kind kind) {
            return SignalKind.valueOf(kind.name());
        }
    }

    record NetClaim(UUID id, String number, String programme, String name, String state) {}

    /** That a claim shares a thing. @param thing the id of a signal */
    record NetLink(UUID claim, String thing) {}
}
