package org.civitane.server.misuse;

import java.util.List;
import java.util.UUID;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.core.person.Names;
import org.civitane.server.papers.PapersChanged;
import org.civitane.server.papers.Readings;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.platform.Digest;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Remembers the zones of documents as they are read, so that one that comes under another name is noticed. */
@Component
class ZonesSeen {
    private final JdbcClient database;
    private final Readings readings;

    ZonesSeen(JdbcClient database, Readings readings) {
        this.database = database;
        this.readings = readings;
    }

    @EventListener
    void papersChanged(PapersChanged event) {
        readings.of(event.claim()).values().stream()
                .flatMap(reading -> reading.shown().stream())
                .filter(value -> value.field().equals("mrz"))
                .forEach(value -> keep(event.claim(), value));
    }

    private void keep(UUID claim, ShownValue value) {
        List<String> lines = List.of(value.value().split("\\s+"));
        MachineReadableZone.read(lines)
                .filter(MachineReadableZone::checkDigitsRight)
                .ifPresent(zone -> database.sql(
                                "insert into zone_seen (claim_id, digest, name) values (?, ?, ?) on conflict do nothing")
                        .params(
                                claim,
                                Digest.of(lines.getFirst().substring(2, 5)
                                        + zone.fields().getFirst().text()),
                                Names.normalise(zone.nameField().replace('<', ' ')))
                        .update());
    }
}
