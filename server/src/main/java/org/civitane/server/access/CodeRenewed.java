package org.civitane.server.access;

/**
 * Another code was printed for an account that was started at the counter.
 *
 * @param holder whose account it is
 * @param by the name of whoever printed it
 */
public record CodeRenewed(SignedIn holder, String by) {}
