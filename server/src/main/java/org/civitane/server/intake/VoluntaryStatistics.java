package org.civitane.server.intake;

import java.util.UUID;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Voluntary answers for the statistics, kept apart from claims: by month, and without whom they came from. */
@Component
class VoluntaryStatistics {
    private final JdbcClient database;
    private final AgencyClock clock;

    VoluntaryStatistics(JdbcClient database, AgencyClock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** @param answers null when none were given */
    void keep(String programme, @Nullable JsonNode answers) {
        if (answers != null && answers.isObject() && !answers.isEmpty()) {
            database.sql("insert into voluntary_statistics (id, programme, month, answers) values (?, ?, ?, ?::jsonb)")
                    .params(UUID.randomUUID(), programme, clock.today().withDayOfMonth(1), JsonColumn.write(answers))
                    .update();
        }
    }
}
