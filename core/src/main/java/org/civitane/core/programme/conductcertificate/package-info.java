/** Certificate of conduct: what the police register holds on a person, for those who ask for it abroad. */
@NullMarked
package org.civitane.core.programme.conductcertificate;

import org.jspecify.annotations.NullMarked;
