package org.civitane.core.programme.schoolmeals;

/** Why a pupil gets it. */
enum MealsBasis {
    LINKED_BENEFIT,
    FOSTER,
    INCOME
}
