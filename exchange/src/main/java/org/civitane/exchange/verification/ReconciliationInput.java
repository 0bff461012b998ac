package org.civitane.exchange.verification;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.income.PaySlip;
import org.civitane.core.income.Reconciliation;
import org.civitane.core.income.StatedWages;
import org.civitane.core.income.WageRegister;

/** What an income reconciliation is given, as it stands in JSON. */
public record ReconciliationInput(
        LocalDate receivedOn, List<StatedWages> stated, List<PaySlip> slips, Register register) {
    /** The wage register's answer: {@code unavailable}, or what it has. */
    public record Register(boolean unavailable, List<WageRegister.Entry> months) {}

    Reconciliation reconciliation() {
        WageRegister answer =
                register.unavailable() ? new WageRegister.Unavailable() : new WageRegister.Answer(register.months());
        return new Reconciliation(receivedOn, stated, slips, answer);
    }
}
