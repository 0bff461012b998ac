/** A possible match in the police register, looked at by two people who do not know what the other thinks. */
@NullMarked
package org.civitane.server.secondlook;

import org.jspecify.annotations.NullMarked;
