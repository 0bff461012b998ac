package org.civitane.core.programme.housinglist;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.programme.housinglist.HousingMember.Sex;
import org.testng.annotations.Test;

/** The fewest rooms, beside a search through every way of putting children together. */
public class ChildrensRoomsTest {
    private static final LocalDate RECEIVED = LocalDate.of(2026, 9, 14);
    private static final int SHARE_UNDER = 7;

    /** @param age empty for one that is expected */
    private record Child(Optional<Integer> age, Sex sex) {
        boolean isYoung() {
            return age.map(years -> years < SHARE_UNDER).orElse(true);
        }

        private boolean hasSex() {
            return age.isEmpty() || sex != Sex.X;
        }

        boolean mayShareWith(Child other) {
            boolean bothYoung = isYoung() && other.isYoung();
            boolean sameSex = age.isPresent() && other.age.isPresent() && sex == other.sex && sex != Sex.X;
            boolean withExpected = age.isEmpty() && other.hasSex() || other.age.isEmpty() && hasSex();
            return bothYoung || sameSex || withExpected;
        }
    }

    @Test
    public void agreesWithASearchThroughEveryWay() {
        Random random = new Random(11);
        for (int i = 0; i < 20_000; i++) {
            List<Child> children = new ArrayList<>();
            for (int j = random.nextInt(8); j > 0; j--) {
                Sex sex = Sex.values()[random.nextInt(3)];
                children.add(
                        new Child(random.nextInt(6) == 0 ? Optional.empty() : Optional.of(random.nextInt(18)), sex));
            }
            assertThat(fewest(children)).as(children.toString()).isEqualTo(searched(children));
        }
    }

    @Test
    public void asTheChapterHasIt() {
        List<Child> five = List.of(born(16, Sex.F), born(8, Sex.F), born(8, Sex.M), born(5, Sex.M), expected());
        assertThat(fewest(five)).isEqualTo(3);
        assertThat(fewest(List.of(born(16, Sex.F), born(8, Sex.F), born(8, Sex.M), expected())))
                .isEqualTo(2);
    }

    private static Child born(int age, Sex sex) {
        return new Child(Optional.of(age), sex);
    }

    private static Child expected() {
        return new Child(Optional.empty(), Sex.X);
    }

    private static int fewest(List<Child> children) {
        List<HousingMember> born = children.stream()
                .filter(child -> child.age().isPresent())
                .map(child -> new HousingMember(
                        "m",
                        "A",
                        "B",
                        RECEIVED.minusYears(child.age().get()),
                        Relationship.CHILD,
                        false,
                        false,
                        false,
                        Optional.empty(),
                        Optional.of(child.sex())))
                .toList();
        return ChildrensRooms.fewest(born, children.size() - born.size(), SHARE_UNDER, RECEIVED);
    }

    /** The first child has a room alone, or with each other in turn; the rest likewise. */
    private static int searched(List<Child> children) {
        if (children.isEmpty()) {
            return 0;
        }
        Child first = children.getFirst();
        List<Child> rest = children.subList(1, children.size());
        int fewest = 1 + searched(rest);
        for (int i = 0; i < rest.size(); i++) {
            if (first.mayShareWith(rest.get(i))) {
                List<Child> others = new ArrayList<>(rest);
                others.remove(i);
                fewest = Math.min(fewest, 1 + searched(others));
            }
        }
        return fewest;
    }
}
