package org.civitane.core.programme.schoolmeals;

/** What a pupil gets. */
enum MealsResult {
    FREE,
    REDUCED,
    DENIED,
    /** Not decided while something is missing. */
    PENDING
}
