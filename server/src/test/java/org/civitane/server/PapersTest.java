package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.papers.FullDisk;
import org.civitane.server.papers.PageView;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Sweeping;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Papers: what may come in, what becomes of it, and the list of what is wanted. */
public class PapersTest extends HandedIn {
    @Autowired
    private Papers papers;

    @Autowired
    private History history;

    @Autowired
    private PaperStore store;

    @Autowired
    private Sweeping sweeping;

    @Autowired
    private JdbcClient database;

    @Test
    public void theSameFileTwiceIsOnePaperEvenAtTheSameTime() throws Exception {
        byte[] file = png(50, 50);
        Callable<Paper> upload = () -> papers.take(claim, in(file), "IDENTITY", "m1", "id.png", applicant);
        try (var threads = Executors.newFixedThreadPool(4)) {
            for (var each : threads.invokeAll(List.of(upload, upload, upload, upload))) {
                assertThat(each.get().pages()).isEqualTo(1);
            }
        }
        assertThat(papers.of(claim.id())).hasSize(1);
        assertThat(history.of(claim.id()))
                .filteredOn(line -> line.kind().equals("paper-received"))
                .hasSize(1);
    }

    @Test
    public void manyPapersAtOnceAreAllTaken() throws Exception {
        List<Callable<Paper>> uploads = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            byte[] file = png(40 + i, 40);
            String name = "page-" + i + ".png";
            uploads.add(() -> papers.take(claim, in(file), "IDENTITY", "m1", name, applicant));
        }
        try (var threads = Executors.newFixedThreadPool(uploads.size())) {
            for (var each : threads.invokeAll(uploads)) {
                assertThat(each.get().state()).isEqualTo(Paper.State.RECEIVED);
            }
        }
        assertThat(papers.of(claim.id())).hasSize(uploads.size());
    }

    @DataProvider
    Object[][] refused() throws Exception {
        byte[] cut = Arrays.copyOf(png(200, 200), 60);
        byte[] text = "%!PS not a paper".getBytes(StandardCharsets.US_ASCII);
        byte[] html = "<html><script>alert(1)</script></html>".getBytes(StandardCharsets.US_ASCII);
        return new Object[][] {
            {new byte[0], "This file is empty."},
            {text, "no JPEG, PNG, TIFF or PDF"},
            {html, "no JPEG, PNG, TIFF or PDF"},
            {cut, "damaged"},
            {"%PDF-1.7\nnothing".getBytes(StandardCharsets.US_ASCII), "damaged"},
            {pdf(2, "secret"), "locked with a password"},
            {pdf(61, ""), "up to 60 pages; this one has 61"},
            {HostileFiles.bomb(), "too large to be shown"},
            {HostileFiles.swollen(), "too large to be shown"},
            {HostileFiles.hugePicture(), "too large to be shown"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeAPaperIsRefusedInOneSentence(byte[] file, String sentence) {
        assertThatThrownBy(() -> papers.take(claim, in(file), "IDENTITY", "m1", "id.pdf", applicant))
                .isInstanceOf(Problem.class)
                .hasMessageContaining(sentence);
        assertThat(papers.of(claim.id())).isEmpty();
    }

    @Test
    public void aPageIsShownAsAPictureMadeHere() throws Exception {
        Paper paper = papers.take(claim, in(pdf(2, "")), "HOUSING_COSTS", "", "lease.pdf", applicant);
        assertThat(paper.pages()).isEqualTo(2);
        assertThat(paper.mediaType()).isEqualTo("application/pdf");
        byte[] picture = papers.picture(claim.id(), paper.id(), 2).contents();
        assertThat(picture).startsWith(0x89, 'P', 'N', 'G');
        assertThatThrownBy(() -> papers.picture(claim.id(), paper.id(), 3)).isInstanceOf(Problem.class);
        SignedIn another = person(Role.APPLICANT);
        ClaimView other = handIn(another, answers(another));
        assertThatThrownBy(() -> papers.picture(other.id(), paper.id(), 1)).isInstanceOf(Problem.class);
    }

    @Test
    public void aPhotoIsShownAsAPhotoMadeHereAndSeenOnlyByWhoMay() throws Exception {
        ByteArrayOutputStream sent = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(1700, 90, BufferedImage.TYPE_INT_RGB), "jpeg", sent);
        sent.write("told beside the picture".getBytes(StandardCharsets.US_ASCII));
        Paper paper = papers.take(claim, in(sent.toByteArray()), "IDENTITY", "m1", "id.jpg", applicant);
        PageView view = papers.picture(claim.id(), paper.id(), 1);
        assertThat(view.mediaType()).isEqualTo(MediaType.IMAGE_JPEG);
        assertThat(ImageIO.read(new ByteArrayInputStream(view.contents())).getWidth())
                .as("every other dot of one wider than is shown")
                .isEqualTo(850);
        assertThat(new String(view.contents(), StandardCharsets.ISO_8859_1)).doesNotContain("told beside");
        assertThat(papers.ownPicture(claim.id(), paper.id(), 1).contents()).isEqualTo(view.contents());
        SignedIn another = person(Role.APPLICANT);
        ClaimView other = handIn(another, answers(another));
        assertThatThrownBy(() -> papers.ownPicture(other.id(), paper.id(), 1)).isInstanceOf(Problem.class);
    }

    @Test
    public void whatRunsOrLeadsOutInAPaperIsOnlyEverAPicture() throws Exception {
        ByteArrayOutputStream polyglot = new ByteArrayOutputStream();
        polyglot.write(png(60, 60));
        polyglot.write("<html><script>alert(1)</script></html>PK".getBytes(StandardCharsets.US_ASCII));
        for (byte[] file : List.of(withScript(), polyglot.toByteArray())) {
            Paper paper = papers.take(claim, in(file), "HOUSING_COSTS", "", "lease.pdf", applicant);
            assertThat(papers.picture(claim.id(), paper.id(), 1).contents()).startsWith(0x89, 'P', 'N', 'G');
        }
    }

    @Test
    public void aFullDiskIsSaidInASentenceAndNothingHalfArrives() throws Exception {
        Path folder = Files.createTempDirectory("civitane-full");
        PaperStore full = new FullDisk(folder);
        assertThatThrownBy(() -> full.put(png(30, 30)))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("no room")
                .satisfies(problem -> assertThat(((Problem) problem).code()).isEqualTo("no-room"));
        try (var files = Files.walk(folder)) {
            assertThat(files.filter(Files::isRegularFile)).isEmpty();
        }
    }

    @Test
    public void aSenderWhoBreaksOffLeavesNothing() {
        InputStream broken = new java.io.SequenceInputStream(in(new byte[5_000]), new InputStream() {
            @Override
            public int read() throws IOException {
                throw new IOException("the line is cut");
            }
        });
        assertThatThrownBy(() -> papers.take(claim, broken, "IDENTITY", "m1", "id.png", applicant))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("did not arrive whole");
        assertThat(papers.of(claim.id())).isEmpty();
    }

    @Test
    public void aNameOfTenThousandCharactersIsOnlyShownShort() throws Exception {
        Paper paper = papers.take(
                claim, in(png(11, 11)), "IDENTITY", "m1", "../\u0000/" + "x".repeat(10_000) + ".png", applicant);
        assertThat(paper.name())
                .hasSizeLessThanOrEqualTo(120)
                .doesNotContain("/")
                .doesNotContain("\u0000");
    }

    @Test
    public void whereAPhotoWasTakenIsNotKept() throws Exception {
        byte[] photo = noted(png(30, 31), "60.1699N 24.9384E");
        Paper paper = papers.take(claim, in(photo), "IDENTITY", "m1", "id.png", applicant);
        assertThat(new String(store.get(paper.digest()), StandardCharsets.ISO_8859_1))
                .doesNotContain("60.1699N");
        assertThat(database.sql("select came_as from paper where id = ?")
                        .param(paper.id())
                        .query(String.class)
                        .single())
                .isEqualTo(java.util.HexFormat.of()
                        .formatHex(java.security.MessageDigest.getInstance("SHA-256")
                                .digest(photo)));
        assertThat(papers.take(claim, in(photo), "IDENTITY", "m1", "id.png", applicant)
                        .id())
                .as("the same photo again")
                .isEqualTo(paper.id());
    }

    @Test
    public void aClaimTakesSoManyPapersAndThenSaysSo() throws Exception {
        for (int i = 0; i < 20; i++) {
            papers.take(claim, in(png(60 + i, 20)), "OTHER", "", "page.png", applicant);
        }
        assertThatThrownBy(() -> papers.take(claim, in(png(99, 20)), "OTHER", "", "page.png", applicant))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("up to 20 files");
        assertThat(papers.of(claim.id())).hasSize(20);
    }

    @Test
    public void whatNothingNamesIsSweptAnHourLaterAndNothingElse() throws Exception {
        Paper paper = papers.take(claim, in(png(33, 33)), "IDENTITY", "m1", "id.png", applicant);
        String left = store.put("a letter of a decision that was refused".getBytes(StandardCharsets.US_ASCII));
        String fresh = store.put("a letter that is just being written".getBytes(StandardCharsets.US_ASCII));
        Path half = Files.createTempFile(Files.createDirectories(Path.of(STORE, "arriving")), "paper", null);
        for (Path file : List.of(store.file(left), store.file(paper.digest()), half)) {
            Files.setLastModifiedTime(file, FileTime.from(Instant.now().minusSeconds(3_700)));
        }
        sweeping.sweep();
        assertThat(half).doesNotExist();
        assertThatThrownBy(() -> store.file(left)).isInstanceOf(Problem.class);
        assertThat(store.file(fresh)).exists();
        assertThat(store.file(paper.digest())).exists();
    }

    /** A picture that says in a chunk of its own where it was taken. */
    private static byte[] noted(byte[] png, String place) {
        byte[] said = ("tEXtLocation\0" + place).getBytes(StandardCharsets.ISO_8859_1);
        java.util.zip.CRC32 check = new java.util.zip.CRC32();
        check.update(said);
        return java.nio.ByteBuffer.allocate(png.length + said.length + 8)
                .put(png, 0, 33)
                .putInt(said.length - 4)
                .put(said)
                .putInt((int) check.getValue())
                .put(png, 33, png.length - 33)
                .array();
    }

    private static InputStream in(byte[] contents) {
        return new ByteArrayInputStream(contents);
    }

    private static byte[] withScript() throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            document.getDocumentCatalog()
                    .setOpenAction(new PDActionJavaScript("app.launchURL('http://elsewhere.example')"));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static byte[] pdf(int pages, String password) throws IOException {
        try (PDDocument document = new PDDocument()) {
            for (int i = 0; i < pages; i++) {
                document.addPage(new PDPage());
            }
            if (!password.isEmpty()) {
                document.protect(new StandardProtectionPolicy("owner", password, new AccessPermission()));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }
}
