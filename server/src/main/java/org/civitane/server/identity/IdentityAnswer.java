package org.civitane.server.identity;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What someone answers when they are to show who they are: begun, left and come back to, handed in once.
 *
 * @param round counts how often they were asked on this claim, from 1
 * @param phone where they may be asked back; empty when they gave none
 */
record IdentityAnswer(
        UUID id, UUID claim, int round, Filed filed, String phone, boolean mayCall, Optional<HandedIn> handedIn) {
    /** What they say when asked whether they filed the claim. "This was not me" ends it and is kept as such. */
    enum Filed {
        UNSAID,
        YES,
        NOT_SURE
    }

    /**
     * That it was handed in.
     *
     * @param number of the receipt
     * @param signedAs the name they signed with
     */
    record HandedIn(Instant at, String number, String signedAs, List<SentDocument> sent) {
        HandedIn {
            sent = List.copyOf(sent);
        }
    }

    /** A document as the receipt lists it. @param sides how many pictures or files it is */
    record SentDocument(String documentType, String name, int sides) {}
}
