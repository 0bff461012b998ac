package org.civitane.server.platform;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/**
 * How long browsers may keep what the screens are made of: files that carry their contents in their name for a year, the
 * page that names them never without asking. Whoever understands Brotli gets them as the build compressed them, once and
 * with patience.
 */
@Configuration(proxyBeanMethods = false)
class PageFiles implements WebMvcConfigurer {
    private static final Duration YEAR = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry files) {
        files.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/META-INF/resources/assets/")
                .setCacheControl(CacheControl.maxAge(YEAR).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver());
    }
}
