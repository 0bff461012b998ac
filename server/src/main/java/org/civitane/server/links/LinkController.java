package org.civitane.server.links;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.civitane.server.platform.Digest;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * The page that a link leads to, for whoever has the link. The link is sent, never part of an address, so that no list
 * of addresses keeps it.
 */
@RestController
class LinkController {
    private static final String KNOWN = "link-known:";

    private final LinkPages pages;

    LinkController(LinkPages pages) {
        this.pages = pages;
    }

    record Token(@NotNull @Size(max = 100) String token) {}

    record Confirm(
            @NotNull @Size(max = 100) String token,
            @NotNull LocalDate born,
            @NotNull @Size(max = 20) String proof) {}

    record Saying(
            @NotNull @Size(max = 100) String token,
            @NotNull @Valid Said said) {}

    /** Whether it was right, and the page as it is then. */
    record Confirmed(boolean right, LinkPage page) {}

    @PostMapping("/api/link")
    LinkPage open(@RequestBody @Valid Token link, HttpServletRequest request) {
        return pages.page(link.token(), isKnown(request, link.token()));
    }

    @PostMapping("/api/link/confirm")
    Confirmed confirm(@RequestBody @Valid Confirm wish, HttpServletRequest request) {
        boolean right = pages.confirm(wish.token(), new LinkPages.Who(wish.born(), wish.proof()));
        if (right) {
            request.getSession().setAttribute(KNOWN + Digest.of(wish.token()), true);
        }
        return new Confirmed(right, pages.page(wish.token(), isKnown(request, wish.token())));
    }

    @PostMapping("/api/link/code")
    LinkPage code(@RequestBody @Valid Token link, HttpServletRequest request) {
        pages.sendCode(link.token());
        return open(link, request);
    }

    @PostMapping("/api/link/begun")
    LinkPage keep(@RequestBody @Valid Saying wish, HttpServletRequest request) {
        pages.keep(wish.token(), wish.said(), isKnown(request, wish.token()));
        return pages.page(wish.token(), isKnown(request, wish.token()));
    }

    @PostMapping("/api/link/answer")
    LinkPage answer(@RequestBody @Valid Saying wish, HttpServletRequest request) {
        return pages.answer(wish.token(), wish.said(), isKnown(request, wish.token()));
    }

    /** Only whoever has said who they are has a session. */
    private static boolean isKnown(HttpServletRequest request, String token) {
        HttpSession session = request.getSession(false);
        return session != null && session.getAttribute(KNOWN + Digest.of(token)) != null;
    }
}
