package org.civitane.server.links;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;

/**
 * What someone says on a page that they opened by their link; it can be begun, left and handed in later.
 *
 * @param name what they typed to sign; empty where nothing is signed
 * @param answers by the part they are asked for
 * @param remarks what they say is not right, by the fact's path
 */
record Said(
        @NotNull @Size(max = 200) String name,
        @NotNull @Size(max = 40) Map<@NotNull @Size(max = 60) String, @NotNull @Size(max = 500) String> answers,
        @NotNull @Size(max = 60) Map<@NotNull @Size(max = 200) String, @NotNull @Size(max = 500) String> remarks) {}
