package org.civitane.server.photos;

import java.util.UUID;
import org.civitane.server.papers.Pictures;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Component;

/** Takes photos in: each is drawn once before it is kept, so that no document fails on it later, and laid bare. */
@Component
public class PhotoTaking {
    /** As a passport photo of 35 by 45 mm at 600 dots an inch, and some more. */
    static final int MOST_BYTES = 2 * 1024 * 1024;

    /** Each way: what is larger costs too much memory to set. */
    private static final int MOST_DOTS = 2_400;

    private final Pictures pictures;
    private final Photos photos;

    PhotoTaking(Pictures pictures, Photos photos) {
        this.pictures = pictures;
        this.photos = photos;
    }

    /** Takes the photo of an application that is being filled in, in place of an earlier one. @throws Problem when it is none */
    public Photo take(UUID applicant, String programme, byte[] contents) {
        if (contents.length > MOST_BYTES) {
            throw Problem.invalid("photo", Phrase.of("photo.too-large"));
        }
        Photo photo = photo(seen(applicant, contents));
        photos.keep(applicant, programme, photo);
        return photo;
    }

    /** Takes one that was made here, of people who are made up. */
    public void takeMade(UUID applicant, String programme, byte[] png, int width, int height) {
        photos.keep(applicant, programme, photo(pictures.keepMade(png, width, height)));
    }

    private Pictures.Kept seen(UUID applicant, byte[] contents) {
        try {
            return pictures.keep(contents, applicant);
        } catch (Problem problem) {
            throw problem.mayGoWellLater() ? problem : none();
        }
    }

    private static Photo photo(Pictures.Kept kept) {
        if (kept.width() > MOST_DOTS || kept.height() > MOST_DOTS) {
            throw none();
        }
        String format = switch (kept.mediaType()) {
            case "image/jpeg" -> "JPEG";
            case "image/png" -> "PNG";
            default -> throw none();
        };
        return new Photo(kept.digest(), format, kept.width(), kept.height(), kept.bytes());
    }

    private static Problem none() {
        return Problem.invalid("photo", Phrase.of("photo.none"));
    }
}
