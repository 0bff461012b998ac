package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.civitane.server.intake.Drafts;
import org.civitane.server.photos.Photo;
import org.civitane.server.photos.Photos;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** Photos for documents: what is taken, what is kept of it, and where it is looked at. */
public class PhotoTest extends CertificateStories {
    @Autowired
    private Photos kept;

    @Autowired
    private TransactionTemplate transactions;

    @Test
    public void whatIsNoPhotoIsRefusedAndItsSizeIsOurWord() throws IOException {
        assertThatThrownBy(() -> photos.take(
                        applicant.account(), "conduct-certificate", "no photo".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Problem.class);
        ObjectNode answers = certificateAnswers();
        ((ObjectNode) answers.path("photo")).put("widthPx", 826);
        assertThatThrownBy(() -> drafts.handInAnswers(
                        applicant,
                        "conduct-certificate",
                        answers,
                        new Drafts.Signing(applicant.displayName(), Optional.empty())))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void aPhotoThatCannotBeDrawnOrIsTooLargeToIsRefused() throws IOException {
        byte[] broken = java.util.Arrays.copyOf(photo(), 120);
        assertThatThrownBy(() -> photos.take(applicant.account(), "conduct-certificate", broken))
                .isInstanceOf(Problem.class);
        ByteArrayOutputStream huge = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2401, 3000, BufferedImage.TYPE_BYTE_BINARY), "png", huge);
        assertThatThrownBy(() -> photos.take(applicant.account(), "conduct-certificate", huge.toByteArray()))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void whatACameraNotedBesideAPhotoIsNotKept() throws IOException {
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(413, 531, BufferedImage.TYPE_INT_RGB), "jpeg", picture);
        byte[] plain = picture.toByteArray();
        byte[] noted = "Halvern Camera 60.1699N".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream withNotes = new ByteArrayOutputStream();
        withNotes.write(plain, 0, 2);
        withNotes.write(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (noted.length + 2)});
        withNotes.write(noted);
        withNotes.write(plain, 2, plain.length - 2);
        Photo photo = photos.take(applicant.account(), "conduct-certificate", withNotes.toByteArray());
        assertThat(photo)
                .extracting(Photo::format, Photo::widthPx, Photo::heightPx)
                .containsExactly("JPEG", 413, 531);
        assertThat(new String(kept.open(photo), StandardCharsets.ISO_8859_1)).doesNotContain("Halvern Camera");
    }

    @Test
    public void nobodyHoldsAConnectionWhileTheyWaitForALook() {
        assertThatThrownBy(() -> transactions.executeWithoutResult(status -> {
                    try {
                        photos.take(applicant.account(), "conduct-certificate", photo());
                    } catch (IOException e) {
                        throw new IllegalArgumentException(e);
                    }
                }))
                .isInstanceOf(IllegalStateException.class);
    }
}
