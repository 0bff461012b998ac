package org.civitane.server.verification;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Member;
import org.civitane.core.income.PaySlip;
import org.civitane.core.income.ReconciledSource;
import org.civitane.core.income.Reconciliation;
import org.civitane.core.income.StatedWages;
import org.civitane.core.income.WageRegister;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterRequest;

/** Reconciles the wages that a household states with what its papers show and what the wage register has. */
final class Incomes {
    private static final int STALE_DAYS = 92;

    private final CaseFile file;
    private final List<SeenPapers.Slip> slips;
    private final List<WageRegister.Entry> entries;
    private final List<String> silent;

    Incomes(CaseFile file, SeenPapers papers, List<RegisterRequest> requests) {
        this.file = file;
        this.slips = papers.slips();
        List<RegisterRequest> aboutWages = requests.stream()
                .filter(request -> request.register() == Register.WAGES)
                .toList();
        this.entries = aboutWages.stream().flatMap(Incomes::entries).toList();
        this.silent = aboutWages.stream()
                .filter(request -> request.answer().isEmpty())
                .map(RegisterRequest::subject)
                .toList();
    }

    IncomeReview review() {
        List<StatedWages> stated = new ArrayList<>();
        for (IncomeLine line : file.incomes()) {
            if (line.kind() == IncomeKind.WAGES) {
                stated.add(
                        new StatedWages(line.id(), line.member(), employerOf(line), line.amount(), line.frequency()));
            }
        }
        Reconciliation reconciliation = new Reconciliation(
                file.receivedOn(),
                stated,
                slips.stream().map(SeenPapers.Slip::slip).toList(),
                new WageRegister.Answer(entries));
        return new IncomeReview(
                file.receivedOn(),
                reconciliation.sources().stream()
                        .map(source -> source(source, stated))
                        .toList(),
                silent);
    }

    /** Where no employer is stated and the other views know just one, it is that one. */
    private String employerOf(IncomeLine line) {
        return line.employer().orElseGet(() -> {
            List<String> known = Stream.concat(
                            slips.stream()
                                    .map(SeenPapers.Slip::slip)
                                    .filter(slip -> slip.member().equals(line.member()))
                                    .map(PaySlip::employer),
                            entries.stream()
                                    .filter(entry -> entry.member().equals(line.member()))
                                    .map(WageRegister.Entry::employer))
                    .toList();
            boolean one = !known.isEmpty()
                    && known.stream().allMatch(each -> Reconciliation.isSameEmployer(each, known.getFirst()));
            return one ? known.getFirst() : "-";
        });
    }

    private IncomeReview.Source source(ReconciledSource source, List<StatedWages> stated) {
        return new IncomeReview.Source(
                source.member(),
                nameOf(source.member()),
                source.employer(),
                stated.stream()
                        .filter(line -> isOf(source, line.member(), line.employer()))
                        .map(StatedWages::id)
                        .toList(),
                source.stated().map(Money::toString),
                source.shown().map(Money::toString),
                source.onRecord().map(Money::toString),
                source.rhythm(),
                source.gaps(),
                source.stale(),
                source.hiddenPay().toString(),
                source.verdict(),
                source.accepted().map(Money::toString),
                slips.stream()
                        .filter(each ->
                                isOf(source, each.slip().member(), each.slip().employer()))
                        .map(this::slip)
                        .toList(),
                entries.stream()
                        .filter(entry -> isOf(source, entry.member(), entry.employer()))
                        .map(entry -> new IncomeReview.Month(
                                entry.month().toString(), entry.gross().toString()))
                        .toList());
    }

    private IncomeReview.Slip slip(SeenPapers.Slip seen) {
        PaySlip slip = seen.slip();
        LocalDate oldest = file.receivedOn().minusDays(STALE_DAYS);
        return new IncomeReview.Slip(
                seen.paper(),
                seen.page(),
                slip.payDate(),
                slip.periodStart(),
                slip.periodEnd(),
                slip.gross().toString(),
                slip.ytdGross().map(Money::toString),
                slip.periodEnd().isBefore(oldest));
    }

    private String nameOf(String member) {
        return file.members().stream()
                .filter(each -> each.id().equals(member))
                .map(Member::name)
                .map(name -> name.full())
                .findFirst()
                .orElse(member);
    }

    private static boolean isOf(ReconciledSource source, String member, String employer) {
        return source.member().equals(member) && Reconciliation.isSameEmployer(source.employer(), employer);
    }

    private static Stream<WageRegister.Entry> entries(RegisterRequest request) {
        return request.answer().stream()
                .flatMap(answer -> answer.path("months").valueStream())
                .map(month -> new WageRegister.Entry(
                        request.subject(),
                        month.path("employer").asString("-"),
                        YearMonth.parse(month.path("month").asString()),
                        Money.parse(month.path("gross").asString())));
    }
}
