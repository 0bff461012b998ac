/** Accounts, roles, signing in and out, and who may call what. */
@NullMarked
package org.civitane.server.access;

import org.jspecify.annotations.NullMarked;
