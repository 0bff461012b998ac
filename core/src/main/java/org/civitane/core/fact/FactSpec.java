package org.civitane.core.fact;

/**
 * One fact of a case file.
 *
 * @param name its field in the file, within the record that holds it
 * @param saidBy whose word it is
 * @param optional whether a case file may be without it
 */
public record FactSpec(String name, Shape shape, SaidBy saidBy, boolean optional) {}
