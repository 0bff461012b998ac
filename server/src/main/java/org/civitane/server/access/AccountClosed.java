package org.civitane.server.access;

/** An account was closed in this transaction: nobody signs in with it any more. */
public record AccountClosed(SignedIn who) {}
