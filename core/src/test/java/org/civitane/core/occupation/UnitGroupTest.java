package org.civitane.core.occupation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import org.civitane.core.fault.Unreadable;
import org.testng.annotations.Test;

public class UnitGroupTest {
    @Test
    public void theClassificationIsComplete() {
        assertThat(UnitGroup.all()).hasSize(436).allMatch(group -> group.code().matches("[0-9]{4}"));
        assertThat(UnitGroup.all().stream()
                        .collect(Collectors.groupingBy(group -> group.code().charAt(0), Collectors.counting()))
                        .values())
                .containsExactly(3L, 31L, 92L, 84L, 29L, 40L, 18L, 66L, 40L, 33L);
        assertThat(UnitGroup.all()).extracting(UnitGroup::title).allMatch(title -> !title.isBlank());
    }

    @Test
    public void isKnownByItsCode() {
        assertThat(UnitGroup.find("7512"))
                .hasValueSatisfying(
                        group -> assertThat(group.title()).isEqualTo("Bakers, pastry-cooks and confectionery makers"));
        assertThat(UnitGroup.find("7599")).isEmpty();
        assertThat(UnitGroup.parse("7512")).hasToString("7512");
        assertThatThrownBy(() -> UnitGroup.parse("7599")).isInstanceOf(Unreadable.class);
    }
}
