package org.civitane.core.programme.housinglist;

import java.util.List;
import java.util.Map;
import org.civitane.core.fact.Lack;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/** One application for several lists; a place by rules that anyone can check (rulebook, chapter housing waiting lists). */
public final class HousingList implements Programme<HousingListCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("lists", "home"),
            Lack.of("sex", "members/{}/sex"),
            Lack.of("homeless-months", "homelessMonths"),
            Lack.INCOME,
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME);

    public static final String ID = "housing-list";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "WL";
    }

    @Override
    public Class<HousingListCase> caseType() {
        return HousingListCase.class;
    }

    @Override
    public Determination determine(HousingListCase file, PolicyBook book, Reasoning why) {
        return new HousingListRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of("LISTED", Finding.GRANTED, "NOT_TAKEN", Finding.REFUSED, "PENDING", Finding.OPEN);
    }
}
