package org.civitane.server.papers.looking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** Pictures without what was noted beside them: where, when, with what, by whom. */
public class BareTest {
    private static final String MARKER = "60.1699N 24.9384E";
    private static final int WIDTH = 40;
    private static final int HEIGHT = 24;

    @Test
    public void aJpegKeepsItsPictureAndWhichSideIsUpAndNothingElse() throws IOException {
        byte[] plain = picture("jpg");
        ByteArrayOutputStream noted = new ByteArrayOutputStream();
        noted.write(plain, 0, 2);
        noted.write(segment(0xE1, exif(6)));
        noted.write(segment(0xE1, ("http://ns.adobe.com/xap/1.0/\0" + MARKER).getBytes(StandardCharsets.US_ASCII)));
        noted.write(segment(0xED, ("Photoshop 3.0\0" + MARKER).getBytes(StandardCharsets.US_ASCII)));
        noted.write(segment(0xFE, MARKER.getBytes(StandardCharsets.US_ASCII)));
        noted.write(plain, 2, plain.length - 2);
        noted.write(("a second picture " + MARKER).getBytes(StandardCharsets.US_ASCII));
        Path file = file(noted.toByteArray());
        byte[] bare = Bare.of(file, "image/jpeg");
        assertThat(text(noted.toByteArray())).contains(MARKER);
        assertThat(text(bare)).doesNotContain(MARKER).doesNotContain("Halvern Camera");
        assertSamePixels(bare, plain);
        assertThat(JpegParts.turnOf(file(bare))).isEqualTo(6);
        assertThat(Bare.of(file(bare), "image/jpeg")).as("bare again").isEqualTo(bare);
    }

    @Test
    public void aPhotoTakenOnItsSideIsShownUpright() throws Exception {
        byte[] plain = picture("jpg");
        ByteArrayOutputStream aside = new ByteArrayOutputStream();
        aside.write(plain, 0, 2);
        aside.write(segment(0xE1, exif(6)));
        aside.write(plain, 2, plain.length - 2);
        BufferedImage shown = new PicturePages(file(aside.toByteArray()), "image/jpeg").page(1, 1_600);
        BufferedImage was = ImageIO.read(new ByteArrayInputStream(plain));
        assertThat(shown.getWidth()).isEqualTo(HEIGHT);
        assertThat(shown.getHeight()).isEqualTo(WIDTH);
        assertThat(shown.getRGB(HEIGHT - 1, 0)).isEqualTo(was.getRGB(0, 0));
        assertThat(shown.getRGB(0, WIDTH - 1)).isEqualTo(was.getRGB(WIDTH - 1, HEIGHT - 1));
    }

    @Test
    public void aPngKeepsItsPictureAlone() throws IOException {
        byte[] plain = picture("png");
        int end = plain.length - 12;
        ByteArrayOutputStream noted = new ByteArrayOutputStream();
        noted.write(plain, 0, 33);
        noted.write(chunk("tEXt", "Location\0" + MARKER));
        noted.write(chunk("eXIf", MARKER));
        noted.write(plain, 33, end - 33);
        noted.write(chunk("iTXt", MARKER));
        noted.write(plain, end, 12);
        noted.write(MARKER.getBytes(StandardCharsets.US_ASCII));
        byte[] bare = Bare.of(file(noted.toByteArray()), "image/png");
        assertThat(text(bare)).doesNotContain(MARKER);
        assertSamePixels(bare, plain);
    }

    @Test
    public void aTiffKeepsItsPagesAlone() throws IOException {
        byte[] noted = tiff(true);
        byte[] bare = Bare.of(file(noted.clone()), "image/tiff");
        assertThat(text(noted)).contains(MARKER).contains("Halvern Camera");
        assertThat(text(bare)).doesNotContain(MARKER).doesNotContain("Halvern Camera");
        assertSamePixels(bare, tiff(false));
    }

    @Test
    public void aTiffWhoseDirectoriesGoInACircleIsDamaged() throws IOException {
        ByteBuffer circle = ByteBuffer.wrap(tiff(false)).order(ByteOrder.LITTLE_ENDIAN);
        circle.putInt(8 + 2 + 9 * 12, 8);
        Path file = file(circle.array());
        assertThatThrownBy(() -> Bare.of(file, "image/tiff"))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("circle");
    }

    private static void assertSamePixels(byte[] one, byte[] other) throws IOException {
        BufferedImage a = ImageIO.read(new ByteArrayInputStream(one));
        BufferedImage b = ImageIO.read(new ByteArrayInputStream(other));
        assertThat(a.getWidth()).isEqualTo(b.getWidth());
        assertThat(a.getHeight()).isEqualTo(b.getHeight());
        for (int y = 0; y < b.getHeight(); y++) {
            for (int x = 0; x < b.getWidth(); x++) {
                assertThat(a.getRGB(x, y)).isEqualTo(b.getRGB(x, y));
            }
        }
    }

    private static byte[] picture(String format) throws IOException {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(11);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                image.setRGB(x, y, random.nextInt(0xFFFFFF));
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private static byte[] segment(int marker, byte[] contents) {
        return ByteBuffer.allocate(contents.length + 4)
                .put((byte) 0xFF)
                .put((byte) marker)
                .putShort((short) (contents.length + 2))
                .put(contents)
                .array();
    }

    private static byte[] chunk(String type, String contents) {
        byte[] bytes = contents.getBytes(StandardCharsets.ISO_8859_1);
        byte[] name = type.getBytes(StandardCharsets.US_ASCII);
        CRC32 check = new CRC32();
        check.update(name);
        check.update(bytes);
        return ByteBuffer.allocate(bytes.length + 12)
                .putInt(bytes.length)
                .put(name)
                .put(bytes)
                .putInt((int) check.getValue())
                .array();
    }

    /** Which side is up, the camera, and a place. */
    private static byte[] exif(int turn) {
        ByteBuffer exif = ByteBuffer.allocate(120).order(ByteOrder.LITTLE_ENDIAN);
        exif.put("Exif\0\0II".getBytes(StandardCharsets.US_ASCII))
                .putShort((short) 42)
                .putInt(8);
        exif.putShort((short) 2);
        exif.putShort((short) 0x010F).putShort((short) 2).putInt(15).putInt(40);
        exif.putShort((short) 0x0112).putShort((short) 3).putInt(1).putInt(turn);
        exif.putInt(0);
        exif.position(46).put("Halvern Camera\0".getBytes(StandardCharsets.US_ASCII));
        exif.position(80).put(MARKER.getBytes(StandardCharsets.US_ASCII));
        return exif.array();
    }

    private static byte[] tiff(boolean noted) {
        int entries = noted ? 11 : 9;
        int strip = 8 + 2 + entries * 12 + 4;
        ByteBuffer file = ByteBuffer.allocate(strip + 64 + 200).order(ByteOrder.LITTLE_ENDIAN);
        file.put("II".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        file.putShort((short) entries);
        entry(file, 256, 4, 1, 8);
        entry(file, 257, 4, 1, 8);
        entry(file, 258, 3, 1, 8);
        entry(file, 259, 3, 1, 1);
        entry(file, 262, 3, 1, 1);
        if (noted) {
            entry(file, 271, 2, 15, strip + 64);
        }
        entry(file, 273, 4, 1, strip);
        entry(file, 277, 3, 1, 1);
        entry(file, 278, 4, 1, 8);
        entry(file, 279, 4, 1, 64);
        if (noted) {
            entry(file, 34_853, 4, 1, strip + 64 + 20);
        }
        file.putInt(0);
        for (int i = 0; i < 64; i++) {
            file.put((byte) (i * 3));
        }
        if (noted) {
            file.position(strip + 64).put("Halvern Camera\0".getBytes(StandardCharsets.US_ASCII));
            file.position(strip + 84).putShort((short) 1);
            entry(file, 29, 2, MARKER.length(), strip + 120);
            file.position(strip + 120).put(MARKER.getBytes(StandardCharsets.US_ASCII));
        }
        return file.array();
    }

    private static void entry(ByteBuffer file, int tag, int type, int count, int value) {
        file.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }

    private static Path file(byte[] contents) throws IOException {
        Path file = Files.createTempFile("civitane-bare", null);
        file.toFile().deleteOnExit();
        return Files.write(file, contents);
    }
}
