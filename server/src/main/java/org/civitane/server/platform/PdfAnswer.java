package org.civitane.server.platform;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A PDF as the answer to a request: shown in the browser, and kept under its name. */
public final class PdfAnswer {
    private PdfAnswer() {}

    /** @param name of the file, without {@code .pdf} */
    public static ResponseEntity<byte[]> of(String name, byte[] contents) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + ".pdf")
                                .build()
                                .toString())
                .contentType(MediaType.APPLICATION_PDF)
                .body(contents);
    }
}
