package org.civitane.server.platform;

import java.util.Locale;
import org.springframework.context.support.ResourceBundleMessageSource;
import org.springframework.stereotype.Component;

/** The sentences that the server says to people, from {@code messages.properties}. */
@Component
public class Texts {
    private final ResourceBundleMessageSource messages = new ResourceBundleMessageSource();

    public Texts() {
        messages.setBasename("messages");
        messages.setDefaultEncoding("UTF-8");
        messages.setAlwaysUseMessageFormat(true);
        messages.setFallbackToSystemLocale(false);
    }

    /** As {@link #say}, with another sentence where there is none of that key. */
    public String sayOr(String key, String otherwise, Object... places) {
        return messages.getMessage(key, places, say(otherwise, places), Locale.ENGLISH);
    }

    /** A sentence with its places {0}, {1} … filled in. */
    public String say(String key, Object... places) {
        return messages.getMessage(key, places, Locale.ENGLISH);
    }
}
