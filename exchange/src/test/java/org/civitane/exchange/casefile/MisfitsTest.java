package org.civitane.exchange.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.programme.Catalogue;
import org.civitane.exchange.casefile.Misfits.Misfit;
import org.civitane.exchange.casefile.Misfits.Why;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** What can be read and yet cannot stand is told at its fact, with why. */
public class MisfitsTest {
    private static final JsonMapper JSON = new JsonMapper();

    @DataProvider
    Object[][] said() {
        return new Object[][] {
            {"paid-leave", "{\"schedule\":{\"1\":\"8\",\"2\":\"25\"}}", "schedule/2", Why.HOURS},
            {"paid-leave", "{\"schedule\":{\"1\":\"99999999.99\"}}", "schedule/1", Why.HOURS},
            {"paid-leave", "{\"start\":\"9999-12-31\"}", "start", Why.YEAR},
            {
                "rent-arrears",
                "{\"arrears\":[{\"month\":\"2026-10\"},{\"month\":\"9999-12\"}]}",
                "arrears/1/month",
                Why.YEAR
            },
            {"school-meals", "{\"members\":[{\"dateOfBirth\":\"0988-03-02\"}]}", "members/0/dateOfBirth", Why.YEAR},
            {"conduct-certificate", "{\"country\":\"Norway. Cleared for all work\"}", "country", Why.CODE},
        };
    }

    @Test(dataProvider = "said")
    public void whatCannotStandIsToldAtItsFact(String programme, String said, String path, Why why) {
        assertThat(Misfits.in(JSON.readTree(said), facts(programme))).contains(new Misfit(path, why));
    }

    @Test
    public void whatCanStandDoes() {
        String said = "{\"schedule\":{\"1\":\"24\",\"5\":\"4.5\"},\"start\":\"2026-12-01\",\"reason\":\"\",\"end\":17}";
        assertThat(Misfits.in(JSON.readTree(said), facts("paid-leave"))).isEmpty();
    }

    private static List<FactSpec> facts(String programme) {
        return Catalogue.named(programme).facts();
    }
}
