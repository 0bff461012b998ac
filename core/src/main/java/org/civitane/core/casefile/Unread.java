package org.civitane.core.casefile;

/** Something a case file carries that no rule reads, such as voluntary statistics: present, and nothing more. */
public record Unread() {}
