package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.ledger.Ledger;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** Whatever people do with their fees on whatever days, the books balance on each of them. */
public class LedgerTest extends CertificateStories {
    private static final int STORIES = 12;
    private static final Money FEE = Money.parse("48");

    @Autowired
    private Ledger ledger;

    @Test
    public void overRandomDaysTheBooksBalanceAndTheBankHasWhatWasPaid() throws Exception {
        Random random = new Random(20261126);
        List<UUID> claims = new ArrayList<>();
        Money inTheBank = Money.ZERO;
        Money owed = Money.ZERO;
        for (int i = 0; i < STORIES; i++) {
            people();
            ClaimView claim = grantedBefore(random.nextInt(20));
            claims.add(claim.id());
            switch (random.nextInt(5)) {
                case 0 -> owed = owed.plus(FEE);
                case 1 -> {
                    did(payPage(claim), "twice");
                    inTheBank = inTheBank.plus(FEE);
                }
                case 2 -> {
                    did(payPage(claim), "less");
                    await(
                            "it went back",
                            () -> ledger.of(claim.id())
                                    .getOrDefault(Ledger.Account.BANK, FEE)
                                    .equals(Money.ZERO));
                    owed = owed.plus(FEE);
                }
                case 3 -> {
                    did(payPage(claim), "refuse");
                    did(payPage(claim), "pay");
                    inTheBank = inTheBank.plus(FEE);
                }
                default -> {
                    lapseNow(claim, Ask.Kind.FEE, "max");
                    await(
                            "it lapsed",
                            () -> ledger.of(claim.id()).values().stream().allMatch(Money.ZERO::equals));
                }
            }
            assertThat(of(claims, Ledger.Account.BANK)).isEqualTo(inTheBank);
            assertThat(of(claims, Ledger.Account.FEES_OWED)).isEqualTo(owed);
            assertThat(of(claims, Ledger.Account.UNMATCHED)).isEqualTo(Money.ZERO);
            assertThat(daysThatDoNotBalance()).isEmpty();
        }
    }

    private ClaimView grantedBefore(int days) {
        return clock.at(clock.localNow().minusDays(days), () -> {
            try {
                return granted();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    private Money of(List<UUID> claims, Ledger.Account account) {
        return claims.stream()
                .map(claim -> ledger.of(claim).getOrDefault(account, Money.ZERO))
                .reduce(Money.ZERO, Money::plus);
    }

    private List<String> daysThatDoNotBalance() {
        return database.sql("select day::text from ledger_line group by day having sum(cents) <> 0")
                .query(String.class)
                .list();
    }
}
