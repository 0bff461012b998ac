package org.civitane.server;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Small files that cost much: samples made by code. */
final class HostileFiles {
    private static final int MEGABYTE = 1_000_000;

    private HostileFiles() {}

    /** Two kilobytes: a form that draws a form twenty times, which draws another twenty times, and so on. */
    static byte[] nestedForms() throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            PDFormXObject inner = form(document, "0 0 1 1 re f");
            for (int depth = 0; depth < 12; depth++) {
                PDFormXObject outer = form(document, "/F Do ".repeat(20));
                PDResources resources = new PDResources();
                resources.put(COSName.getPDFName("F"), inner);
                outer.setResources(resources);
                inner = outer;
            }
            PDResources resources = new PDResources();
            resources.put(COSName.getPDFName("F"), inner);
            page.setResources(resources);
            page.setContents(content(document, "/F Do"));
            return saved(document);
        }
    }

    /** A page whose content unpacks twice, to a gigabyte; by its outer filter alone it is small. */
    static byte[] chainedFilters() throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            COSStream stream = document.getDocument().createCOSStream();
            byte[] runs = new byte[2 * MEGABYTE];
            for (int i = 0; i < runs.length; i += 2) {
                runs[i] = (byte) 129;
                runs[i + 1] = ' ';
            }
            try (OutputStream raw = stream.createRawOutputStream();
                    OutputStream outer = new DeflaterOutputStream(raw)) {
                for (int i = 0; i < 8; i++) {
                    outer.write(runs);
                }
            }
            COSArray filters = new COSArray();
            filters.add(COSName.FLATE_DECODE);
            filters.add(COSName.RUN_LENGTH_DECODE);
            stream.setItem(COSName.FILTER, filters);
            page.setContents(new PDStream(stream));
            return saved(document);
        }
    }

    /** A page of twelve contents, each of which unpacks to just less than what is refused by itself. */
    static byte[] manyLargeStreams() throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            PDStream stream = new PDStream(document);
            try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
                blanks(out, 140);
            }
            COSArray contents = new COSArray();
            for (int i = 0; i < 12; i++) {
                contents.add(stream);
            }
            page.getCOSObject().setItem(COSName.CONTENTS, contents);
            return saved(document);
        }
    }

    /** A hundred bytes: the directory names itself as the next page. */
    static byte[] circularTiff() {
        return tiff(8, 8, 8, new byte[64], 8);
    }

    /** A hundred million pixels of sixteen bits, all alike. */
    static byte[] deepTiff() throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (OutputStream out = new DeflaterOutputStream(packed)) {
            blanks(out, 200);
        }
        return tiff(10_000, 10_000, 16, packed.toByteArray(), 0);
    }

    /** A small PDF whose page unpacks to two hundred million bytes. */
    static byte[] swollen() throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            PDStream stream = new PDStream(document);
            try (var out = stream.createOutputStream(COSName.FLATE_DECODE)) {
                byte[] piece = new byte[1_000_000];
                Arrays.fill(piece, (byte) ' ');
                for (int i = 0; i < 200; i++) {
                    out.write(piece);
                }
            }
            page.setContents(stream);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    /** A small PDF with a picture that promises ten thousand million pixels. */
    static byte[] hugePicture() throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            PDImageXObject picture =
                    LosslessFactory.createFromImage(document, new BufferedImage(10, 10, BufferedImage.TYPE_BYTE_GRAY));
            picture.setWidth(100_000);
            picture.setHeight(100_000);
            try (PDPageContentStream pen = new PDPageContentStream(document, page)) {
                pen.drawImage(picture, 10, 10, 100, 100);
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    /** A small file whose header promises ten thousand million pixels. */
    static byte[] bomb() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(10, 10, BufferedImage.TYPE_INT_RGB), "png", out);
        byte[] file = out.toByteArray();
        java.nio.ByteBuffer header = java.nio.ByteBuffer.wrap(file);
        header.putInt(16, 100_000).putInt(20, 100_000);
        java.util.zip.CRC32 check = new java.util.zip.CRC32();
        check.update(file, 12, 17);
        header.putInt(29, (int) check.getValue());
        return file;
    }

    private static PDFormXObject form(PDDocument document, String drawn) throws IOException {
        PDFormXObject form = new PDFormXObject(content(document, drawn));
        form.setBBox(new PDRectangle(600, 800));
        return form;
    }

    private static PDStream content(PDDocument document, String drawn) throws IOException {
        PDStream stream = new PDStream(document);
        try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
            out.write(drawn.getBytes(StandardCharsets.US_ASCII));
        }
        return stream;
    }

    private static void blanks(OutputStream out, int megabytes) throws IOException {
        byte[] piece = new byte[MEGABYTE];
        java.util.Arrays.fill(piece, (byte) ' ');
        for (int i = 0; i < megabytes; i++) {
            out.write(piece);
        }
    }

    private static byte[] saved(PDDocument document) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    /** A grey picture in one strip: packed when it has sixteen bits, plain when it has eight. */
    private static byte[] tiff(int width, int height, int bits, byte[] strip, int next) {
        int[][] entries = {
            {256, 4, width},
            {257, 4, height},
            {258, 3, bits},
            {259, 3, bits == 16 ? 8 : 1},
            {262, 3, 1},
            {273, 4, 8 + 2 + 9 * 12 + 4},
            {277, 3, 1},
            {278, 4, height},
            {279, 4, strip.length}
        };
        ByteBuffer file = ByteBuffer.allocate(8 + 2 + entries.length * 12 + 4 + strip.length)
                .order(ByteOrder.LITTLE_ENDIAN);
        file.put("II".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        file.putShort((short) entries.length);
        for (int[] entry : entries) {
            file.putShort((short) entry[0]).putShort((short) entry[1]).putInt(1).putInt(entry[2]);
        }
        return file.putInt(next).put(strip).array();
    }
}
