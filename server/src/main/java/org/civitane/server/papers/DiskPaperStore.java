package org.civitane.server.papers;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.regex.Pattern;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Files in a folder, two levels deep. A file is written beside its place and moved in, so it never half arrives. */
@Component
class DiskPaperStore implements PaperStore {
    private static final Pattern DIGEST = Pattern.compile("[0-9a-f]{64}");

    private final Path folder;

    DiskPaperStore(@Value("${civitane.store}") Path folder) {
        this.folder = folder;
    }

    @Override
    public String put(byte[] contents) {
        String digest = digestOf(contents);
        Path place = placeOf(digest);
        try {
            if (!Files.exists(place)) {
                Files.createDirectories(place.getParent());
                Path arriving = Files.createTempFile(place.getParent(), "arriving", null);
                try (FileChannel out = FileChannel.open(arriving, StandardOpenOption.WRITE)) {
                    ByteBuffer buffer = ByteBuffer.wrap(contents);
                    while (buffer.hasRemaining()) {
                        out.write(buffer);
                    }
                    out.force(true);
                }
                Files.move(arriving, place, StandardCopyOption.ATOMIC_MOVE);
            }
            return digest;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public byte[] get(String digest) {
        Path place = placeOf(digest);
        if (!DIGEST.matcher(digest).matches() || !Files.exists(place)) {
            throw Problem.notFound("There is no such file.");
        }
        try {
            return Files.readAllBytes(place);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path placeOf(String digest) {
        return folder.resolve(digest.substring(0, 2)).resolve(digest);
    }

    private static String digestOf(byte[] contents) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(contents));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every JDK has SHA-256.", e);
        }
    }
}
