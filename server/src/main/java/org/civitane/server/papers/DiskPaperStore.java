package org.civitane.server.papers;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Files in a folder, two levels deep. A file is written beside its place and moved in, so it never half arrives. */
@Component
class DiskPaperStore implements PaperStore {
    private static final Logger LOG = LoggerFactory.getLogger(DiskPaperStore.class);
    private static final Pattern DIGEST = Pattern.compile("[0-9a-f]{64}");
    private static final int PIECE = 64 * 1024;
    private static final String ARRIVING = "arriving";
    private static final long LITTLE_ROOM = 5L * 1024 * 1024 * 1024;

    private final Path folder;

    DiskPaperStore(@Value("${civitane.store}") Path folder) {
        this.folder = folder;
    }

    @Override
    public String put(byte[] contents) {
        try (Arrival arrival = receive(new ByteArrayInputStream(contents), contents.length, 0)) {
            return arrival.keep();
        }
    }

    @Override
    public byte[] get(String digest) {
        try {
            return Files.readAllBytes(file(digest));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public Path file(String digest) {
        if (!DIGEST.matcher(digest).matches() || !Files.exists(placeOf(digest))) {
            throw Problem.notFound(Phrase.of("paper.no-file"));
        }
        return placeOf(digest);
    }

    @Override
    public Arrival receive(InputStream contents, long most, long reserve) {
        Path arriving = begin();
        if (arriving.toFile().getUsableSpace() < reserve) {
            drop(arriving);
            throw noRoom(new IOException("The room that is kept for letters has been reached."));
        }
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            DigestInputStream counted = new DigestInputStream(contents, digest);
            long bytes = write(counted, arriving, most);
            return new OnDisk(arriving, bytes, HexFormat.of().formatHex(digest.digest()));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every JDK has SHA-256.", e);
        } catch (Problem e) {
            drop(arriving);
            throw e;
        } catch (IOException e) {
            drop(arriving);
            throw noRoom(e);
        }
    }

    /** Where the bytes go; a test puts a full disk here. */
    OutputStream open(Path file) throws IOException {
        return Files.newOutputStream(file);
    }

    private Path begin() {
        try {
            Path here = Files.createDirectories(folder.resolve(ARRIVING));
            return Files.createTempFile(here, "paper", null);
        } catch (IOException e) {
            throw noRoom(e);
        }
    }

    private long write(InputStream contents, Path file, long most) throws IOException {
        long bytes = 0;
        try (OutputStream out = open(file)) {
            byte[] piece = new byte[PIECE];
            for (int read = read(contents, piece); read >= 0; read = read(contents, piece)) {
                bytes += read;
                if (bytes > most) {
                    throw Problem.invalid("file", Phrase.of("paper.too-large", most / 1024 / 1024));
                }
                out.write(piece, 0, read);
            }
        }
        return bytes;
    }

    /** A sender who breaks off is no fault of the disk. */
    private int read(InputStream contents, byte[] piece) {
        try {
            return contents.read(piece);
        } catch (IOException e) {
            throw Problem.invalid("file", Phrase.of("paper.broke-off"));
        }
    }

    private Problem noRoom(IOException cause) {
        LOG.error("A file could not be written to the store", cause);
        return Problem.noRoom(Phrase.of("paper.no-room"));
    }

    @Override
    public void remove(String digest) {
        drop(placeOf(digest));
    }

    @Override
    public List<String> olderThan(Duration age) {
        return filesOlderThan(age, 2).stream()
                .map(file -> file.getFileName().toString())
                .filter(name -> DIGEST.matcher(name).matches())
                .toList();
    }

    @Override
    public int dropArrivals(Duration age) {
        List<Path> left = filesOlderThan(age, 2).stream()
                .filter(file -> file.getParent().equals(folder.resolve(ARRIVING)))
                .toList();
        left.forEach(DiskPaperStore::drop);
        return left.size();
    }

    @Override
    public void watchRoom() {
        long free = folder.toFile().getUsableSpace();
        if (free < LITTLE_ROOM) {
            LOG.warn("The store of papers has {} MB left.", free / 1024 / 1024);
        }
    }

    private List<Path> filesOlderThan(Duration age, int depth) {
        FileTime then = FileTime.from(Instant.now().minus(age));
        try (Stream<Path> files = Files.find(
                folder,
                depth,
                (file, about) ->
                        about.isRegularFile() && about.lastModifiedTime().compareTo(then) < 0)) {
            return files.toList();
        } catch (NoSuchFileException e) {
            return List.of();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A file, or the names in a folder, are on the disk and not only on their way there. */
    private static void sync(Path path, StandardOpenOption way) throws IOException {
        try (FileChannel channel = FileChannel.open(path, way)) {
            channel.force(true);
        }
    }

    private Path placeOf(String digest) {
        return folder.resolve(digest.substring(0, 2)).resolve(digest);
    }

    private static void drop(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            LOG.warn("A file that did not arrive could not be removed: {}", file.getFileName());
        }
    }

    private final class OnDisk implements Arrival {
        private final Path arriving;
        private final long bytes;
        private final String digest;

        OnDisk(Path arriving, long bytes, String digest) {
            this.arriving = arriving;
            this.bytes = bytes;
            this.digest = digest;
        }

        @Override
        public Path file() {
            return arriving;
        }

        @Override
        public long bytes() {
            return bytes;
        }

        @Override
        public String digest() {
            return digest;
        }

        @Override
        public String keep() {
            Path place = placeOf(digest);
            try {
                if (Files.exists(place)) {
                    Files.setLastModifiedTime(place, FileTime.from(Instant.now()));
                    return digest;
                }
                Files.createDirectories(place.getParent());
                sync(arriving, StandardOpenOption.WRITE);
                Files.move(arriving, place, StandardCopyOption.ATOMIC_MOVE);
                sync(place.getParent(), StandardOpenOption.READ);
                sync(folder, StandardOpenOption.READ);
                return digest;
            } catch (IOException e) {
                throw noRoom(e);
            }
        }

        @Override
        public void close() {
            drop(arriving);
        }
    }
}
