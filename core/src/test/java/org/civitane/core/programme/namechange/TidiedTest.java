package org.civitane.core.programme.namechange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.civitane.core.programme.namechange.Tidied.Fault;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Parts of names, tidied and looked at. */
public class TidiedTest {
    @DataProvider
    Object[][] parts() {
        return new Object[][] {
            {"d'Arvik", Set.of()},
            {"van 't Holm", Set.of()},
            {"Quayle-Strand", Set.of()},
            {"  Anna\u00a0 Lis ", Set.of()},
            {"O\u2019Brien", Set.of()},
            {"Anna--Lis", Set.of(Fault.SEPARATOR)},
            {"Anna - Lis", Set.of(Fault.SEPARATOR)},
            {"Anna-", Set.of(Fault.SEPARATOR)},
            {"Jo'", Set.of(Fault.SEPARATOR)},
            {"A", Set.of(Fault.LENGTH)},
            {"A".repeat(61), Set.of(Fault.LENGTH)},
            {"Run4", Set.of(Fault.CHARACTER)},
            {"Run\u0430", Set.of(Fault.SCRIPT)},
            {"\u0301Runa", Set.of(Fault.MARK)},
            {"x\u0327\u0327\u0327\u0327x", Set.of(Fault.MARK)},
            {"\u042f\u043d\u0430", Set.of()}
        };
    }

    @Test(dataProvider = "parts")
    public void hasJustTheseFaults(String part, Set<Fault> faults) {
        assertThat(Tidied.of(part).faults()).isEqualTo(faults);
    }

    @Test
    public void isTidiedInItsOwnLettersAndCase() {
        assertThat(Tidied.of(" \tAnna\u2010Lis\u3000O\u02bcHara ").text()).isEqualTo("Anna-Lis O'Hara");
        assertThat(Tidied.of("\u00a0\u2003").text()).isEmpty();
    }
}
