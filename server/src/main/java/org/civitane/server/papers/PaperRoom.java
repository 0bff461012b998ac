package org.civitane.server.papers;

import java.util.UUID;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** How much may come to one claim, so that nobody fills the store. */
@Component
class PaperRoom {
    private final JdbcClient database;
    private final int mostPapers;
    private final DataSize mostTogether;

    PaperRoom(
            JdbcClient database,
            @Value("${civitane.papers.most}") int mostPapers,
            @Value("${civitane.papers.most-together}") DataSize mostTogether) {
        this.database = database;
        this.mostPapers = mostPapers;
        this.mostTogether = mostTogether;
    }

    /**
     * What a claim may still take.
     *
     * @param largest the most bytes of one file
     * @param papers how many more files
     * @param together how many more bytes all of them may have
     */
    record RoomLeft(long largest, long papers, long together) {}

    RoomLeft of(UUID claim) {
        return database.sql("select count(*), coalesce(sum(bytes), 0) from paper where claim_id = ?")
                .param(claim)
                .query((row, number) -> new RoomLeft(
                        PaperFile.LARGEST,
                        Math.max(0, mostPapers - row.getLong(1)),
                        Math.max(0, mostTogether.toBytes() - row.getLong(2))))
                .single();
    }

    /** @param coming the bytes that are to come, as far as that is known; 0 when it is not */
    void check(UUID claim, long coming) {
        RoomLeft left = of(claim);
        if (left.papers() == 0) {
            throw Problem.conflict("no-more-papers", Phrase.of("paper.no-more", mostPapers));
        }
        if (coming > left.together()) {
            throw Problem.conflict("no-more-papers", Phrase.of("paper.no-more-together", mostTogether.toMegabytes()));
        }
    }
}
