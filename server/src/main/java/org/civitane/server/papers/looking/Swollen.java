package org.civitane.server.papers.looking;

import java.io.IOException;
import java.io.InputStream;
import java.util.zip.InflaterInputStream;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Finds PDFs that are small as files and huge once they are unpacked, before anything unpacks them. */
final class Swollen {
    private static final long MOST_BYTES = 150_000_000;
    private static final long MOST_PIXELS = 100_000_000;
    private static final int MOST_OBJECTS = 50_000;

    private Swollen() {}

    /** Whether any stream in it unpacks to more than can be looked at, or any picture has too many pixels. */
    static boolean is(PDDocument document) throws IOException {
        if (document.getDocument().getXrefTable().size() > MOST_OBJECTS) {
            return true;
        }
        for (COSObjectKey key : document.getDocument().getXrefTable().keySet()) {
            COSObject held = document.getDocument().getObjectFromPool(key);
            COSBase object = held == null ? null : held.getObject();
            if (object instanceof COSStream stream && (hasTooManyPixels(stream) || unpacksToTooMuch(stream))) {
                return true;
            }
        }
        return false;
    }

    private static boolean hasTooManyPixels(COSStream stream) {
        long width = stream.getLong(COSName.WIDTH);
        long height = stream.getLong(COSName.HEIGHT);
        return width > 0 && height > 0 && (width > MOST_PIXELS / height);
    }

    private static boolean unpacksToTooMuch(COSStream stream) throws IOException {
        COSBase filters = stream.getFilters();
        boolean packed = filters != null && filters.toString().contains("Flate");
        if (!packed) {
            return false;
        }
        try (InputStream raw = stream.createRawInputStream();
                InputStream in = new InflaterInputStream(raw)) {
            return in.skip(MOST_BYTES + 1) > MOST_BYTES;
        } catch (java.util.zip.ZipException | java.io.EOFException e) {
            return false;
        }
    }
}
