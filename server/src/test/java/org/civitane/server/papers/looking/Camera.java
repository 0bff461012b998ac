package org.civitane.server.papers.looking;

import java.awt.image.BufferedImage;

/** The camera of somebody who holds it over a square code. */
public final class Camera {
    private Camera() {}

    /** What the code on a sheet says; a test without one has failed. */
    public static String reads(BufferedImage sheet) {
        return Codes.in(sheet).orElseThrow(() -> new AssertionError("There is no code on the sheet."));
    }
}
