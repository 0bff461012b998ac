package org.civitane.server;

import java.util.function.Consumer;
import java.util.function.Predicate;
import org.civitane.server.access.SignedIn;

/**
 * Something that somebody does.
 *
 * @param act does it; whether it was acknowledged
 * @param check what must hold once all came to rest, told whether it was acknowledged
 */
record Deed(String what, SignedIn who, Predicate<Visitor> act, Consumer<Boolean> check) {}
