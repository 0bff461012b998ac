package org.civitane.server.verification;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.income.PayRhythm;
import org.civitane.core.income.ReconciledSource;

/**
 * The wages of a household in their three views, source by source (rulebook, income reconciliation). All amounts are
 * text with two decimals.
 *
 * @param silent members about whom the wage register has not answered
 */
public record IncomeReview(LocalDate receivedOn, List<Source> sources, List<String> silent) {
    /**
     * One source of wages.
     *
     * @param lines the ids of the income lines that state it
     * @param stated monthly, likewise the others
     * @param accepted what can be used without asking
     */
    public record Source(
            String member,
            String name,
            String employer,
            List<String> lines,
            Optional<String> stated,
            Optional<String> shown,
            Optional<String> onRecord,
            Optional<PayRhythm> rhythm,
            int gaps,
            int stale,
            String hiddenPay,
            ReconciledSource.Verdict verdict,
            Optional<String> accepted,
            List<Slip> slips,
            List<Month> months) {}

    /** One pay slip on the time line. @param stale too old to count */
    public record Slip(
            UUID paper,
            int page,
            LocalDate payDate,
            LocalDate periodStart,
            LocalDate periodEnd,
            String gross,
            Optional<String> ytdGross,
            boolean stale) {}

    /** What the register has for one month. */
    public record Month(String month, String gross) {}
}
