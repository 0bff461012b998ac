package org.civitane.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.civitane.server.platform.PlainText.Fault;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PlainTextTest {
    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"nul\u0000", Fault.CONTROL},
            {"\u0001", Fault.CONTROL},
            {"delete\u007f", Fault.CONTROL},
            {"next line\u0085", Fault.CONTROL},
            {"half \ud83d of a pair", Fault.CONTROL},
            {"\udc00", Fault.CONTROL},
            {"\ufffe", Fault.CONTROL},
            {"\ufdd0", Fault.CONTROL},
            {new String(Character.toChars(0x1FFFF)), Fault.CONTROL},
            {"\u202a", Fault.DIRECTION},
            {"Runa\u202egpj.exe", Fault.DIRECTION},
            {"\u2066", Fault.DIRECTION},
            {"\u2069", Fault.DIRECTION},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeSeenIsRefusedOnOneLineAndOnMany(String text, Fault fault) {
        assertThat(PlainText.faultOf(text, false)).contains(fault);
        assertThat(PlainText.faultOf(text, true)).contains(fault);
    }

    @Test
    public void lineBreaksStandOnlyWhereATextMayHaveThem() {
        for (String text : new String[] {"a\nb", "a\r\nb", "a\tb", "a\u2028b"}) {
            assertThat(PlainText.faultOf(text, true)).isEqualTo(Optional.empty());
            assertThat(PlainText.faultOf(text, false)).contains(Fault.LINE_BREAK);
        }
    }

    @Test
    public void namesOfAllScriptsStand() {
        for (String name :
                new String[] {"Þórunn Åkerdal", "Zoë 😀", "محمد", "שרה", "李小龍", "O’Neill‑Vaz", "ﬁ ½", "नी"}) {
            assertThat(PlainText.faultOf(name, false)).as(name).isEqualTo(Optional.empty());
        }
    }

    @Test
    public void marksThatOnlyLayOutALineAreDropped() {
        assertThat(PlainText.cleaned("\u200Eמ\u200F 4\u061C")).isEqualTo("מ 4");
    }
}
