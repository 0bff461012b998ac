package org.civitane.server.papers;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import org.civitane.server.papers.looking.Looking;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/**
 * Pages of papers as a person sees them: always a picture made here, never the file as it came. Whoever leafs back sees
 * at once what was made a moment ago; nothing of it outlives the process, and whether one may see it is asked each time.
 */
@Component
class PageViews {
    private static final Duration A_MOMENT = Duration.ofMinutes(10);
    private static final long MOST_BYTES = 16L * 1024 * 1024;

    private final PaperStore store;
    private final Looking looking;
    private final Cache<Page, PageView> made = Caffeine.newBuilder()
            .expireAfterAccess(A_MOMENT)
            .maximumWeight(MOST_BYTES)
            .weigher((Page page, PageView view) -> view.contents().length)
            .build();

    PageViews(PaperStore store, Looking looking) {
        this.store = store;
        this.looking = looking;
    }

    private record Page(String digest, int number) {}

    /** @throws org.civitane.server.platform.Problem when the paper has no such page or it cannot be drawn now */
    PageView of(Paper paper, int page) {
        Page wanted = new Page(paper.digest(), page);
        PageView kept = made.getIfPresent(wanted);
        if (kept != null) {
            return kept;
        }
        PaperFile file = new PaperFile(store.file(paper.digest()), paper.claim().toString(), looking);
        boolean photo = file.mediaType().equals(MediaType.IMAGE_JPEG_VALUE);
        PageView view = new PageView(photo ? MediaType.IMAGE_JPEG : MediaType.IMAGE_PNG, file.view(page));
        made.put(wanted, view);
        return view;
    }
}
