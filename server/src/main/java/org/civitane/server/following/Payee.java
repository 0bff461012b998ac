package org.civitane.server.following;

/** The account that a claim's money goes to. @param iban without spaces */
public record Payee(String iban, String holder) {}
