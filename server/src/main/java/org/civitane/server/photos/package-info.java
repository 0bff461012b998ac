/** Photos of applicants for documents: checked when they come, kept with the application and then with the claim. */
@NullMarked
package org.civitane.server.photos;

import org.jspecify.annotations.NullMarked;
