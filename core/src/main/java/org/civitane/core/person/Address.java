package org.civitane.core.person;

/** A postal address within Halvern. */
public record Address(String street, String houseNumber, String postCode) {}
