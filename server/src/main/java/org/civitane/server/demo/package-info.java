/** Invented households and claims, loaded once into an empty database. */
@NullMarked
package org.civitane.server.demo;

import org.jspecify.annotations.NullMarked;
