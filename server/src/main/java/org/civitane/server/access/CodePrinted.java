package org.civitane.server.access;

/**
 * A code was printed for an account that was started at the counter: whoever has it sets the account's password.
 *
 * @param holder whose account it is
 * @param by who printed it
 * @param again whether there was one before
 */
public record CodePrinted(SignedIn holder, SignedIn by, boolean again) {}
