package org.civitane.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.springframework.boot.env.YamlPropertySourceLoader;
import org.springframework.core.io.ClassPathResource;
import org.springframework.util.unit.DataSize;
import org.testng.annotations.Test;

/** What guessing a password costs where nobody says otherwise; other tests spend less on each. */
class PasswordCostTest {
    private static final String PASSWORD = "a password for tests";

    @Test
    void aPasswordIsHashedWithSixteenMebibytesUnlessSomebodySaysOtherwise() throws IOException {
        String memory = new YamlPropertySourceLoader()
                .load("application", new ClassPathResource("application.yaml")).stream()
                        .map(document -> document.getProperty("civitane.password-memory"))
                        .filter(java.util.Objects::nonNull)
                        .map(Object::toString)
                        .findFirst()
                        .orElseThrow();
        assertThat(new Passwords(DataSize.parse(memory)).hash(PASSWORD))
                .startsWith("{argon2}$argon2id$v=19$m=16384,t=2,p=1$");
    }

    @Test
    void whatWasHashedForLessIsOld() {
        Passwords now = new Passwords(DataSize.ofKilobytes(128));
        String before = new Passwords(DataSize.ofKilobytes(64)).hash(PASSWORD);
        assertThat(now.matches(PASSWORD, before)).isTrue();
        assertThat(now.isOld(before)).isTrue();
        assertThat(now.isOld(now.hash(PASSWORD))).isFalse();
    }
}
