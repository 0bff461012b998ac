package org.civitane.server.dossier;

import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contacts;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.papers.Originals;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Readings;
import org.civitane.server.registers.Registers;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Component;

/** Where the parts of a dossier are read. */
@Component
record Sources(
        Claims claims,
        Settlements settlements,
        Determinations determinations,
        Papers papers,
        Readings readings,
        Originals originals,
        Registers registers,
        Contacts contacts,
        Doubts doubts,
        Asks asks,
        EarlierClaims earlier) {}
