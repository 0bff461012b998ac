package org.civitane.server.papers;

import java.awt.Dimension;
import java.io.ByteArrayInputStream;
import java.util.UUID;
import org.civitane.server.papers.looking.Looking;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.util.unit.DataSize;

/**
 * Takes in pictures that are no papers. Like a paper each is drawn in a process of its own, in its owner's turn, and kept
 * without what cameras note beside it. Whoever calls must hold no transaction: a look may have to wait for its turn.
 */
@Component
public class Pictures {
    private final PaperStore store;
    private final Looking looking;
    private final DataSize reserve;

    Pictures(PaperStore store, Looking looking, @Value("${civitane.store-reserve}") DataSize reserve) {
        this.store = store;
        this.looking = looking;
        this.reserve = reserve;
    }

    /**
     * A picture as it is kept.
     *
     * @param digest under which it lies in the store; nothing holds it there yet
     * @param bytes how many it has as it is kept
     */
    public record Kept(String digest, String mediaType, int width, int height, long bytes) {}

    /** A picture that was made here and so need not be looked at. */
    public Kept keepMade(byte[] png, int width, int height) {
        return new Kept(store.put(png), "image/png", width, height, png.length);
    }

    /** @throws Problem when it is no JPEG, PNG or TIFF, or cannot be drawn within bounds */
    public Kept keep(byte[] contents, UUID whose) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException("Whoever waits for a look would keep a connection from everybody else.");
        }
        try (PaperStore.Arrival arrival =
                store.receive(new ByteArrayInputStream(contents), contents.length, reserve.toBytes())) {
            PaperFile file = new PaperFile(arrival.file(), whose.toString(), looking);
            byte[] bare = file.bare().orElseThrow(() -> file.refused("paper.type"));
            Dimension size = file.size();
            return new Kept(store.put(bare), file.mediaType(), size.width, size.height, bare.length);
        }
    }
}
