package org.civitane.server.platform;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/** Serves the one page that all screens live in, whatever screen the address names; anyone may load it. */
@Controller
class PageController {
    @GetMapping({
        "/",
        "/sign-in",
        "/sign-up",
        "/programmes/**",
        "/apply/**",
        "/my/**",
        "/day-sheet",
        "/desk",
        "/claims/**",
        "/rulebook",
        "/outside",
        "/misuse"
    })
    String page() {
        return "forward:/index.html";
    }

    record Health(String status) {}

    @GetMapping("/api/health")
    @ResponseBody
    Health health() {
        return new Health("answers");
    }
}
