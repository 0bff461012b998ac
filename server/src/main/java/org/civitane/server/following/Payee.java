package org.civitane.server.following;

/**
 * Where a claim's money goes: to an account, or as a postal order that the post brings.
 *
 * @param iban without spaces; empty for a postal order
 * @param holder whose account it is, or who is handed the money
 * @param address to which a postal order goes, on one line; empty for an account
 */
public record Payee(String iban, String holder, String address) {
    static Payee account(String iban, String holder) {
        return new Payee(iban, holder, "");
    }

    static Payee postalOrder(String holder, String address) {
        return new Payee("", holder, address);
    }

    boolean isByPost() {
        return iban.isEmpty();
    }
}
