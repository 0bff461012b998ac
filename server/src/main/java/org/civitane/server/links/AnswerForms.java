package org.civitane.server.links;

import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.civitane.core.question.Question;
import org.civitane.server.asks.Ask;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.SquareCode;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** The page behind a link as a form on paper, filled in as far as it is known; its code leads it back to its ask. */
@Component
class AnswerForms {
    private final Links links;
    private final LinkPages pages;
    private final Pdf pdf;
    private final Texts texts;
    private final AgencyClock clock;

    AnswerForms(Links links, LinkPages pages, Pdf pdf, Texts texts, AgencyClock clock) {
        this.clock = clock;
        this.links = links;
        this.pages = pages;
        this.pdf = pdf;
        this.texts = texts;
    }

    /** The form for an ask, as PDF. Each has a code of its own, which is a link as well where it is on paper. */
    byte[] of(Ask ask, Link.Way way) {
        LinkPage page = pages.onPaper(ask);
        String link = links.make(ask, way);
        Map<String, Object> form = new HashMap<>();
        form.put("title", page.title());
        form.put("you", page.you());
        form.put("programme", page.programme());
        form.put("about", page.about());
        form.put("due", texts.say("form.due", DayText.date(page.dueOn()), page.then()));
        form.put("shown", page.shown());
        form.put("asked", page.asked());
        form.put("months", monthsBack());
        form.put("signs", ask.kind() == Ask.Kind.SIGNATURE);
        form.put("code", SquareCode.inline(link));
        form.put("opens", way == Link.Way.PAPER);
        return pdf.of("answer-form", form);
    }

    /** The twelve months before this one, the last first, as a page by a link has them. */
    private List<String> monthsBack() {
        return IntStream.rangeClosed(1, Question.MONTHS_BACK)
                .mapToObj(YearMonth.from(clock.today())::minusMonths)
                .map(DateTimeFormatter.ofPattern("MMMM uuuu", Locale.ENGLISH)::format)
                .toList();
    }
}
