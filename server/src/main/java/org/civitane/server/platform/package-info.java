/** What every capability stands on: the clock, problem details, JSON columns and texts. */
@NullMarked
@ApplicationModule(type = ApplicationModule.Type.OPEN)
package org.civitane.server.platform;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
