package org.civitane.core.programme.housinglist;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.programme.housinglist.HousingMember.Sex;

/**
 * The fewest rooms for all children, one or two to a room (chapter, Bedrooms). The young and the expected share with each
 * other as they like; an older girl or boy shares with one of the same sex of any age, or with an expected child. So older
 * girls are put together first, then older boys; the one girl and the one boy who may be left take a young one of their
 * sex, else an expected one; the young and expected who are then left share among themselves. No way needs fewer: each of
 * the two who may be left takes one who could have saved at most that room elsewhere.
 */
final class ChildrensRooms {
    private static final int TWO = 2;

    private int olderGirls;
    private int olderBoys;
    private int alone;
    private int youngGirls;
    private int youngBoys;
    private int otherYoung;
    private int expected;

    private ChildrensRooms(int expected) {
        this.expected = expected;
    }

    /** @param shareUnder the age under which all share */
    static int fewest(List<HousingMember> children, int expected, int shareUnder, LocalDate receivedOn) {
        ChildrensRooms rooms = new ChildrensRooms(expected);
        for (HousingMember child : children) {
            rooms.count(child.sex().orElse(Sex.X), child.ageOn(receivedOn) < shareUnder);
        }
        return rooms.fewest();
    }

    private void count(Sex sex, boolean young) {
        switch (sex) {
            case F -> {
                olderGirls += young ? 0 : 1;
                youngGirls += young ? 1 : 0;
            }
            case M -> {
                olderBoys += young ? 0 : 1;
                youngBoys += young ? 1 : 0;
            }
            case X -> {
                alone += young ? 0 : 1;
                otherYoung += young ? 1 : 0;
            }
        }
    }

    private int fewest() {
        int rooms = alone + olderGirls / TWO + olderBoys / TWO;
        if (olderGirls % TWO > 0) {
            rooms++;
            if (youngGirls > 0) {
                youngGirls--;
            } else if (expected > 0) {
                expected--;
            }
        }
        if (olderBoys % TWO > 0) {
            rooms++;
            if (youngBoys > 0) {
                youngBoys--;
            } else if (expected > 0) {
                expected--;
            }
        }
        int left = youngGirls + youngBoys + otherYoung + expected;
        return rooms + (left + 1) / TWO;
    }
}
