package org.civitane.server.papers.looking;

/** A file cannot be looked at. */
final class CannotLook extends Exception {
    private final Fault fault;

    CannotLook(Fault fault) {
        super(fault.name());
        this.fault = fault;
    }

    Fault fault() {
        return fault;
    }
}
