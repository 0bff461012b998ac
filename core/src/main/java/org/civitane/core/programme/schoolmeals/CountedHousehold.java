package org.civitane.core.programme.schoolmeals;

import java.util.List;

/**
 * The people who count.
 *
 * @param people those not away for too long
 * @param size how many they are, at least 1
 */
record CountedHousehold(List<MealsMember> people, int size) {
    boolean includes(String member) {
        return people.stream().anyMatch(person -> person.id().equals(member));
    }
}
