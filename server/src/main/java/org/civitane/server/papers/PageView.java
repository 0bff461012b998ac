package org.civitane.server.papers;

import org.springframework.http.MediaType;

/**
 * A page of a paper as a picture that was made here.
 *
 * @param mediaType JPEG for a page of a JPEG, else PNG
 */
public record PageView(MediaType mediaType, byte[] contents) {}
