package org.civitane.server.links;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.Texts;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Forms that came back by post, for staff: the code on a form says which claim it belongs to. */
@RestController
class PostController {
    private final Papers papers;
    private final FormsOnPaper forms;
    private final Claims claims;
    private final Texts texts;

    PostController(Papers papers, FormsOnPaper forms, Claims claims, Texts texts) {
        this.papers = papers;
        this.forms = forms;
        this.claims = claims;
        this.texts = texts;
    }

    /** Where a form went. */
    record FormFiled(UUID claim, String number, String household) {}

    /** The body is the scan itself. */
    @PostMapping("/api/post")
    FormFiled file(HttpServletRequest request, @AuthenticationPrincipal SignedIn who) throws IOException {
        Paper paper = papers.takeByCode(request.getInputStream(), texts.say("paper.form-name"), who, forms::claimOf);
        ClaimView claim = claims.claim(paper.claim());
        return new FormFiled(claim.id(), claim.number(), claim.householdName());
    }
}
