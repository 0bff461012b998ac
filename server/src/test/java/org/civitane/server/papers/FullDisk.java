package org.civitane.server.papers;

import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;

/** A store on a disk without room: every byte meets the error that a full disk gives. */
public final class FullDisk extends DiskPaperStore {
    public FullDisk(Path folder) {
        super(folder);
    }

    @Override
    OutputStream open(Path file) throws IOException {
        return new FileOutputStream("/dev/full");
    }
}
