package org.civitane.server.documents;

import java.time.LocalDate;
import java.util.UUID;

/**
 * How a document that was made out reaches whoever asked for it, and where that stands.
 *
 * @param way by the programme's word
 * @param atTheDesk whether someone comes for it; otherwise it goes by post
 * @param toAProxy whether that is someone else, with an authority
 * @param on from which day it can be fetched, or on which it goes by post
 * @param destroyOn on which day it is destroyed if it is still here
 * @param movedOn since when it is in its state
 * @param movedBy who brought it there; empty while it waits
 */
public record Handover(
        UUID document,
        UUID claim,
        String way,
        boolean atTheDesk,
        boolean toAProxy,
        State state,
        LocalDate on,
        LocalDate destroyOn,
        LocalDate movedOn,
        String movedBy) {
    /** Where a document is. */
    public enum State {
        WAITING,
        GIVEN,
        SENT,
        /** The post brought it back. */
        RETURNED,
        /** Nobody fetched it in time; it can be made out anew. */
        DESTROYED
    }
}
